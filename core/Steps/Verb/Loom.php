<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Wires that lie together are bound on the bench. */
final class Loom implements Verb
{
    public function key(): string
    {
        return 'loom';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->all as $key => $one) {
            if (count($one->pieces) < 2) {
                continue;
            }
            $steps[] = $job->step(
                $this->key(),
                (string) $key,
                'Bind the wires of '.Words::within($one->pieces[0]->lead->label).' into one',
                1.0 + 1.5 * $one->longestM(),
                $one->circuit,
                $one->about(),
                more: [
                    'number' => number_format($one->longestM(), 2, '.', '').' m',
                    'numberOf' => 'of loom',
                    'tool' => 'tape',
                ],
            );
        }

        return $steps;
    }
}
