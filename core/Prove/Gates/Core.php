<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each core from end to end, battery off. */
final class Core implements GateKind
{
    /** Twice its own ohms, and so much for tips and joints. */
    private const TIPS_OHM = 0.3;

    public function key(): string
    {
        return 'core';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->cores as $core => $wires) {
            $lead = $works->leads[$wires[0]->lead];
            [$from, $to] = [$wires[0]->from, $wires[count($wires) - 1]->to];
            if (str_contains($from.$to, '.spare_')) {
                continue;
            }
            $ohm =
                array_sum(array_map(fn (Wire $w): float => $w->lengthM, $wires)) *
                $works->analysis->leads[$lead->id]->wire->ohmPerM();
            $gates[] = new Gate(
                "core:{$core}",
                'core',
                $works->circuit,
                'dead',
                'Ohms from '.
                    $works->pin($from).
                    ' to '.
                    $works->pin($to).
                    ', '.
                    $works->wire($lead, $wires[0]->core).
                    '.',
                [new Expectation('ohms', $from, $to, round($ohm, 3), 0.0, round(2 * $ohm + self::TIPS_OHM, 3))],
                'Crossed, cut, or a joint that is not made.',
                alone: 'A long test lead reaches the far end, or both ends are bridged to a neighbour and read here.',
            );
        }

        return $gates;
    }
}
