<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/**
 * The middle lines of an outline's strokes: a mask of cells, thinned (T. Y. Zhang and C. Y. Suen, "A fast parallel algorithm for
 * thinning digital patterns", Communications of the ACM 27, 1984), spurs cut, lines made straight to 1 mm.
 */
final class Strokes
{
    /** Cells across the narrowest stroke. */
    private const ACROSS = 8;

    private const MOST_CELLS = 60_000;

    /** A line strays this far from what it stands for, m. */
    private const STRAIGHT_M = 0.001;

    private const AROUND = [[0, -1], [1, -1], [1, 0], [1, 1], [0, 1], [-1, 1], [-1, 0], [-1, -1]];

    /** @var array<string, list<Stroke>> of the outlines that were thinned last: a suggestion asks for the same one often */
    private static array $known = [];

    private const KEPT = 16;

    /** @return list<Stroke> */
    public static function of(Outline $outline): array
    {
        $key = md5(serialize($outline->contours));
        if (! isset(self::$known[$key])) {
            self::$known = array_slice(self::$known, 1 - self::KEPT, null, true);
            self::$known[$key] = self::found($outline);
        }

        return self::$known[$key];
    }

    /** @return list<Stroke> */
    private static function found(Outline $outline): array
    {
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        $area = $outline->area();
        if ($area <= 0.0) {
            return [];
        }
        // Twice the area over the edge is the width of a long stroke.
        $across = (2 * $area) / max(1e-9, $outline->perimeter());
        $cell = max($across / self::ACROSS, sqrt((($x1 - $x0) * ($y1 - $y0)) / self::MOST_CELLS));
        $nx = (int) ceil(($x1 - $x0) / $cell) + 2;
        $ny = (int) ceil(($y1 - $y0) / $cell) + 2;
        $mask = self::thinned(self::mask($outline, $x0 - $cell, $y0 - $cell, $cell, $nx, $ny), $nx);
        $place = fn (int $k): array => [$x0 + (($k % $nx) - 0.5) * $cell, $y0 + (intdiv($k, $nx) - 0.5) * $cell];
        $all = [];
        foreach (self::lines($mask, $nx) as [$cells, $spur]) {
            $points = array_map($place, $cells);
            $radii = array_map(fn (array $p): float => $outline->toEdge(...$p), $points);
            $stroke = new Stroke(
                self::simple(self::smooth($points), max(self::STRAIGHT_M, 0.8 * $cell)),
                self::middle($radii) * 2,
            );
            // What is no longer than the stroke is wide is a corner of it, no stroke.
            if ($stroke->lengthM() > ($spur ? 2 * self::middle($radii) : $cell)) {
                $all[] = $stroke;
            }
        }

        return $all;
    }

    /** @param  list<float>  $values */
    private static function middle(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /** @return array<int, true> cells inside */
    private static function mask(Outline $outline, float $x0, float $y0, float $cell, int $nx, int $ny): array
    {
        $mask = [];
        for ($j = 1; $j < $ny - 1; $j++) {
            foreach ($outline->spans($y0 + ($j + 0.5) * $cell) as [$from, $to]) {
                $last = (int) floor(($to - $x0) / $cell - 0.5);
                for ($i = (int) ceil(($from - $x0) / $cell - 0.5); $i <= $last; $i++) {
                    $mask[$j * $nx + $i] = true;
                }
            }
        }

        return $mask;
    }

    /**
     * @param  array<int, true>  $mask
     * @return array<int, true>
     */
    private static function thinned(array $mask, int $nx): array
    {
        // Only what has a neighbour outside can go.
        do {
            $changed = false;
            foreach ([0, 1] as $pass) {
                $gone = [];
                foreach ($mask as $k => $on) {
                    if (self::goes($mask, $k, $nx, $pass)) {
                        $gone[] = $k;
                    }
                }
                foreach ($gone as $k) {
                    unset($mask[$k]);
                }
                $changed = $changed || $gone !== [];
            }
        } while ($changed);

        return $mask;
    }

    /** @param  array<int, true>  $m */
    private static function goes(array $m, int $k, int $nx, int $pass): bool
    {
        $n = isset($m[$k - $nx]);
        $e = isset($m[$k + 1]);
        $s = isset($m[$k + $nx]);
        $w = isset($m[$k - 1]);
        if ($n && $e && $s && $w) {
            return false;
        }
        if ($pass === 0 ? ($n && $e && $s) || ($e && $s && $w) : ($n && $e && $w) || ($n && $s && $w)) {
            return false;
        }
        $ring = [
            $n,
            isset($m[$k - $nx + 1]),
            $e,
            isset($m[$k + $nx + 1]),
            $s,
            isset($m[$k + $nx - 1]),
            $w,
            isset($m[$k - $nx - 1]),
        ];
        $count = $turns = 0;
        $before = $ring[7];
        foreach ($ring as $on) {
            $count += $on ? 1 : 0;
            $turns += $on && ! $before ? 1 : 0;
            $before = $on;
        }

        return $count >= 2 && $count <= 6 && $turns === 1;
    }

    /**
     * Lines from end or crossing to end or crossing, and loops.
     *
     * @param  array<int, true>  $mask
     * @return list<array{list<int>, bool}> cells in order; whether one end is free
     */
    private static function lines(array $mask, int $nx): array
    {
        $near = [];
        foreach ($mask as $k => $on) {
            $near[$k] = self::near($mask, $k, $nx);
        }
        $knots = array_filter($near, fn (array $n): bool => count($n) !== 2);
        $used = $all = [];
        $walk = function (int $from, int $to) use (&$used, $near, $knots): array {
            $line = [$from];
            while (true) {
                $line[] = $to;
                $used[min($from, $to).' '.max($from, $to)] = true;
                if (isset($knots[$to])) {
                    return $line;
                }
                $on = array_values(array_filter($near[$to], fn (int $n): bool => $n !== $from));
                if ($on === [] || isset($used[min($on[0], $to).' '.max($on[0], $to)])) {
                    return $line;
                }
                [$from, $to] = [$to, $on[0]];
            }
        };
        foreach ([...array_keys($knots), ...array_keys($near)] as $k) {
            foreach ($near[$k] as $next) {
                if (isset($used[min($k, $next).' '.max($k, $next)])) {
                    continue;
                }
                $line = $walk($k, $next);
                $spur = (count($near[$line[0]]) === 1) !== (count($near[$line[count($line) - 1]]) === 1);
                $all[] = [$line, $spur];
            }
        }

        return $all;
    }

    /**
     * Neighbours; one across a corner counts only where none beside it leads there too.
     *
     * @param  array<int, true>  $mask
     * @return list<int>
     */
    private static function near(array $mask, int $k, int $nx): array
    {
        $all = [];
        foreach (self::AROUND as [$dx, $dy]) {
            $n = $k + $dy * $nx + $dx;
            if (
                isset($mask[$n]) &&
                ($dx === 0 || $dy === 0 || (! isset($mask[$k + $dx]) && ! isset($mask[$k + $dy * $nx])))
            ) {
                $all[] = $n;
            }
        }

        return $all;
    }

    /**
     * Without the stairs of the cells: each point the mean of those around it, the ends kept.
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function smooth(array $points): array
    {
        $n = count($points);
        $all = [];
        for ($i = 0; $i < $n; $i++) {
            $by = min(3, $i, $n - 1 - $i);
            $around = array_slice($points, $i - $by, 2 * $by + 1);
            $all[] = [
                array_sum(array_column($around, 0)) / count($around),
                array_sum(array_column($around, 1)) / count($around),
            ];
        }

        return $all;
    }

    /**
     * Fewest points that stay within so much of the line (Ramer 1972, Douglas and Peucker 1973).
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function simple(array $points, float $within): array
    {
        $n = count($points);
        if ($n < 3) {
            return $points;
        }
        [$a, $b] = [$points[0], $points[$n - 1]];
        $long = hypot($b[0] - $a[0], $b[1] - $a[1]);
        [$far, $at] = [0.0, 0];
        for ($i = 1; $i < $n - 1; $i++) {
            $p = $points[$i];
            $d =
                $long < 1e-9
                    ? hypot($p[0] - $a[0], $p[1] - $a[1])
                    : abs(($b[0] - $a[0]) * ($a[1] - $p[1]) - ($a[0] - $p[0]) * ($b[1] - $a[1])) / $long;
            if ($d > $far) {
                [$far, $at] = [$d, $i];
            }
        }
        if ($far <= $within) {
            return [$a, $b];
        }
        $left = self::simple(array_slice($points, 0, $at + 1), $within);
        array_pop($left);

        return [...$left, ...self::simple(array_slice($points, $at), $within)];
    }
}
