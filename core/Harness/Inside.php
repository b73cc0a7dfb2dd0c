<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

use BenchGlow\Build\PartBranch;
use BenchGlow\Format\Fields;
use BenchGlow\Law\HeldLaw;
use BenchGlow\Law\Law;
use BenchGlow\Law\LinearLaw;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/** The law of one passive branch inside a part (solving.md B). */
final class Inside
{
    private const LEAST_OHM = 1e-3;

    public static function law(PartBranch $branch): Law
    {
        $f = $branch->fields;

        return match ($branch->kind) {
            'string' => StringLaw::of(
                $f->number('vf_v'),
                $f->number('if_a'),
                $f->integer('series_leds', 1),
                $f->number('ohm'),
            ),
            'diode' => self::diode($f, 'silicon'),
            'linear' => new LinearLaw($f->number('amps'), $f->number('dropout_v')),
            'switching' => new HeldLaw($f->number('watts'), $f->number('from_v'), $f->number('to_v')),
            default => new Resistor(max($f->number('ohm'), self::LEAST_OHM)),
        };
    }

    /** A diode's curve through its stated point; ideality 1.05 for Schottky, 1.8 for silicon (electrics.md 7). */
    public static function diode(Fields $f, string $otherwise): StringLaw
    {
        $schottky = $f->text('technology', $otherwise) === 'schottky';

        return StringLaw::of(
            $f->number('vf_v', $schottky ? 0.45 : 0.9),
            $f->number('if_a', 3.0),
            ideality: $f->number('ideality', $schottky ? 1.05 : 1.8),
            rsOhm: $f->numberOrNull('rs_ohm'),
        );
    }
}
