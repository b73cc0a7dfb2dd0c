<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Words;

/** Each light in the dark, from where it is seen. */
final class Night implements GateKind
{
    public function key(): string
    {
        return 'night';
    }

    public function gates(Proving $proving): array
    {
        $gates = [];
        foreach ($proving->works->build->lightsOf($proving->works->circuit) as $light) {
            $gates[] = new Gate(
                "night:{$light->id}",
                'night',
                $proving->works->circuit,
                'live',
                'In the dark, from two sides: is '.
                    Words::within($light->label).
                    ' even, does it dazzle, does it stray?',
                [new Expectation('look', word: 'as meant')],
                'Spots, a dark end, or a bare source in somebody’s eyes.',
            );
        }

        return $gates;
    }
}
