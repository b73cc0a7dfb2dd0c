<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Wires of the host that go dark by themselves. */
final class Timed implements GateKind
{
    /** As near as a clock beside the work says. */
    private const SHARE = 0.2;

    public function key(): string
    {
        return 'timed';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->things() as $id) {
            $after = $works->build->wires[$id]->offAfterS ?? null;
            if ($after === null) {
                continue;
            }
            $gates[] = new Gate(
                "timed:{$id}",
                'timed',
                $works->circuit,
                'live',
                'Seconds from the moment '.$works->pin($id).' is let go until it is dark.',
                [new Expectation('seconds', $id, null, $after, (1 - self::SHARE) * $after, (1 + self::SHARE) * $after)],
                'A relay that chatters, or stays.',
            );
        }

        return $gates;
    }
}
