<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\EmitterState;

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
     * @param  array<string, string>  $tips  red and black: pins the meter's tips are on
     * @param  list<Finding>  $findings  numbered in this order
     * @param  array<string, string>  $sections  device or thing in line => the part of the circuit it stands in: bracketed
     * @param  string  $opened  core (lead.core) in hand: it lies lowest, where that can be
     */
    public static function wide(
        Analysis $analysis,
        string $circuit,
        string $supply,
        float $width = self::WIDE,
        string $units = 'metric',
        array $tips = [],
        array $findings = [],
        ?Scheme $scheme = null,
        array $sections = [],
        string $opened = '',
    ): Drawing {
        $sketch = new Sketch(
            $analysis,
            $analysis->now[$supply],
            $circuit,
            $units,
            $findings,
            $scheme,
            $sections,
            $opened,
        );

        return self::draw($sketch, $circuit, $width, $tips, false);
    }

    /**
     * @param  array<string, string>  $tips
     * @param  list<Finding>  $findings
     */
    public static function narrow(
        Analysis $analysis,
        string $circuit,
        string $supply,
        float $width = self::NARROW,
        string $units = 'metric',
        array $tips = [],
        array $findings = [],
        ?Scheme $scheme = null,
        string $opened = '',
    ): Drawing {
        $scene = $analysis->now[$supply];
        $sketch = new Sketch($analysis, $scene, $circuit, $units, $findings, $scheme, opened: $opened);

        return self::draw($sketch, $circuit, $width, $tips, true);
    }

    /** @param  array<string, string>  $tips */
    private static function draw(Sketch $sketch, string $circuit, float $width, array $tips, bool $narrow): Drawing
    {
        $analysis = $sketch->analysis;
        [$shapes, $height] =
            $sketch->scheme->lights === [] && $sketch->scheme->symbols === []
                ? [[Shape::text('No light yet.', 8.0, 30.0)], 60.0]
                : ($narrow
                    ? NarrowPlan::draw($sketch, $width)
                    : LinePlan::draw($sketch, $width) ?? WidePlan::draw($sketch, $width));

        return new Drawing(
            $width,
            max($height, 60.0),
            [...$shapes, ...self::tips($sketch, $shapes, $tips)],
            "{$analysis->build->circuits[$circuit]->label}, drawn",
            self::describe($analysis, $sketch),
        );
    }

    /**
     * Where the meter's tips sit: on the first piece of wire of their nets.
     *
     * @param  list<Shape>  $shapes
     * @param  array<string, string>  $tips
     * @return list<Shape>
     */
    private static function tips(Sketch $sketch, array $shapes, array $tips): array
    {
        $marks = [];
        foreach ($tips as $colour => $pin) {
            foreach ($shapes as $shape) {
                if (
                    $shape->kind === 'wire' &&
                    $shape->pin !== '' &&
                    $sketch->scheme->net($shape->pin) === $sketch->scheme->net($pin)
                ) {
                    [$x, $y] = [
                        ($shape->points[0][0] + $shape->points[1][0]) / 2,
                        ($shape->points[0][1] + $shape->points[1][1]) / 2,
                    ];
                    $marks[] = Shape::box('tip', $x - 6.0, $y - 26.0, 12.0, 26.0, '', $colour);
                    break;
                }
            }
        }

        return $marks;
    }

    private static function describe(Analysis $analysis, Sketch $sketch): string
    {
        $said = [];
        foreach ($sketch->scheme->lights as $symbol) {
            $light = $analysis->build->lights[$symbol->part];
            $said[] =
                $light->label.' '.self::brightness($analysis, $light, $sketch->state->lights[$light->id] ?? []);
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

        return $lit === []
            ? 'dark'
            : Shown::percent($least).' of the label\'s light, looks like '.Shown::percent(Seen::share($least));
    }
}
