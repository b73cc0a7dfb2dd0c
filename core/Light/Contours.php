<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** Lines of equal light over a field: marching squares between the middles of its cells (W. E. Lorensen, H. E. Cline, 1987, in the plane). */
final class Contours
{
    /**
     * @param  float  $level  lux
     * @return list<list<array{float, float}>> lines, the longest first
     */
    public static function of(Field $field, float $level): array
    {
        $lux = $field->byCell();
        $segments = [];
        for ($j = 0; $j < $field->ny - 1; $j++) {
            for ($i = 0; $i < $field->nx - 1; $i++) {
                $k = $j * $field->nx + $i;
                $corner = [
                    $lux[$k] ?? null,
                    $lux[$k + 1] ?? null,
                    $lux[$k + $field->nx + 1] ?? null,
                    $lux[$k + $field->nx] ?? null,
                ];
                if (! in_array(null, $corner, true)) {
                    self::square($segments, $field, $i, $j, $corner, $level);
                }
            }
        }

        return self::joined($segments);
    }

    /**
     * @param  list<array{array{float, float}, array{float, float}}>  $segments
     * @param  list<float>  $v  upper left, upper right, lower right, lower left
     */
    private static function square(array &$segments, Field $f, int $i, int $j, array $v, float $level): void
    {
        $x = $f->x0 + ($i + 0.5) * $f->dx;
        $y = $f->y0 + ($j + 0.5) * $f->dy;
        $ends = [[$x, $y], [$x + $f->dx, $y], [$x + $f->dx, $y + $f->dy], [$x, $y + $f->dy]];
        $cuts = [];
        for ($e = 0; $e < 4; $e++) {
            [$a, $b] = [$v[$e], $v[($e + 1) % 4]];
            if ($a < $level !== $b < $level) {
                $t = ($level - $a) / ($b - $a);
                [$p, $q] = [$ends[$e], $ends[($e + 1) % 4]];
                $cuts[] = [$p[0] + $t * ($q[0] - $p[0]), $p[1] + $t * ($q[1] - $p[1])];
            }
        }
        if (count($cuts) === 2) {
            $segments[] = [$cuts[0], $cuts[1]];
        } elseif (count($cuts) === 4) {
            // A saddle: the middle says which two go together.
            $turned = array_sum($v) / 4 < $level === $v[0] < $level;
            $segments[] = $turned ? [$cuts[0], $cuts[1]] : [$cuts[3], $cuts[0]];
            $segments[] = $turned ? [$cuts[2], $cuts[3]] : [$cuts[1], $cuts[2]];
        }
    }

    /**
     * @param  list<array{array{float, float}, array{float, float}}>  $segments
     * @return list<list<array{float, float}>>
     */
    private static function joined(array $segments): array
    {
        $at = [];
        foreach ($segments as $n => [$a, $b]) {
            $at[self::key($a)][$n] = $b;
            $at[self::key($b)][$n] = $a;
        }
        $used = $lines = [];
        foreach ($segments as $n => [$a, $b]) {
            if (isset($used[$n])) {
                continue;
            }
            $used[$n] = true;
            $line = [$a, $b];
            foreach ([false, true] as $back) {
                if ($back) {
                    $line = array_reverse($line);
                }
                do {
                    $more = false;
                    foreach ($at[self::key($line[count($line) - 1])] ?? [] as $m => $next) {
                        if (! isset($used[$m])) {
                            $used[$m] = $more = true;
                            $line[] = $next;
                            break;
                        }
                    }
                } while ($more);
            }
            $lines[] = $line;
        }
        usort($lines, fn (array $a, array $b): int => count($b) <=> count($a));

        return $lines;
    }

    /** @param  array{float, float}  $p */
    private static function key(array $p): string
    {
        return round($p[0], 7).' '.round($p[1], 7);
    }
}
