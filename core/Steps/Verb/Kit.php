<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** All that is needed lies there before the first cut. */
final class Kit implements Verb
{
    public function key(): string
    {
        return 'kit';
    }

    public function steps(Job $job): array
    {
        $n = count($job->build->parts);

        return [
            $job->step(
                $this->key(),
                'all',
                'Lay out parts and tools',
                3.0 + 0.5 * $n,
                null,
                [],
                more: ['number' => (string) $n, 'numberOf' => 'kinds of part'],
            ),
        ];
    }
}
