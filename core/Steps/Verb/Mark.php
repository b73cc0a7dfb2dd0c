<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
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
                $steps[] = $job->step(
                    $this->key(),
                    $hole->id,
                    'Mark the hole in '.Words::within($hole->in),
                    2.0,
                    $job->circuitOf($hole->for),
                    [$hole->id, $hole->for],
                    $job->site([$hole->id, $hole->for]),
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
