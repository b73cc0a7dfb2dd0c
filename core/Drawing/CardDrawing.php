<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;

/** A circuit as it is drawn on a card: with its light lit, and nothing written on it. */
final class CardDrawing
{
    public static function of(Analysis $analysis, string $circuit): Drawing
    {
        $lit = null;
        foreach ($analysis->build->lightsOf($circuit) as $light) {
            $lit ??= $analysis->litScene($light->id, 'nominal');
        }
        $whole = CircuitDrawing::wide($lit === null ? $analysis : $analysis->at($lit->inputs), $circuit, 'nominal');

        return new Drawing(
            $whole->width,
            $whole->height,
            array_values(
                array_filter($whole->shapes, fn (Shape $s): bool => ! in_array($s->kind, ['text', 'pin', 'cut'], true)),
            ),
            $whole->title,
            $whole->description,
        );
    }
}
