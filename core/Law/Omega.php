<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/** Wright's omega on the real line: the w > 0 with w + ln w = x. */
final class Omega
{
    /**
     * Fritsch–Shafer–Crowley iteration (fourth order), started close enough that two rounds reach full precision.
     * Below x = −36 the series w = e^x is exact to rounding; e^x itself may underflow to 0, which is the right limit.
     */
    public static function at(float $x): float
    {
        if ($x < -36.0) {
            return exp($x);
        }
        $w = $x > 1.0 ? $x - log($x) : ($x > -2.0 ? exp(($x - 1.0) * (2.0 / 3.0)) : exp($x));

        return self::refine($x, self::refine($x, $w));
    }

    /** One round from a positive guess; from a guess 1 % off the result is good to 1e-9, the next round to rounding. */
    public static function refine(float $x, float $w): float
    {
        $r = $x - $w - log($w);
        $p = 1.0 + $w;
        $q = $p * ($p + (2.0 / 3.0) * $r);

        return $w * (1.0 + (($r / $p) * ($q - 0.5 * $r)) / ($q - $r));
    }
}
