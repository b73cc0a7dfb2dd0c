<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** What a controller does by itself: as it was set, also from cold. */
final class Effect implements GateKind
{
    public function key(): string
    {
        return 'effect';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->things() as $id) {
            if (! (($works->build->devices[$id] ?? null) instanceof ControllerDevice)) {
                continue;
            }
            $gates[] = new Gate(
                "effect:{$id}",
                'effect',
                $works->circuit,
                'live',
                'Power off and on again: '.
                    $works->pin($id).
                    ' starts as it was set, every light it drives the same.',
                [new Expectation('look', word: 'as meant')],
                'Not paired, set to nothing, or it forgets when it is cold.',
            );
        }

        return $gates;
    }
}
