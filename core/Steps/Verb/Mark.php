<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\HoleStep;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A hole is marked where the template says. */
final class Mark implements Verb
{
    public function key(): string
    {
        return 'mark';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->holes as $hole) {
            if (! $hole->existing) {
                $steps[] = HoleStep::of(
                    $job,
                    $this->key(),
                    $hole,
                    'Mark the hole in '.Words::within($hole->in),
                    2.0,
                    [
                        'number' => $hole->at === '' ? null : $hole->at,
                        'numberOf' => $hole->at === '' ? '' : 'where',
                        'tool' => 'centre punch',
                    ],
                );
            }
        }

        return $steps;
    }
}
