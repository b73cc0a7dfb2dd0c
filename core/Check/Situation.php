<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;

/** Positions of inputs in words. */
final class Situation
{
    /** @param  array<string, string>  $inputs */
    public static function said(Analysis $analysis, array $inputs): string
    {
        $words = $analysis->build->thrown($inputs);

        return $words === [] ? 'with everything at rest' : 'with '.implode(', ', $words);
    }
}
