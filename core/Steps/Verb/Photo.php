<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Taps, grounds and fuses are pictured before they are covered. */
final class Photo implements Verb
{
    public function key(): string
    {
        return 'photo';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        $hidden = [
            ...array_keys($job->build->wires),
            ...array_keys($job->build->grounds),
            ...array_keys($job->build->ways),
        ];
        foreach ($hidden as $id) {
            $leads = $job->on((string) $id);
            if ($leads !== [] && $job->off([(string) $id]) !== []) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Picture of '.Words::within($job->build->label((string) $id)),
                    0.5,
                    $job->circuitOf(...$leads),
                    [(string) $id],
                    $job->site([(string) $id]),
                );
            }
        }

        return $steps;
    }
}
