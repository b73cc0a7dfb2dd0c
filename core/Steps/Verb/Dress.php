<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\HoleStep;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Its edge is made safe for a wire. */
final class Dress implements Verb
{
    public function key(): string
    {
        return 'dress';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->holes as $hole) {
            if (! $hole->existing || ! $hole->isGuarded()) {
                $steps[] = HoleStep::of(
                    $job,
                    $this->key(),
                    $hole,
                    'Dress the edge of '.Words::within($hole->in),
                    3.0 * $hole->count,
                    [
                        'number' => Shown::plain($hole->mm, 1).' mm',
                        'numberOf' => $hole->isGuarded()
                            ? "with its {$hole->edge}"
                            : 'deburred; a bare edge cuts wires',
                        'tool' => 'deburrer',
                    ],
                );
            }
        }

        return $steps;
    }
}
