<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A ground is made: bare metal, ring, paint. */
final class Ground implements Verb
{
    public function key(): string
    {
        return 'ground';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->grounds as $id => $ground) {
            $rings = $job->list->ringsAt((string) $id);
            if ($rings > 0) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Make the ground at '.Words::within($ground->label),
                    6.0,
                    null,
                    [(string) $id, ...$job->on((string) $id)],
                    $job->site([(string) $id]),
                    [
                        'power' => 'dead',
                        'number' => (string) $rings,
                        'numberOf' => $rings === 1 ? 'ring, on bare metal' : 'rings, on bare metal',
                        'cautions' => [
                            'Battery off before a ring goes on. Never under a bolt of belts, steering or fuel.',
                        ],
                        'tool' => 'spanner',
                    ],
                );
            }
        }

        return $steps;
    }
}
