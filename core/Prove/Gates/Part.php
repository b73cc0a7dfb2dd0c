<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Light;
use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Each light and controller alone on the bench supply, before it goes in: what it draws, and that it glows. */
final class Part implements GateKind
{
    /** A light's amps are within so much of what is solved. */
    private const SHARE = 0.15;

    public function key(): string
    {
        return 'part';
    }

    public function gates(Proving $proving): array
    {
        $gates = [];
        foreach ($proving->works->build->lightsOf($proving->works->circuit) as $light) {
            $looks = array_map(
                fn (string $emitter): Expectation => new Expectation(
                    'look',
                    word: 'glows',
                    emitter: $light->emitterName($emitter),
                ),
                array_map(strval(...), array_keys($light->emitters())),
            );
            $amps = self::amps($proving, $light);
            $gates[] = new Gate(
                "part:{$light->id}",
                'part',
                $proving->works->circuit,
                'bench',
                'Put '.
                    Words::within($light->label).
                    ' on the bench supply'.
                    ($amps === null ? '' : ' at '.Shown::plain(self::volts($proving), 1).' V').
                    (count($looks) > 1 ? ', every colour of it.' : '.'),
                $amps === null ? $looks : [...$looks, $amps],
                'A dead part, or another one than was meant.',
            );
        }

        foreach ($proving->works->things() as $id) {
            if (($proving->works->build->devices[$id] ?? null) instanceof ControllerDevice) {
                $gates[] = new Gate(
                    "part:{$id}",
                    'part',
                    $proving->works->circuit,
                    'bench',
                    'Put '.$proving->works->pin($id).' on the bench supply with one of its lights, and set it.',
                    [new Expectation('look', word: 'as meant')],
                    'Dead, another one than was meant, or its common on the other side.',
                );
            }
        }

        return $gates;
    }

    private static function volts(Proving $proving): float
    {
        return $proving->works->build->mainSupply()->nominalV ?? 12.0;
    }

    /** Null where it has no two ends of its own: several colours, or a resistor that sits in its lead. */
    private static function amps(Proving $proving, Light $light): ?Expectation
    {
        [$plus, $minus] = State::ends($proving, $light->id);
        if ($plus === null || $minus === null || count($light->emitters()) > 1 || $light->kind === 'leds') {
            return null;
        }
        $of = fn (Wire $w): bool => str_starts_with($w->from, "{$light->id}.") ||
            str_starts_with($w->to, "{$light->id}.");
        $out = array_map(
            fn (Wire $w): string => $w->id,
            array_values(array_filter($proving->works->harness->wires, $of)),
        );
        $amps = $proving->instrument->benchAmps($plus, $minus, self::volts($proving), $out);

        return $amps === null || $amps < 1e-4
            ? null
            : new Expectation(
                'amps',
                $plus,
                $minus,
                round($amps, 3),
                round((1 - self::SHARE) * $amps, 3),
                round((1 + self::SHARE) * $amps, 3),
            );
    }
}
