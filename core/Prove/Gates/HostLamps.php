<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\WhenText;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Words;

/** Lamps of the host on the wires a circuit hangs on. */
final class HostLamps
{
    /** A filament's amps are within so much of what its watts say. */
    private const SHARE = 0.15;

    /** @return list<Gate> */
    public static function gates(Proving $proving, string $kind, string $when, string $means): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->things() as $id) {
            $wire = $works->build->wires[$id] ?? null;
            if ($wire === null) {
                continue;
            }
            foreach ($wire->loads as $load) {
                $volts = $load->atV ?? ($works->build->supplies[$wire->fedBy]->nominalV ?? 12.0);
                $amps = $load->watts / $volts;
                $live = $wire->liveWhen === null ? '' : WhenText::say($wire->live(), $works->build->document);
                $gates[] = new Gate(
                    "{$kind}:{$id}.{$load->id}",
                    $kind,
                    $works->circuit,
                    'live',
                    ($live === '' ? 'Look' : ucfirst("{$live}: look")).
                        " {$when} whether ".
                        str_replace('_', ' ', $load->id).
                        ' on '.
                        Words::within($wire->label).
                        ' works.',
                    [
                        new Expectation('look', word: 'glows'),
                        new Expectation(
                            'amps',
                            $id,
                            value: round($amps, 3),
                            low: round((1 - self::SHARE) * $amps, 3),
                            high: round((1 + self::SHARE) * $amps, 3),
                        ),
                    ],
                    $means,
                    alone: 'A phone that films the lamp sees it from the switch.',
                );
            }
        }

        return $gates;
    }
}
