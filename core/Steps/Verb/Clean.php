<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Fixed;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The face is cleaned just before. */
final class Clean implements Verb
{
    public function key(): string
    {
        return 'clean';
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
                'Clean the face for '.Words::within($fixed->label),
                2.0 + $fixed->longM,
                $fixed->circuit,
                [$fixed->id],
                $job->site([$fixed->id]),
                [
                    'numberOf' => str_replace('_', ' ', $fixing->prep === 'none' ? 'wipe' : $fixing->prep),
                    'uses' => ['wipes' => 2.0],
                    'gear' => ['air'],
                ],
            );
        }

        return $steps;
    }
}
