<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each core from end to end, and open to its neighbour, battery off. */
final class Core implements GateKind
{
    /** Twice its own ohms, and so much for tips and joints. */
    private const TIPS_OHM = 0.3;

    /** Neighbours that read less are joined by what hangs on them. */
    private const OPEN_OHM = 1000.0;

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
            $expected = [new Expectation('ohms', $from, $to, round($ohm, 3), 0.0, round(2 * $ohm + self::TIPS_OHM, 3))];
            $beside = self::beside($proving, $wires);
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
                    ($beside === null
                        ? '.'
                        : '; then to '.$works->pin((string) $beside->black).', the core beside it.'),
                $beside === null ? $expected : [...$expected, $beside],
                'Crossed, cut, or a joint that is not made.',
                alone: 'A long test lead reaches the far end, or both ends are bridged to a neighbour and read here.',
            );
        }

        return $gates;
    }

    /**
     * The next core of the same lead, where it should read open with all at rest.
     *
     * @param  list<Wire>  $wires
     */
    private static function beside(Proving $proving, array $wires): ?Expectation
    {
        $next = $proving->works->cores["{$wires[0]->lead}.".($wires[0]->core + 1)] ?? null;
        if ($next === null || str_contains($next[0]->from.$wires[0]->from, '.spare_')) {
            return null;
        }
        $ohm = $proving->instrument->ohms($wires[0]->from, $next[0]->from, []);

        return $ohm !== null && $ohm < self::OPEN_OHM
            ? null
            : new Expectation('ohms', $wires[0]->from, $next[0]->from, low: self::OPEN_OHM, word: 'open');
    }
}
