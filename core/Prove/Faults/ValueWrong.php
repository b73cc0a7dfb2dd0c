<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;
use BenchGlow\Quantity\Shown;

/** A resistor of another decade, or far too small: in a wire, or in a row of LEDs. */
final class ValueWrong implements FaultKind
{
    private const WEIGHT = 2.0;

    private const TIMES = ['ten' => 10.0, 'quarter' => 0.25];

    public function key(): string
    {
        return 'value';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                foreach ($thing->kind === 'resistor' ? self::TIMES : [] as $how => $times) {
                    $faults[] = new Fault(
                        "value:{$thing->id}@{$how}",
                        'value',
                        [$thing->id],
                        'The resistor in '.
                            $works->wire($lead, $thing->core).
                            ' has '.
                            Shown::plain($times * $thing->ohm, 1).
                            ' Ω, not '.
                            Shown::plain($thing->ohm, 1),
                        self::WEIGHT,
                        new Overlay(set: [$thing->id => $times * $thing->ohm]),
                    );
                }
            }
        }

        foreach ($works->build->lightsOf($works->circuit) as $light) {
            $ohm = $light->kind === 'leds' ? $light->fields->number('ohm') : 0.0;
            foreach ($ohm > 0.0 ? self::TIMES : [] as $how => $times) {
                $faults[] = new Fault(
                    "value:{$light->id}@{$how}",
                    'value',
                    [$light->id],
                    "The resistors of {$light->label} have ".
                        Shown::plain($times * $ohm, 1).
                        ' Ω, not '.
                        Shown::plain($ohm, 1),
                    self::WEIGHT,
                    new Overlay(written: [[$light->id, 'ohm', $times * $ohm]]),
                );
            }
        }

        return $faults;
    }
}
