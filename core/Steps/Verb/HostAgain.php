<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\HostTrial;
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
        return HostTrial::steps($job, $this->key(), 'Try everything the host can do once more', 'as before the work');
    }
}
