<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The way, by a string laid where the wire will lie. */
final class Measure implements Verb
{
    public function key(): string
    {
        return 'measure';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->leads as $id => $lead) {
            $way = $job->list->loom->leads[$id];
            $stretches = $way->stretches ?? [];
            if ($lead->lengthM !== null || $stretches === []) {
                continue;
            }
            $n = count($stretches);
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                'Measure the way of '.Words::within($lead->label).' by a string',
                1.0 + $n,
                $lead->circuit,
                [(string) $id],
                $job->site($stretches),
                [
                    'number' => $way->lengthM === null ? null : number_format($way->lengthM, 2, '.', '').' m',
                    'numberOf' => 'by its way, with slack',
                    'hands' => 2,
                    'tool' => 'string',
                ],
            );
        }

        return $steps;
    }
}
