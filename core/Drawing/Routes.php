<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** Straight pieces of nets, cut where they meet: each with the amps it carries, and a dot where three come together. */
final class Routes
{
    /** @var array<int, list<array{float, float, float, float}>> */
    private array $segments = [];

    /** @var array<int, array<string, float|null>> net => place => amps that leave the net there; null: whatever is left over */
    private array $ends = [];

    public function line(int $net, float $x1, float $y1, float $x2, float $y2): void
    {
        [$x1, $y1, $x2, $y2] = [round($x1, 1), round($y1, 1), round($x2, 1), round($y2, 1)];
        if ($x1 !== $x2 || $y1 !== $y2) {
            $this->segments[$net][] = [min($x1, $x2), min($y1, $y2), max($x1, $x2), max($y1, $y2)];
        }
    }

    /**
     * A vertical line over all of these.
     *
     * @param  array<int, float>  $ys
     */
    public function down(int $net, float $x, array $ys): void
    {
        if ($ys !== []) {
            $this->line($net, $x, min($ys), $x, max($ys));
        }
    }

    /**
     * A horizontal line over all of these.
     *
     * @param  array<int, float>  $xs
     */
    public function across(int $net, float $y, array $xs): void
    {
        if ($xs !== []) {
            $this->line($net, min($xs), $y, max($xs), $y);
        }
    }

    public function end(int $net, float $x, float $y, ?float $amps): void
    {
        $key = self::key(round($x, 1), round($y, 1));
        $old = $this->ends[$net][$key] ?? 0.0;
        $this->ends[$net][$key] = $amps === null ? null : $old + $amps;
    }

    private static function key(float $x, float $y): string
    {
        return "{$x} {$y}";
    }

    /** @return array{list<array{int, list<array{float, float}>, float}>, list<array{int, float, float}>, list<array{float, float}>} net, points, amps; net and place of each dot; open ends */
    public function pieces(): array
    {
        $pieces = $dots = $open = [];
        foreach ($this->segments as $net => $segments) {
            [$edges, $at] = $this->graph($net, $segments);
            $amps = $this->amps($net, $edges, $at);
            foreach ($at as $place => $list) {
                if (count($list) >= 3) {
                    $dots[] = [$net, ...self::xy($place)];
                } elseif (count($list) === 1 && ! array_key_exists($place, $this->ends[$net] ?? [])) {
                    $open[] = self::xy($place);
                }
            }
            array_push($pieces, ...$this->chains($net, $edges, $at, $amps));
        }

        return [$pieces, $dots, $open];
    }

    /** @return array{float, float} */
    private static function xy(string $place): array
    {
        [$x, $y] = explode(' ', $place);

        return [(float) $x, (float) $y];
    }

    /**
     * @param  list<array{float, float, float, float}>  $segments
     * @return array{list<array{string, string}>, array<string, list<int>>} edges; edges at each place
     */
    private function graph(int $net, array $segments): array
    {
        $places = array_fill_keys(array_keys($this->ends[$net] ?? []), true);
        foreach ($segments as [$x1, $y1, $x2, $y2]) {
            $places[self::key($x1, $y1)] = $places[self::key($x2, $y2)] = true;
        }
        // Where one line crosses another of the same net they are joined as well.
        foreach ($segments as [$x1, $y1, $x2, $y2]) {
            foreach ($segments as [$u1, $v1, $u2, $v2]) {
                if ($y1 === $y2 && $u1 === $u2 && $x1 <= $u1 && $u1 <= $x2 && $v1 <= $y1 && $y1 <= $v2) {
                    $places[self::key($u1, $y1)] = true;
                }
            }
        }
        $edges = $at = $seen = [];
        foreach ($segments as [$x1, $y1, $x2, $y2]) {
            $on = [];
            foreach (array_keys($places) as $place) {
                [$x, $y] = self::xy($place);
                if ($x >= $x1 && $x <= $x2 && $y >= $y1 && $y <= $y2) {
                    $on[$place] = $x + $y;
                }
            }
            asort($on);
            $on = array_keys($on);
            foreach (array_slice($on, 1) as $k => $to) {
                if (! isset($seen["{$on[$k]},{$to}"])) {
                    $seen["{$on[$k]},{$to}"] = true;
                    $at[$on[$k]][] = $at[$to][] = count($edges);
                    $edges[] = [$on[$k], $to];
                }
            }
        }

        return [$edges, $at];
    }

    /**
     * What leaves the net on the far side of each edge.
     *
     * @param  list<array{string, string}>  $edges
     * @param  array<string, list<int>>  $at
     * @return array<int, float>
     */
    private function amps(int $net, array $edges, array $at): array
    {
        $ends = $this->ends[$net] ?? [];
        $amps = array_fill(0, count($edges), 0.0);
        $seen = [];
        $roots = [...array_keys(array_filter($ends, is_null(...))), ...array_keys($at)];
        foreach ($roots as $root) {
            if (isset($seen[$root])) {
                continue;
            }
            $order = [];
            $seen[$root] = true;
            for ($queue = [[$root, -1]]; $queue !== [];) {
                [$place, $by] = array_pop($queue);
                $order[] = [$place, $by];
                foreach ($at[$place] ?? [] as $edge) {
                    $to = $edges[$edge][0] === $place ? $edges[$edge][1] : $edges[$edge][0];
                    if (! isset($seen[$to])) {
                        $seen[$to] = true;
                        $queue[] = [$to, $edge];
                    }
                }
            }
            $sum = [];
            foreach (array_reverse($order) as [$place, $by]) {
                $sum[$place] = ($sum[$place] ?? 0.0) + ($ends[$place] ?? 0.0);
                if ($by >= 0) {
                    $amps[$by] = $sum[$place];
                    $from = $edges[$by][0] === $place ? $edges[$by][1] : $edges[$by][0];
                    $sum[$from] = ($sum[$from] ?? 0.0) + $sum[$place];
                }
            }
        }

        return $amps;
    }

    /**
     * Edges strung together while they carry the same.
     *
     * @param  list<array{string, string}>  $edges
     * @param  array<string, list<int>>  $at
     * @param  array<int, float>  $amps
     * @return list<array{int, list<array{float, float}>, float}>
     */
    private function chains(int $net, array $edges, array $at, array $amps): array
    {
        $done = $pieces = [];
        $through = fn (string $place): bool => count($at[$place]) === 2 &&
            ! array_key_exists($place, $this->ends[$net] ?? []);
        // Begin where a line begins; a ring has no such place and begins anywhere.
        $starts = array_keys(array_filter($at, fn (array $l, string $p): bool => ! $through($p), ARRAY_FILTER_USE_BOTH));
        foreach ([...$starts, ...array_keys($at)] as $start) {
            foreach ($at[$start] as $edge) {
                if (isset($done[$edge])) {
                    continue;
                }
                $points = [self::xy($start)];
                $place = $start;
                $next = $edge;
                while ($next !== null) {
                    $done[$next] = true;
                    $place = $edges[$next][0] === $place ? $edges[$next][1] : $edges[$next][0];
                    $points[] = self::xy($place);
                    $next = $through($place)
                        ? array_values(array_filter($at[$place], fn (int $e): bool => ! isset($done[$e])))[0] ?? null
                        : null;
                }
                $pieces[] = [$net, self::straight($points), abs($amps[$edge])];
            }
        }

        return $pieces;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}> without those in the middle of a straight
     */
    private static function straight(array $points): array
    {
        $kept = [];
        foreach ($points as $n => $p) {
            $before = $kept[count($kept) - 1] ?? null;
            $after = $points[$n + 1] ?? null;
            if (
                $before !== null &&
                $after !== null &&
                (($before[0] === $p[0] && $p[0] === $after[0]) || ($before[1] === $p[1] && $p[1] === $after[1]))
            ) {
                continue;
            }
            $kept[] = $p;
        }

        return $kept;
    }
}
