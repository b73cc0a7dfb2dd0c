<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A row of single LEDs is soldered up. */
final class Assemble implements Verb
{
    public function key(): string
    {
        return 'assemble';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->lights as $light) {
            if ($light->kind !== 'leds') {
                continue;
            }
            [$full, $last] = $light->strings();
            $resistors = $full + ($last > 0 ? 1 : 0);
            $steps[] = $job->step(
                $this->key(),
                $light->id,
                'Solder up '.Words::within($light->label),
                2.5 * $light->count() + $resistors,
                $light->circuit,
                [$light->id],
                more: [
                    'number' => (string) $light->count(),
                    'numberOf' => 'LEDs, '.Words::count($resistors, 'resistor'),
                    'tool' => 'soldering iron',
                    'uses' => ['solder, m' => 0.1 * $light->count()],
                    'gear' => ['glasses', 'air away from the face'],
                ],
            );
        }

        return $steps;
    }
}
