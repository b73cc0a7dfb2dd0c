<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Light;
use BenchGlow\Build\PartBranch;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** Another part than was planned: one for twice the volts, or of twice the watts. */
final class WrongPart implements FaultKind
{
    private const WEIGHT = 1.0;

    /** From here on a supply is one of 24 V. */
    private const HIGH_V = 18.0;

    public function key(): string
    {
        return 'part';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->build->lightsOf($works->circuit) as $light) {
            $twice = ($works->build->mainSupply()->nominalV ?? 12.0) < self::HIGH_V ? '24' : '48';
            foreach (
                [
                    'volts' => [self::volts($light), " is one for {$twice} V"],
                    'watts' => [self::watts($light), ' takes twice its watts'],
                ] as $how => [$part, $words]
            ) {
                if ($part !== []) {
                    $faults[] = new Fault(
                        "part:{$light->id}@{$how}",
                        'part',
                        [$light->id],
                        $light->label.$words,
                        self::WEIGHT,
                        new Overlay(parts: [$light->id => $part]),
                    );
                }
            }
        }

        return $faults;
    }

    /** @return array<string, mixed> fields of the part made for twice the volts: as many LEDs more, twice the resistor */
    private static function volts(Light $light): array
    {
        if ($light->kind === 'strip') {
            $strip = $light->strip();

            // The strip's own cut would be twice as long; what hangs on the volts is how many are in a row.
            return [
                'nominal_v' => min(60.0, 2.0 * $strip->nominalV),
                'series_leds' => 2 * $strip->inSeries(),
            ];
        }

        return self::inside(
            $light,
            fn (PartBranch $b): array => $b->isString()
                ? ['series_leds' => 2 * $b->fields->integer('series_leds', 1), 'ohm' => 2.0 * $b->ohm()]
                : [],
        );
    }

    /** @return array<string, mixed> */
    private static function watts(Light $light): array
    {
        if ($light->kind === 'strip') {
            return ['watts_per_m' => min(1000.0, 2.0 * $light->strip()->wattsPerM)];
        }

        return self::inside(
            $light,
            fn (PartBranch $b): array => match ($b->kind) {
                'switching' => ['watts' => 2.0 * $b->fields->number('watts')],
                'linear' => ['amps' => 2.0 * $b->fields->number('amps')],
                default => [],
            },
        );
    }

    /**
     * @param  callable(PartBranch): array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private static function inside(Light $light, callable $change): array
    {
        $all = array_map(
            fn (Fields $f): array => [...$f->data, ...$change(PartBranch::of($f))],
            $light->kind === 'leds' ? [] : $light->part->objects('inside'),
        );
        $was = array_map(fn (Fields $f): array => $f->data, $light->part->objects('inside'));

        return $all === [] || $all === $was ? [] : ['inside' => $all];
    }
}
