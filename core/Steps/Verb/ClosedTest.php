<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
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
        // With nothing that closes, the one test is both.
        $twice = $job->panels() === [] && $job->choices->proof === 'both';
        foreach ($twice || $job->choices->proof === 'open' ? [] : $job->build->circuits as $id => $circuit) {
            $n = $job->situations((string) $id);
            $of = $circuit->label;
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                'Try '.Words::within($of).' with all closed',
                0.7 * (1.5 + 1.2 * $n),
                (string) $id,
                [(string) $id],
                $job->site([]),
                [
                    'power' => 'live',
                    'number' => (string) $n,
                    'numberOf' => $n === 1 ? 'situation' : 'situations',
                ],
            );
        }

        return $steps;
    }
}
