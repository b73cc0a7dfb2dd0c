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
        foreach (Fixed::stuckOnes($job) as [$fixed, $fixing]) {
            $title = 'Clean the face for '.Words::within($fixed->label);
            $steps[] = $fixed->step($job, $this->key(), $title, 2.0 + $fixed->longM, [
                'numberOf' => str_replace('_', ' ', $fixing->prep === 'none' ? 'wipe' : $fixing->prep),
                'uses' => ['wipes' => 2.0],
                'gear' => ['air'],
                'dry' => $job->isWet($fixed->id),
            ]);
        }

        return $steps;
    }
}
