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
        $gates = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind !== 'fuse') {
                    continue;
                }
                $state = $proving->fullest($thing->id);
                $gates[] = new Gate(
                    "power:{$thing->id}",
                    'power',
                    $works->circuit,
                    'live',
                    'Meter in place of '.$works->pin($thing->id).", {$proving->thrown($state)}: amps.",
                    [$proving->expected->amps($proving->with($state), $thing->id)],
                    'Too much is a short or another part; none at all is a joint or the fuse. Look for it.',
                    $proving->with($state),
                );
            }
        }

        return $gates;
    }
}
