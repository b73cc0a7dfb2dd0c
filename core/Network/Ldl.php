<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/**
 * Sparse LDLᵀ without pivoting for a symmetric positive definite matrix whose pattern stays and whose numbers change
 * (up-looking, after T. A. Davis, "Algorithm 849: a concise sparse Cholesky factorization package", 2005).
 */
final class Ldl
{
    /** @var array<int, int> order[k] = node eliminated k-th */
    private array $order;

    /** @var array<int, int> */
    private array $place = [];

    /** @var array<int, int> parent in the elimination tree, −1 at a root */
    private array $parent = [];

    /** @var array<int, int> start of each column of L */
    private array $start = [];

    /** @var list<array<int, int>> rows above the diagonal per column of the permuted matrix */
    private array $above = [];

    /** @var array<int, int> packed pair -> slot number */
    private array $slots = [];

    /** @var list<array<int, int>> slot number of each entry of */
    private array $aboveSlot = [];

    /** @var array<int, int> */
    private array $li = [];

    /** @var array<int, float> */
    private array $lx = [];

    /** @var array<int, float> */
    private array $d = [];

    public int $slotCount = 0;

    /** @param  list<array{int, int}>  $pairs off-diagonal places; repeated ones share a slot */
    public function __construct(private readonly int $n, array $pairs)
    {
        $this->order = MinimumDegree::order($n, $pairs);
        $this->place = array_fill(0, $n, 0);
        foreach ($this->order as $k => $v) {
            $this->place[$v] = $k;
        }
        $this->above = $this->aboveSlot = array_fill(0, $n, []);
        foreach ($pairs as [$i, $j]) {
            $key = $this->key($i, $j);
            if (! isset($this->slots[$key])) {
                $this->slots[$key] = $this->slotCount++;
                [$a, $b] = [$this->place[$i], $this->place[$j]];
                $this->above[max($a, $b)][] = min($a, $b);
                $this->aboveSlot[max($a, $b)][] = $this->slots[$key];
            }
        }
        $this->symbolic();
    }

    /** Number under which the value of place (i, j) is handed to factor(). */
    public function slot(int $i, int $j): int
    {
        return $this->slots[$this->key($i, $j)];
    }

    private function key(int $i, int $j): int
    {
        return $i > $j ? $i * $this->n + $j : $j * $this->n + $i;
    }

    private function symbolic(): void
    {
        $this->parent = array_fill(0, $this->n, -1);
        $flag = array_fill(0, $this->n, -1);
        $count = array_fill(0, $this->n, 0);
        for ($k = 0; $k < $this->n; $k++) {
            $flag[$k] = $k;
            foreach ($this->above[$k] as $i) {
                for (; $flag[$i] !== $k; $i = $this->parent[$i]) {
                    if ($this->parent[$i] < 0) {
                        $this->parent[$i] = $k;
                    }
                    $count[$i]++;
                    $flag[$i] = $k;
                }
            }
        }
        $this->start = [0];
        foreach ($count as $c) {
            $this->start[] = end($this->start) + $c;
        }
        $this->li = array_fill(0, max(1, end($this->start)), 0);
        $this->lx = array_fill(0, max(1, end($this->start)), 0.0);
    }

    /**
     * @param  array<int, float>  $diagonal  by node
     * @param  array<int, float>  $off  by slot
     */
    public function factor(array $diagonal, array $off): void
    {
        [$n, $li, $lx, $start, $parent] = [$this->n, $this->li, $this->lx, $this->start, $this->parent];
        $this->li = $this->lx = [];
        /** @var array<int, float> $y */
        $y = array_fill(0, $n, 0.0);
        $d = $y;
        $filled = array_fill(0, $n, 0);
        $flag = array_fill(0, $n, -1);
        $pattern = array_fill(0, $n, 0);
        for ($k = 0; $k < $n; $k++) {
            $top = $n;
            $flag[$k] = $k;
            foreach ($this->above[$k] as $e => $i) {
                $y[$i] += $off[$this->aboveSlot[$k][$e]];
                $path = [];
                for (; $flag[$i] !== $k; $i = $parent[$i]) {
                    $path[] = $i;
                    $flag[$i] = $k;
                }
                for ($e2 = count($path) - 1; $e2 >= 0; $e2--) {
                    $pattern[--$top] = $path[$e2];
                }
            }
            $full = $pivot = $diagonal[$this->order[$k]];
            for (; $top < $n; $top++) {
                $i = $pattern[$top];
                $yi = $y[$i];
                $y[$i] = 0.0;
                $p = $start[$i];
                for ($end = $p + $filled[$i]; $p < $end; $p++) {
                    $y[$li[$p]] -= $lx[$p] * $yi;
                }
                $l = $yi / $d[$i];
                $pivot -= $l * $yi;
                $li[$p] = $k;
                $lx[$p] = $l;
                $filled[$i]++;
            }
            if (! ($pivot > 1e-14 * $full)) {
                // A piece no conductance of weight holds (between open contacts, behind a blocking diode) stays where it is.
                $pivot = $full;
            }
            $d[$k] = $pivot;
        }
        [$this->li, $this->lx, $this->d] = [$li, $lx, $d];
    }

    /**
     * @param  array<int, float>  $b  right side by node
     * @return array<int, float> solution by node
     */
    public function solve(array $b): array
    {
        $x = [];
        foreach ($this->order as $v) {
            $x[] = $b[$v];
        }
        [$n, $li, $lx, $start] = [$this->n, $this->li, $this->lx, $this->start];
        for ($k = 0; $k < $n; $k++) {
            for ($p = $start[$k], $end = $start[$k + 1]; $p < $end; $p++) {
                $x[$li[$p]] -= $lx[$p] * $x[$k];
            }
        }
        for ($k = $n - 1; $k >= 0; $k--) {
            $sum = $x[$k] / $this->d[$k];
            for ($p = $start[$k], $end = $start[$k + 1]; $p < $end; $p++) {
                $sum -= $lx[$p] * $x[$li[$p]];
            }
            $x[$k] = $sum;
        }
        $out = $b;
        foreach ($this->order as $k => $v) {
            $out[$v] = $x[$k];
        }

        return $out;
    }
}
