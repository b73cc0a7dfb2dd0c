<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Used as it will be used. */
final class UseIt implements Verb
{
    public function key(): string
    {
        return 'use';
    }

    public function steps(Job $job): array
    {
        return $job->build->lights === []
            ? []
            : [
                $job->step($this->key(), 'all', 'Use it once as it will be used', 20.0, null, [], $job->site([]), [
                    'power' => 'live',
                    'number' => '20 min',
                    'numberOf' => 'warm to the hand at most',
                ]),
            ];
    }
}
