<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;
use BenchGlow\Quantity\Words;

/** Each light alone on the bench supply, before it goes in. */
final class Part implements GateKind
{
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
            $gates[] = new Gate(
                "part:{$light->id}",
                'part',
                $proving->works->circuit,
                'bench',
                'Put '.
                    Words::within($light->label).
                    ' on the bench supply'.
                    (count($looks) > 1 ? ', every colour of it.' : '.'),
                $looks,
                'A dead part, or another one than was meant.',
            );
        }

        return $gates;
    }
}
