<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\HoleStep;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A hole is made. */
final class Drill implements Verb
{
    public function key(): string
    {
        return 'drill';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->holes as $hole) {
            if ($hole->existing) {
                continue;
            }
            $usual = $hole->slot
                ? 6.0
                : (2.0 + ($hole->mm >= 12.0 ? 3.0 : 0.0)) * ($hole->material === 'metal' ? 2.0 : 1.0);
            $stop = $hole->stopMm === null ? '' : ', stop at '.Shown::plain($hole->stopMm, 0).' mm';
            $steps[] = HoleStep::of(
                $job,
                $this->key(),
                $hole,
                ($hole->slot ? 'Cut the slot in ' : 'Drill ').Words::within($hole->in),
                $usual * $hole->count,
                [
                    'number' => Shown::plain($hole->mm, 1).' mm',
                    'numberOf' => ($hole->count > 1 ? "{$hole->count} holes" : 'drill').$stop,
                    'tool' => 'drill '.Shown::plain($hole->mm, 1).' mm',
                    'gear' => ['glasses', 'dust away'],
                    'cautions' => ['Glasses on. Start at low speed, and stop where it breaks through.'],
                    'as' => ['mm' => $hole->mm],
                ],
            );
        }

        return $steps;
    }
}
