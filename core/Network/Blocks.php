<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Small symmetric matrices, packed by rows of the lower triangle: 00, 01, 11, 02, 12, 22, … */
final class Blocks
{
    public static function at(int $i, int $j): int
    {
        return $i >= $j ? intdiv($i * ($i + 1), 2) + $j : intdiv($j * ($j + 1), 2) + $i;
    }

    /**
     * Inverse of a positive definite matrix by Gauss–Jordan sweeps.
     *
     * @param  array<int, float>  $s
     * @return array<int, float>
     */
    public static function inverse(array $s, int $n): array
    {
        for ($k = 0; $k < $n; $k++) {
            $pivot = 1.0 / $s[self::at($k, $k)];
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j <= $i; $j++) {
                    if ($i !== $k && $j !== $k) {
                        $s[self::at($i, $j)] -= $s[self::at($i, $k)] * $pivot * $s[self::at($k, $j)];
                    }
                }
            }
            for ($i = 0; $i < $n; $i++) {
                $s[self::at($i, $k)] *= $i === $k ? 0.0 : $pivot;
            }
            $s[self::at($k, $k)] = -$pivot;
        }

        return array_map(fn (float $x): float => -$x, $s);
    }

    /**
     * Admittance of one pitch of rail as seen between the rails: (diag(channel ohms) + common ohm in every place)⁻¹.
     *
     * @param  array<int, float>  $ohm
     * @return array<int, float>
     */
    public static function rails(array $ohm, float $commonOhm): array
    {
        $r = [];
        foreach ($ohm as $i => $channel) {
            for ($j = 0; $j <= $i; $j++) {
                $r[] = $commonOhm + ($i === $j ? $channel : 0.0);
            }
        }

        return self::inverse($r, count($ohm));
    }
}
