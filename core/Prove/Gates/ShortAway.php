<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Nothing behind a fuse is shorted, before the fuse goes in. */
final class ShortAway implements GateKind
{
    /** Less than this share of what the lit circuit comes to is a short. */
    private const SHARE = 0.5;

    public function key(): string
    {
        return 'short';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $lit = $proving->expected->scene($proving->with($proving->brightest()));
        $gates = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind !== 'fuse' || $lit === null) {
                    continue;
                }
                $amps = abs($lit->lit->amps[$thing->id] ?? 0.0);
                $least = $amps > 1e-4 ? (self::SHARE * $proving->expected->supplyV) / $amps : 100.0;
                $gates[] = new Gate(
                    "short:{$thing->id}",
                    'short',
                    $works->circuit,
                    'fuse_out',
                    "Fuse {$thing->id} out: ohms from its light side to ".$works->pin($proving->table->minus()).'.',
                    [new Expectation('ohms', "{$thing->id}.2", $proving->table->minus(), low: round($least, 1))],
                    'A short, or a diode the wrong way round. Never a larger fuse.',
                );
            }
        }

        return $gates;
    }
}
