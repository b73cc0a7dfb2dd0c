<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Shape as S;
use BenchGlow\Parts\Copper;
use BenchGlow\Sizing\WireChoice;

/** `glow size wire`: the thinnest wire in both systems, with its fuse window. */
final class SizeWire
{
    /** @return array<string, mixed> */
    public static function run(string $text): array
    {
        $f = Input::read(
            $text,
            S::record(
                [
                    'volts' => S::number(0.1, 1000),
                    'amps' => S::number(0.000001, 10000),
                    'out_m' => S::number(0, 10000),
                    'back_m' => S::number(0, 10000),
                    'drop_target' => S::number(0.001, 1),
                    'insulation_c' => S::number(31, 1000),
                    'ambient_c' => S::number(-60, 1000),
                    'bundle' => S::integer(1, 24),
                    'moves' => S::flag(),
                    'least_mm2' => S::number(0, 200),
                ],
                ['volts', 'amps', 'out_m', 'back_m'],
            ),
        );
        if ($f->number('out_m') + $f->number('back_m') <= 0.0) {
            throw BadBuild::at('/out_m', 'expected a way over 0 m, out and back together.');
        }
        $choose = fn (string $system): array => WireChoice::of(
            $system,
            $f->number('volts'),
            $f->number('amps'),
            $f->number('out_m'),
            $f->number('back_m'),
            $f->number('drop_target', 0.03),
            $f->number('insulation_c', Copper::INSULATION_C),
            $f->number('ambient_c', 30.0),
            $f->integer('bundle', 1),
            // What moves never goes under the common least, whatever is asked.
            max($f->number('least_mm2', 0.5), $f->flag('moves') ? 0.5 : 0.0),
        )->toArray();

        return ['awg' => $choose('awg'), 'mm2' => $choose('mm2')];
    }
}
