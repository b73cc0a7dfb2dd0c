<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** The first time with power: amps through each fuse, everything lit. */
final class FirstPower implements GateKind
{
    public function key(): string
    {
        return 'power';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $state = $proving->brightest();
        $gates = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind !== 'fuse') {
                    continue;
                }
                $gates[] = new Gate(
                    "power:{$thing->id}",
                    'power',
                    $works->circuit,
                    'live',
                    "Meter in place of fuse {$thing->id}, {$proving->thrown($state)}: amps.",
                    [$proving->expected->amps($proving->with($state), $thing->id)],
                    'Look for it: too much is a short or another part, none is open.',
                    $proving->with($state),
                );
            }
        }

        return $gates;
    }
}
