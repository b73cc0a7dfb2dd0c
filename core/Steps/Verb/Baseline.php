<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\HostTrial;
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
        $title = 'Try everything the host can do, and write it down';

        return HostTrial::steps($job, $this->key(), $title, 'of its wires and lamps');
    }
}
