<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Quantity\Words;

/** Positions of inputs in words. */
final class Situation
{
    /** @param  array<string, string>  $inputs */
    public static function said(Analysis $analysis, array $inputs): string
    {
        $rest = $analysis->build->restPositions();
        $away = array_diff_assoc($inputs, $rest);
        $words = [];
        foreach ($away as $input => $position) {
            $words[] = Words::within($analysis->build->label($input)).' '.$position;
        }

        return $words === [] ? 'with everything at rest' : 'with '.implode(', ', $words);
    }
}
