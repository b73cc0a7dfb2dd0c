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
        foreach (Fixed::all($job) as $fixed) {
            $fixing = $fixed->stuck();
            if ($fixing === null) {
                continue;
            }
            $steps[] = $job->step(
                $this->key(),
                $fixed->id,
                'Stick '.
                    Words::within($fixed->label).
                    ($fixing->on === '' ? '' : ' to '.Words::within($job->onWords($fixing->on))),
                2.0 + 2.0 * $fixed->longM,
                $fixed->circuit,
                [$fixed->id],
                $job->site([$fixed->id]),
                [
                    'number' => $fixed->longM > 0.0 ? number_format($fixed->longM, 2, '.', '').' m' : null,
                    'numberOf' => $fixing->words(),
                    'uses' => ["{$fixing->words()}, m" => max(0.05, $fixed->longM)],
                    'cureS' => $fixing->cureS,
                    'holdS' => $fixing->holdS,
                    'as' => ['surface' => $fixing->on],
                ],
            );
        }

        return $steps;
    }
}
