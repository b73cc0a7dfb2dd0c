<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Quantity\Extreme;

/** Any number of channels (two and four in practice): the block sweep with loops over the rows. */
final class TailOfMany extends Tail
{
    /** @var array<int, float> */
    private array $g = [];

    /** @var array<int, array<int, float>> */
    private array $m = [];

    protected function prepare(): void
    {
        $this->g = Blocks::rails($this->ohm, $this->commonOhm);
        $this->rho = $this->res = array_fill(0, count($this->channels) * $this->units, 0.0);
        $this->m = array_fill(0, $this->units, []);
    }

    protected function through(array $mark): void
    {
        $n = count($this->channels);
        $y = array_fill(0, intdiv($n * ($n + 1), 2), 0.0);
        $s = $out = array_fill(0, $n, 0.0);
        $this->worst = 0.0;
        for ($k = $this->units - 1; $k >= 0; $k--) {
            $scale = $k > 0 ? 1.0 : 2.0;
            $rail = array_map(fn (float $g): float => $scale * $g, $this->g);
            $flow = [];
            for ($c = 0; $c < $n; $c++) {
                $flow[$c] = 0.0;
                for ($e = 0; $e < $n; $e++) {
                    $inner = $k > 0 ? $this->u[($k - 1) * $n + $e] : $mark[$e];
                    $flow[$c] += $rail[Blocks::at($c, $e)] * ($this->u[$k * $n + $e] - $inner);
                }
            }
            for ($c = 0; $c < $n; $c++) {
                $i = $k * $n + $c;
                [$amps, $slope] = $this->laws[$c]->at($this->u[$i]);
                $this->res[$i] = $out[$c] - $amps - $flow[$c];
                $this->worst = max($this->worst, abs($this->res[$i]));
                $y[Blocks::at($c, $c)] += $slope;
                $s[$c] += $this->res[$i];
                $this->rho[$i] = $s[$c];
            }
            $out = $flow;
            $m = Blocks::inverse(array_map(fn (float $a, float $b): float => $a + $b, $y, $rail), $n);
            $this->m[$k] = $m;
            [$y, $s] = $this->inward($y, $s, $m, $n);
        }
        $this->y = $y;
        $this->fold = $s;
        $this->amps = array_map(fn (float $f): float => -$f, $out);
        $this->floor =
            64.0 *
            PHP_FLOAT_EPSILON *
            6.0 *
            Extreme::greatest($this->g) *
            $n *
            Extreme::greatest(array_map(abs(...), $this->u));
    }

    /**
     * One pitch toward the mark: Y − Y·M·Y and s − Y·M·s.
     *
     * @param  array<int, float>  $y
     * @param  array<int, float>  $s
     * @param  array<int, float>  $m
     * @return array{array<int, float>, array<int, float>}
     */
    private function inward(array $y, array $s, array $m, int $n): array
    {
        $nextY = $y;
        $nextS = $s;
        for ($i = 0; $i < $n; $i++) {
            $row = [];
            for ($j = 0; $j < $n; $j++) {
                $row[$j] = 0.0;
                for ($k = 0; $k < $n; $k++) {
                    $row[$j] += $y[Blocks::at($i, $k)] * $m[Blocks::at($k, $j)];
                }
                $nextS[$i] -= $row[$j] * $s[$j];
            }
            for ($j = 0; $j <= $i; $j++) {
                for ($k = 0; $k < $n; $k++) {
                    $nextY[Blocks::at($i, $j)] -= $row[$k] * $y[Blocks::at($k, $j)];
                }
            }
        }

        return [array_values($nextY), array_values($nextS)];
    }

    protected function back(array $markStep): float
    {
        $n = count($this->channels);
        $dec = 0.0;
        $before = array_map(fn (float $x): float => 2.0 * $x, $markStep);
        for ($k = 0; $k < $this->units; $k++) {
            $push = [];
            for ($c = 0; $c < $n; $c++) {
                $push[$c] = $this->rho[$k * $n + $c];
                for ($e = 0; $e < $n; $e++) {
                    $push[$c] += $this->g[Blocks::at($c, $e)] * $before[$e];
                }
            }
            for ($c = 0; $c < $n; $c++) {
                $before[$c] = 0.0;
                for ($e = 0; $e < $n; $e++) {
                    $before[$c] += $this->m[$k][Blocks::at($c, $e)] * $push[$e];
                }
                $this->d[$k * $n + $c] = $before[$c];
                $dec += $this->res[$k * $n + $c] * $before[$c];
            }
        }

        return $dec;
    }
}
