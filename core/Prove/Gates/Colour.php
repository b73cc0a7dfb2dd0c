<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Words;

/** Each channel of a light of several colours by itself. */
final class Colour implements GateKind
{
    public function key(): string
    {
        return 'colour';
    }

    public function gates(Proving $proving): array
    {
        $gates = [];
        foreach ($proving->works->build->lightsOf($proving->works->circuit) as $light) {
            $emitters = $light->emitters();
            foreach (count($emitters) > 1 ? $emitters : [] as $emitter => $colour) {
                $gates[] = new Gate(
                    "colour:{$light->id}.{$emitter}",
                    'colour',
                    $proving->works->circuit,
                    'live',
                    'Only '.
                        str_replace('_', ' ', $colour).
                        ' on '.
                        Words::within($light->label).
                        ': which colour is seen.',
                    [new Expectation('look', word: str_replace('_', ' ', $colour), emitter: "{$light->id}.{$emitter}")],
                    'Channels on each other’s pins.',
                );
            }
        }

        return $gates;
    }
}
