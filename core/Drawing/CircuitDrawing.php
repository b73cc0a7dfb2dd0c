<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\EmitterState;

/**
 * The live circuit as drawn on the plate, wide or narrow. Where things stand depends on the document only, never on volts or
 * positions, so throwing a switch or changing a value moves nothing.
 */
final class CircuitDrawing
{
    public const WIDE = 724.0;

    public const NARROW = 342.0;

    /**
     * @param  string  $supply  min · nominal · max
     * @param  string  $units  metric · imperial
     */
    public static function wide(Analysis $analysis, string $circuit, string $supply, float $width = self::WIDE, string $units = 'metric'): Drawing
    {
        return self::draw($analysis, $circuit, $supply, $width, $units, false);
    }

    public static function narrow(Analysis $analysis, string $circuit, string $supply, float $width = self::NARROW, string $units = 'metric'): Drawing
    {
        return self::draw($analysis, $circuit, $supply, $width, $units, true);
    }

    private static function draw(Analysis $analysis, string $circuit, string $supply, float $width, string $units, bool $narrow): Drawing
    {
        $sketch = new Sketch($analysis, $analysis->now[$supply], $circuit, $units);
        [$shapes, $height] = $sketch->scheme->lights === [] && $sketch->scheme->symbols === [] ? [[Shape::text('No light yet.', 8.0, 30.0)], 60.0] : ($narrow ? NarrowPlan::draw($sketch, $width) : WidePlan::draw($sketch, $width));

        return new Drawing($width, max($height, 60.0), $shapes, "{$analysis->build->circuits[$circuit]->label}, drawn", self::describe($analysis, $sketch));
    }

    private static function describe(Analysis $analysis, Sketch $sketch): string
    {
        $said = [];
        foreach ($sketch->scheme->lights as $symbol) {
            $light = $analysis->build->lights[$symbol->part];
            $said[] = $light->label.' '.self::brightness($analysis, $light, $sketch->state->lights[$light->id] ?? []);
        }
        foreach ($sketch->scheme->symbols as $symbol) {
            if ($symbol->kind === 'contact') {
                $said[] = $sketch->words($symbol)[0].' '.$sketch->words($symbol)[1];
            }
        }

        return $said === [] ? 'No light yet.' : implode('; ', $said).'.';
    }

    /** @param  array<string, EmitterState>  $states */
    private static function brightness(Analysis $analysis, Light $light, array $states): string
    {
        if (! $analysis->paths->fed($light->id)) {
            return 'is not fed';
        }
        $lit = array_filter($states, fn (EmitterState $e): bool => $e->greatest() > $analysis->build->settings->darkTo);
        $least = Extreme::least(array_map(fn (EmitterState $e): float => $e->least(), $lit));

        return $lit === [] ? 'dark' : Shown::percent($least).' of the label\'s light, looks like '.Shown::percent(Seen::share($least));
    }
}
