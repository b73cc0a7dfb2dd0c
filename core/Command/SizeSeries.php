<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Shape as S;
use BenchGlow\Parts\Led;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\Preferred;
use BenchGlow\Sizing\SeriesOption;
use BenchGlow\Sizing\SeriesResistor;

/** `glow size series`: every way to string a number of LEDs, with its resistors. */
final class SizeSeries
{
    /** @return array<string, mixed> */
    public static function run(string $text): array
    {
        $f = Input::read(
            $text,
            S::record(
                [
                    'supply' => S::record(
                        [
                            'min_v' => S::number(0.1, 1000),
                            'nominal_v' => S::number(0.1, 1000),
                            'max_v' => S::number(0.1, 1000),
                        ],
                        ['min_v', 'nominal_v', 'max_v'],
                    ),
                    'led' => S::record(
                        [
                            'vf_v' => S::number(0.1, 1000),
                            'if_a' => S::number(0.000001, 1000),
                            'imax_a' => S::number(0.000001, 1000),
                            'vf_tolerance_v' => S::number(0, 100),
                            'ideality' => S::number(0.1, 20),
                            'rs_ohm' => S::number(0, 1e9),
                        ],
                        ['vf_v', 'if_a', 'imax_a'],
                    ),
                    'count' => S::integer(1, 10000),
                    'target_a' => S::number(0.000001, 1000),
                    'series' => S::choice('E12', 'E24', 'E96'),
                    'resistor_tolerance' => S::number(0, 0.5),
                ],
                ['supply', 'led', 'count', 'target_a'],
            ),
        );
        $supply = $f->object('supply');
        $l = $f->object('led');
        if (
            $supply->number('min_v') > $supply->number('nominal_v') ||
            $supply->number('nominal_v') > $supply->number('max_v')
        ) {
            throw BadBuild::at('/supply', 'expected min_v ≤ nominal_v ≤ max_v.');
        }
        if ($f->number('target_a') > $l->number('imax_a')) {
            throw BadBuild::at(
                '/target_a',
                "{$f->number('target_a')} A is over the LED's limit imax_a of {$l->number('imax_a')} A.",
            );
        }
        if ($l->number('vf_tolerance_v', 0.1) >= $l->number('vf_v')) {
            throw BadBuild::at('/led/vf_tolerance_v', 'expected less than vf_v.');
        }
        $options = (new SeriesResistor(
            new Envelope($supply->number('min_v'), $supply->number('nominal_v'), $supply->number('max_v')),
            new Led(
                $l->number('vf_v'),
                $l->number('if_a'),
                $l->number('imax_a'),
                $l->number('vf_tolerance_v', 0.1),
                $l->number('ideality', 2.0),
                $l->numberOrNull('rs_ohm'),
            ),
            $f->integer('count'),
            $f->number('target_a'),
            Preferred::from($f->text('series', 'E24')),
            $f->number('resistor_tolerance', 0.05),
        ))->options();

        return [
            'options' => array_map(fn (SeriesOption $o): array => $o->toArray(), $options),
            'best' => SeriesResistor::best($options),
        ];
    }
}
