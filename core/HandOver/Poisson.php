<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** Exact bounds of a Poisson mean: half of a quantile of χ², found by halving (Garwood 1936). */
final class Poisson
{
    private const STEPS = 200;

    /**
     * @param  float  $cover  0.9: 5 % lie below, 5 % above
     * @return array{float, float}
     */
    public static function bounds(int $seen, float $cover): array
    {
        $tail = (1.0 - $cover) / 2;

        return [
            $seen === 0 ? 0.0 : self::mean(fn (float $m): bool => 1.0 - self::below($seen - 1, $m) < $tail, $seen),
            self::mean(fn (float $m): bool => self::below($seen, $m) > $tail, $seen),
        ];
    }

    /** The mean at which a condition that holds for small ones stops to hold. */
    private static function mean(callable $holds, int $seen): float
    {
        [$low, $high] = [0.0, 10.0 + 4.0 * $seen];
        for ($step = 0; $step < self::STEPS && $high - $low > 1e-12 * $high; $step++) {
            $middle = ($low + $high) / 2;
            $holds($middle) ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }

    /** P(X ≤ k) of a Poisson mean, summed in logarithms so that nothing runs under. */
    public static function below(int $k, float $mean): float
    {
        if ($mean <= 0.0) {
            return 1.0;
        }
        $sum = 0.0;
        $log = -$mean;
        for ($i = 0; $i <= $k; $i++) {
            $sum += exp($log);
            $log += log($mean) - log($i + 1);
        }

        return min(1.0, $sum);
    }
}
