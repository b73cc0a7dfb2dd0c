<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The host as it was found: a fault found later must not be yours. */
final class Baseline implements Verb
{
    public function key(): string
    {
        return 'baseline';
    }

    public function steps(Job $job): array
    {
        $n = $job->hostFunctions();

        return $n === 0
            ? []
            : [
                $job->step(
                    $this->key(),
                    'all',
                    'Try everything the host can do, and write it down',
                    2.0 + 0.7 * $n,
                    null,
                    [],
                    $job->site([]),
                    ['power' => 'live', 'number' => (string) $n, 'numberOf' => 'of its wires and lamps'],
                ),
            ];
    }
}
