<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Fixed;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** It is stuck, and holds only after a while. */
final class Stick implements Verb
{
    public function key(): string
    {
        return 'stick';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach (Fixed::stuckOnes($job) as [$fixed, $fixing]) {
            $on = $fixing->on === '' ? '' : ' to '.Words::within($job->onWords($fixing->on));
            $title = 'Stick '.Words::within($fixed->label).$on;
            $steps[] = $fixed->step($job, $this->key(), $title, 2.0 + 2.0 * $fixed->longM, [
                'number' => $fixed->longM > 0.0 ? number_format($fixed->longM, 2, '.', '').' m' : null,
                'numberOf' => $fixing->words(),
                'uses' => ["{$fixing->words()}, m" => max(0.05, $fixed->longM)],
                'cureS' => $fixing->cureS,
                'holdS' => $fixing->holdS,
                'as' => ['surface' => $fixing->on],
                'dry' => $job->isWet($fixed->id),
            ]);
        }

        return $steps;
    }
}
