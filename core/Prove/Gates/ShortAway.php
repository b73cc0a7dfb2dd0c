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
    /** Less than this share of what is there is a short. */
    private const SHARE = 0.5;

    /** Where a meter's half volt opens nothing, so much at least. */
    private const OPEN_OHM = 1000.0;

    public function key(): string
    {
        return 'short';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $with = $proving->with($proving->fullest($thing->id));
                $lit = $thing->kind === 'fuse' ? $proving->expected->scene($with) : null;
                if ($lit === null) {
                    continue;
                }
                $minus = $proving->table->minus();
                $ohm = $proving->instrument->ohms("{$thing->id}.2", $minus, $lit->closed, [$thing->id]);
                $gates[] = new Gate(
                    "short:{$thing->id}",
                    'short',
                    $works->circuit,
                    'fuse_out',
                    ucfirst($works->pin($thing->id)).
                        ' out, switches as when all is lit: ohms from its light side to '.
                        $works->pin($minus).
                        '.',
                    [
                        new Expectation(
                            'ohms',
                            "{$thing->id}.2",
                            $minus,
                            $ohm,
                            $ohm === null ? self::OPEN_OHM : round(self::SHARE * $ohm, 1),
                            word: $ohm === null ? 'open' : null,
                        ),
                    ],
                    'A short, or a diode the wrong way round. Never a larger fuse.',
                    $with,
                );
            }
        }

        return $gates;
    }
}
