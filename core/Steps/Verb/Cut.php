<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A piece is cut to its length. */
final class Cut implements Verb
{
    public function key(): string
    {
        return 'cut';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->pieces as $key => $piece) {
            $ends = [$piece->lead->ends[0], $piece->lead->ends[1]];
            if ($piece->lead->lengthFrom === 'supplied' || $ends === ['factory', 'factory']) {
                continue;
            }
            $cores = count($piece->lead->cores);
            $longer = $piece->lengthM === null ? 0.0 : $job->lessons->longerM;
            $long = $piece->lengthM === null ? null : number_format($piece->lengthM + $longer, 2, '.', '').' m';
            $steps[] = $job->step(
                $this->key(),
                $key,
                'Cut '.Words::within($piece->lead->label),
                1.0 + 0.4 * $cores,
                $piece->lead->circuit,
                [$piece->lead->id],
                more: [
                    'number' => $long,
                    'numberOf' => ($cores === 1 ? '' : "{$cores} wires of ").
                        $job->gauge($piece->lead).
                        // Longer than the list says, because one was cut short; what it was done under stays the list's.
                        ($longer > 0.0 ? ', '.Shown::plain(100 * $longer, 0).' cm of it make-up' : ''),
                    'tool' => 'cutters',
                    'as' => [
                        ...$piece->lengthM === null ? [] : ['length_m' => round($piece->lengthM, 3)],
                        'area_mm2' => round($job->list->areaMm2($piece->lead), 3),
                        'colour' => $job->list->colours->all[$piece->lead->id][0],
                    ],
                ],
            );
        }

        return $steps;
    }
}
