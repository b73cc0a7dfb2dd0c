<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The host once more, after all is closed. */
final class HostAgain implements Verb
{
    public function key(): string
    {
        return 'host_again';
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
                    'Try everything the host can do once more',
                    2.0 + 0.7 * $n,
                    null,
                    [],
                    $job->site([]),
                    ['power' => 'live', 'number' => (string) $n, 'numberOf' => 'as before the work'],
                ),
            ];
    }
}
