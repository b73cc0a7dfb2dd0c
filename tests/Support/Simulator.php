<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/**
 * Reads a circuit description (R, V, I, D, E, B, .model) and finds its operating point: modified nodal analysis, Newton's method,
 * elimination by rows. Written for the tests alone and from the syntax alone: nothing of core is used here.
 */
final class Simulator
{
    private const KELVIN_OVER_Q = 8.617333262e-5 * 298.15;

    /** @var list<array{string, list<string>, string}> letter and name, nodes, rest */
    private array $elements = [];

    /** @var array<string, array<string, float>> */
    private array $models = [];

    /** @var array<string, int> node or V-source => unknown */
    private array $unknown = [];

    /** @var array<string, string> element => the comment before it */
    public array $comments = [];

    /** @var array<int, float> */
    private array $x = [];

    public int $steps = 0;

    public function __construct(string $text)
    {
        $comment = '';
        $lines = explode("\n", trim($text));
        foreach (array_slice($lines, 1) as $line) {
            $words = preg_split('/\s+/', trim($line)) ?: [];
            $head = $words[0];
            if ($head === '' || $head[0] === '*') {
                $comment = trim(substr($line, 1));
            } elseif (strtolower($head) === '.model') {
                preg_match_all('/(\w+)=(\S+?)(?=[\s)])/', $line, $m, PREG_SET_ORDER);
                foreach ($m as [, $name, $value]) {
                    $this->models[$words[1]][strtoupper($name)] = (float) $value;
                }
            } elseif ($head[0] !== '.') {
                $this->comments[$head] = $comment;
                $count = strtoupper($head[0]) === 'E' ? 4 : 2;
                $this->elements[] = [
                    $head,
                    array_slice($words, 1, $count),
                    implode(' ', array_slice($words, 1 + $count)),
                ];
            }
        }
        foreach ($this->elements as [$name, $nodes]) {
            foreach ($nodes as $node) {
                if ($node !== '0') {
                    $this->unknown[$node] ??= count($this->unknown);
                }
            }
            if (in_array(strtoupper($name[0]), ['V', 'E'], true)) {
                $this->unknown["#{$name}"] = count($this->unknown);
            }
        }
        $this->solve();
    }

    public function nodes(): int
    {
        return count($this->unknown);
    }

    /** @return array<string, float> */
    public function volts(): array
    {
        $volts = ['0' => 0.0];
        foreach ($this->unknown as $name => $k) {
            if ($name[0] !== '#') {
                $volts[$name] = $this->x[$k];
            }
        }

        return $volts;
    }

    /** Amps through a resistor, from its first node to its second. */
    public function through(string $resistor): float
    {
        foreach ($this->elements as [$name, $nodes, $rest]) {
            if ($name === $resistor) {
                return ($this->v($nodes[0]) - $this->v($nodes[1])) / (float) $rest;
            }
        }
        throw new RuntimeException("no {$resistor}");
    }

    private function v(string $node): float
    {
        return $node === '0' ? 0.0 : $this->x[$this->unknown[$node]];
    }

    private function solve(): void
    {
        $this->x = array_fill(0, count($this->unknown), 0.0);
        for ($this->steps = 1; $this->steps < 300; $this->steps++) {
            [$rows, $rhs] = $this->linearised();
            $next = self::eliminate($rows, $rhs);
            $change = 0.0;
            foreach ($next as $k => $value) {
                $d = max(-8.0, min(8.0, $value - $this->x[$k]));
                $change = max($change, abs($d) / (1.0 + abs($value)));
                $this->x[$k] += $d;
            }
            // Where a node hangs on a leak alone the last digits never rest.
            if ($change < ($this->steps < 40 ? 1e-12 : 1e-8)) {
                return;
            }
        }
        throw new RuntimeException('no operating point');
    }

    /** @return array{array<int, array<int, float>>, array<int, float>} */
    private function linearised(): array
    {
        $rows = array_fill(0, count($this->unknown), []);
        $rhs = array_fill(0, count($this->unknown), 0.0);
        $add = function (string $row, string $column, float $value) use (&$rows): void {
            if ($row !== '0' && $column !== '0') {
                [$i, $j] = [$this->unknown[$row], $this->unknown[$column]];
                $rows[$i][$j] = ($rows[$i][$j] ?? 0.0) + $value;
            }
        };
        $push = function (string $row, float $value) use (&$rhs): void {
            if ($row !== '0') {
                $rhs[$this->unknown[$row]] += $value;
            }
        };
        // A branch whose amps are i + g·(u − u0), from its first node to its second.
        $branch = function (string $a, string $b, float $g, float $i0) use ($add, $push): void {
            $add($a, $a, $g);
            $add($b, $b, $g);
            $add($a, $b, -$g);
            $add($b, $a, -$g);
            $push($a, -$i0);
            $push($b, $i0);
        };
        foreach ($this->elements as [$name, $nodes, $rest]) {
            [$a, $b] = $nodes;
            $u = $this->v($a) - $this->v($b);
            switch (strtoupper($name[0])) {
                case 'R':
                    $branch($a, $b, 1.0 / (float) $rest, 0.0);
                    break;
                case 'I':
                    $branch($a, $b, 0.0, (float) preg_replace('/^DC /', '', $rest));
                    break;
                case 'D':
                    [$i, $g] = $this->diode($this->models[$rest], $u);
                    $branch($a, $b, $g, $i - $g * $u);
                    break;
                case 'V':
                case 'E':
                    $add($a, "#{$name}", 1.0);
                    $add($b, "#{$name}", -1.0);
                    $add("#{$name}", $a, 1.0);
                    $add("#{$name}", $b, -1.0);
                    if ($name[0] === 'V') {
                        $push("#{$name}", (float) preg_replace('/^DC /', '', $rest));
                    } else {
                        $add("#{$name}", $nodes[2], -(float) $rest);
                        $add("#{$name}", $nodes[3], (float) $rest);
                    }
                    break;
                case 'B':
                    $this->behaviour($a, $b, substr($rest, 2), $add, $push);
                    break;
            }
        }

        return [$rows, $rhs];
    }

    /**
     * Amps and slope of a junction with its series resistance: the junction's own volts by bisection, then Newton.
     *
     * @param  array<string, float>  $m
     * @return array{float, float}
     */
    private function diode(array $m, float $u): array
    {
        [$is, $vt, $rs] = [$m['IS'], $m['N'] * self::KELVIN_OVER_Q, $m['RS']];
        [$low, $high] = [min($u, 0.0), max($u, 0.0)];
        if ($u > 0.0) {
            // No more than where the junction alone would carry what the resistance alone allows.
            $high = min($u, $vt * log(1.0 + $u / ($rs * $is)));
        }
        $j = $high;
        for ($n = 0; $n < 200; $n++) {
            $f = $j + $rs * $is * (exp($j / $vt) - 1.0) - $u;
            $f > 0.0 ? ($high = $j) : ($low = $j);
            $step = $f / (1.0 + (($rs * $is) / $vt) * exp($j / $vt));
            $next = $j - $step;
            $next = $next <= $low || $next >= $high ? ($low + $high) / 2.0 : $next;
            if (abs($next - $j) <= 1e-16 * max(1.0, abs($j))) {
                break;
            }
            $j = $next;
        }
        $g = ($is / $vt) * exp($j / $vt);

        return [$is * (exp($j / $vt) - 1.0), $g / (1.0 + $g * $rs)];
    }

    private function behaviour(string $a, string $b, string $formula, callable $add, callable $push): void
    {
        $i = $this->value($formula);
        preg_match_all('/V\((\w+),(\w+)\)|I\((\w+)\)/', $formula, $m, PREG_SET_ORDER);
        $controls = [];
        foreach ($m as $w) {
            foreach (isset($w[3]) ? ["#{$w[3]}"] : [$w[1], $w[2]] as $control) {
                $controls[$control] = $control;
            }
        }
        $rest = $i;
        foreach ($controls as $control) {
            if ($control === '0') {
                continue;
            }
            $k = $this->unknown[$control];
            $was = $this->x[$k];
            $h = 1e-6 * max(1e-3, abs($was));
            $this->x[$k] = $was + $h;
            $up = $this->value($formula);
            $this->x[$k] = $was - $h;
            $g = ($up - $this->value($formula)) / (2.0 * $h);
            $this->x[$k] = $was;
            $add($a, $control, $g);
            $add($b, $control, -$g);
            $rest -= $g * $was;
        }
        $push($a, -$rest);
        $push($b, $rest);
    }

    /** Value of a formula over V(a,b), I(V), + − · /, min, max, pow, abs. */
    private function value(string $formula): float
    {
        $formula = (string) preg_replace_callback(
            '/V\((\w+),(\w+)\)|I\((\w+)\)/',
            fn (array $m): string => sprintf(
                '(%.17e)',
                isset($m[3]) ? $this->x[$this->unknown["#{$m[3]}"]] : $this->v($m[1]) - $this->v($m[2]),
            ),
            $formula,
        );
        preg_match_all('/\d+\.?\d*(?:[eE][-+]?\d+)?|[a-z]+|[-+*\/(),]/', $formula, $m);
        $tokens = $m[0];
        $at = 0;
        $value = $this->sum($tokens, $at);
        if ($at !== count($tokens)) {
            throw new RuntimeException("can't read {$formula}");
        }

        return $value;
    }

    /** @param  list<string>  $t */
    private function sum(array $t, int &$at): float
    {
        $value = $this->product($t, $at);
        while (in_array($t[$at] ?? '', ['+', '-'], true)) {
            $sign = $t[$at++] === '+' ? 1.0 : -1.0;
            $value += $sign * $this->product($t, $at);
        }

        return $value;
    }

    /** @param  list<string>  $t */
    private function product(array $t, int &$at): float
    {
        $value = $this->factor($t, $at);
        while (in_array($t[$at] ?? '', ['*', '/'], true)) {
            $value = $t[$at++] === '*' ? $value * $this->factor($t, $at) : $value / $this->factor($t, $at);
        }

        return $value;
    }

    /** @param  list<string>  $t */
    private function factor(array $t, int &$at): float
    {
        $token = $t[$at++];
        if ($token === '-' || $token === '+') {
            return ($token === '-' ? -1.0 : 1.0) * $this->factor($t, $at);
        }
        if ($token === '(') {
            $value = $this->sum($t, $at);
            $at++;

            return $value;
        }
        if (ctype_alpha($token)) {
            $at++;
            $arguments = [$this->sum($t, $at)];
            while ($t[$at] === ',') {
                $at++;
                $arguments[] = $this->sum($t, $at);
            }
            $at++;

            return match ($token) {
                'min' => min(...$arguments),
                'max' => max(...$arguments),
                'abs' => abs($arguments[0]),
                'pow' => $arguments[0] ** $arguments[1],
                default => throw new RuntimeException("no function {$token}"),
            };
        }

        return (float) $token;
    }

    /**
     * Gaussian elimination; of the rows left the shortest whose entry is no dwarf in its row leads, so that ladders stay ladders.
     *
     * @param  array<int, array<int, float>>  $rows
     * @param  array<int, float>  $rhs
     * @return array<int, float>
     */
    private static function eliminate(array $rows, array $rhs): array
    {
        $columns = [];
        foreach ($rows as $i => $row) {
            foreach ($row as $j => $value) {
                $columns[$j][$i] = true;
            }
        }
        $left = array_fill_keys(array_keys($rows), true);
        $order = [];
        $queue = new \SplPriorityQueue();
        foreach ($columns as $j => $in) {
            $queue->insert($j, -count($in));
        }
        $done = [];
        while (! $queue->isEmpty()) {
            $j = $queue->extract();
            if (isset($done[$j])) {
                continue;
            }
            $best = null;
            $most = 0.0;
            $here = array_intersect_key($columns[$j], $left);
            foreach ($here as $i => $_) {
                $most = max($most, abs($rows[$i][$j]));
            }
            foreach ($here as $i => $_) {
                if (abs($rows[$i][$j]) >= 0.1 * $most && ($best === null || count($rows[$i]) < count($rows[$best]))) {
                    $best = $i;
                }
            }
            if ($best === null || $most === 0.0) {
                throw new RuntimeException('singular');
            }
            $done[$j] = true;
            unset($left[$best]);
            $order[] = [$best, $j];
            foreach ($here as $i => $_) {
                if ($i === $best) {
                    continue;
                }
                $f = $rows[$i][$j] / $rows[$best][$j];
                unset($rows[$i][$j]);
                foreach ($rows[$best] as $k => $value) {
                    if ($k !== $j && ! isset($done[$k])) {
                        if (! isset($rows[$i][$k])) {
                            $columns[$k][$i] = true;
                            $queue->insert($k, -count(array_intersect_key($columns[$k], $left)));
                        }
                        $rows[$i][$k] = ($rows[$i][$k] ?? 0.0) - $f * $value;
                    }
                }
                $rhs[$i] -= $f * $rhs[$best];
            }
        }
        $x = [];
        foreach (array_reverse($order) as [$i, $j]) {
            $sum = $rhs[$i];
            foreach ($rows[$i] as $k => $value) {
                $sum -= $k === $j ? 0.0 : $value * $x[$k];
            }
            $x[$j] = $sum / $rows[$i][$j];
        }

        return $x;
    }
}
