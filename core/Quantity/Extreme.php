<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Least and greatest of numbers that may be none at all. */
final class Extreme
{
    /** @param  array<array-key, float>  $values */
    public static function least(array $values, float $ofNone = 0.0): float
    {
        return $values === [] ? $ofNone : min($values);
    }

    /** @param  array<array-key, float>  $values */
    public static function greatest(array $values, float $ofNone = 0.0): float
    {
        return $values === [] ? $ofNone : max($values);
    }
}
