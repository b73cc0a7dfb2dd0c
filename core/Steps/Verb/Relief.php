<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A lamp does not hang on its own wires. */
final class Relief implements Verb
{
    public function key(): string
    {
        return 'relief';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->lights as $light) {
            $steps[] = $job->step(
                $this->key(),
                $light->id,
                'Relieve the wires at '.Words::within($light->label).', with a loop',
                3.0,
                $light->circuit,
                [$light->id],
                $job->site([$light->id]),
                ['number' => '5 cm', 'numberOf' => 'to the first fixing, at most'],
            );
        }

        return $steps;
    }
}
