<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Step;
use BenchGlow\Steps\Verb;

/** Once more after closing: it pulls plugs and pinches wires. */
final class ClosedTest implements Verb
{
    public function key(): string
    {
        return 'closed_test';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->choices->proof === 'open' ? [] : $job->build->circuits as $id => $circuit) {
            foreach ([null] as $side) {
                $n = $job->situations((string) $id);
                $of = $side === null ? $circuit->label : $job->build->lights[$side]->label;
                $steps[] = $job->step(
                    $this,
                    $side ?? (string) $id,
                    'Try '.Words::within($of).' with all closed',
                    0.7 * (1.5 + 1.2 * $n),
                    (string) $id,
                    $side === null ? [(string) $id] : [(string) $id, $side],
                    $job->site([]),
                    [
                        'power' => 'live',
                        'number' => (string) $n,
                        'numberOf' => $n === 1 ? 'situation' : 'situations',
                        'side' => $side,
                    ],
                );
            }
        }

        return $steps;
    }
}
