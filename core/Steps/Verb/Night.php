<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Looked at in the dark, from where it is seen. */
final class Night implements Verb
{
    public function key(): string
    {
        return 'night';
    }

    public function steps(Job $job): array
    {
        return $job->build->lights === []
            ? []
            : [
                $job->step(
                    $this->key(),
                    'all',
                    'Look at it in the dark, from where it is seen',
                    10.0,
                    null,
                    [],
                    $job->site([]),
                    ['power' => 'live', 'dark' => true, 'numberOf' => 'dazzle, spots, colour'],
                ),
            ];
    }
}
