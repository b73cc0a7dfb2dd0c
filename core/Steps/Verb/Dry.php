<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Fixed;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Held in its place before anything is stuck. */
final class Dry implements Verb
{
    public function key(): string
    {
        return 'dry';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach (Fixed::all($job) as $fixed) {
            $fixing = $fixed->stuck();
            if ($fixing === null) {
                continue;
            }
            $steps[] = $job->step(
                $this->key(),
                $fixed->id,
                'Hold '.Words::within($fixed->label).' in its place, dry',
                3.0,
                $fixed->circuit,
                [$fixed->id],
                $job->site([$fixed->id]),
                ['numberOf' => 'does it reach, does it clear what moves'],
            );
        }

        return $steps;
    }
}
