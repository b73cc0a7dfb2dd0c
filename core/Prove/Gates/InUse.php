<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Words;

/** After a week of use. */
final class InUse implements GateKind
{
    public function key(): string
    {
        return 'use';
    }

    public function gates(Proving $proving): array
    {
        $circuit = $proving->works->build->circuits[$proving->works->circuit];

        return [
            new Gate(
                "use:{$proving->works->circuit}",
                'use',
                $proving->works->circuit,
                'live',
                'A week on, '.
                    Words::within($circuit->label).
                    ': does the tape hold, is anything hot to the hand, is the bank up in the morning?',
                [new Expectation('look', word: 'as meant')],
                'A change of the build, with its reason.',
            ),
        ];
    }
}
