<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\HoleStep;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Somebody looks what lies behind. */
final class Look implements Verb
{
    public function key(): string
    {
        return 'look';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->holes as $hole) {
            if (! $hole->existing) {
                $steps[] = HoleStep::of(
                    $job,
                    $this->key(),
                    $hole,
                    'Look behind '.Words::within($hole->in).' before you drill',
                    3.0,
                    [
                        'numberOf' => $hole->behind,
                        'cautions' => ['Wires, tanks, hoses, airbags: if you can not see it, do not drill it.'],
                        'tool' => 'lamp',
                    ],
                );
            }
        }

        return $steps;
    }
}
