<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Nothing of the work is left on the host. */
final class Tidy implements Verb
{
    public function key(): string
    {
        return 'tidy';
    }

    public function steps(Job $job): array
    {
        return [$job->step($this->key(), 'all', 'Tidy up; count the tools', 10.0, null, [], $job->site([]))];
    }
}
