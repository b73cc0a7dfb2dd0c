<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The fuse goes in last. */
final class Fuse implements Verb
{
    public function key(): string
    {
        return 'fuse';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $amps = $job->list->analysis->fuses[$thing->id]->fittedA();
                    $steps[] = $job->step(
                        $this->key(),
                        $thing->id,
                        'Put in '.Words::within($job->build->label($thing->id)),
                        1.0,
                        $lead->circuit,
                        [$thing->id, $lead->id],
                        $job->site([$thing->id, $lead->id]),
                        [
                            'power' => 'fuse_out',
                            'number' => $amps === null ? null : Shown::plain($amps, 1).' A',
                            'numberOf' => 'never more',
                            'as' => $amps === null ? [] : ['amps' => $amps],
                        ],
                    );
                }
            }
        }

        return $steps;
    }
}
