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
        foreach (Fixed::stuckOnes($job) as [$fixed]) {
            $title = 'Hold '.Words::within($fixed->label).' in its place, dry';
            $more = ['numberOf' => 'does it reach, does it clear what moves'];
            $steps[] = $fixed->step($job, $this->key(), $title, 3.0, $more);
        }

        return $steps;
    }
}
