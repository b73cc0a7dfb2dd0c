<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** What forgot itself while the host was dead is set again. */
final class Reset implements Verb
{
    public function key(): string
    {
        return 'reset';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->panels() as $panel) {
            if ($panel->reset !== null) {
                $steps[] = $job->step(
                    $this->key(),
                    $panel->id,
                    Words::first($panel->reset),
                    4.0,
                    null,
                    [$panel->id],
                    $job->site([]),
                    ['power' => 'live'],
                );
            }
        }

        return $steps;
    }
}
