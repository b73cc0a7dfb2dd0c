<?php

declare(strict_types=1);

namespace BenchGlow\Check\Price;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Cost\Cost;

/** The cost of a build that has a price, reckoned once for all rules of it. */
final class Priced
{
    /** @var array{Analysis, Cost}|null the last one asked for */
    private static ?array $last = null;

    public static function of(Analysis $analysis): ?Cost
    {
        if ($analysis->build->document->fields()->object('quote')->data === []) {
            return null;
        }
        if (self::$last === null || self::$last[0] !== $analysis) {
            self::$last = [$analysis, new Cost($analysis)];
        }

        return self::$last[1];
    }
}
