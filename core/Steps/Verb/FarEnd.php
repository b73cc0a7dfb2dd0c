<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Piece;
use BenchGlow\Steps\Verb;

/** The far end is proven after it was pulled through. */
final class FarEnd implements Verb
{
    public function key(): string
    {
        return 'far_end';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->all as $key => $one) {
            if ($one->stretches === []) {
                continue;
            }
            $cores = array_sum(array_map(fn (Piece $p): int => count($p->lead->cores), $one->pieces));
            $steps[] = $job->step(
                $this->key(),
                (string) $key,
                'Prove '.Words::within($one->pieces[0]->lead->label).' from end to end',
                1.5 + 0.5 * $cores,
                $one->circuit,
                $one->about(),
                $job->site($one->stretches),
                ['number' => '1 Ω', 'numberOf' => 'at most, each wire', 'tool' => 'meter'],
            );
        }

        return $steps;
    }
}
