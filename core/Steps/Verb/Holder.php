<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** The holder of a fuse goes into its wire. */
final class Holder implements Verb
{
    public function key(): string
    {
        return 'holder';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $steps[] = $job->step(
                        $this->key(),
                        $thing->id,
                        'Put the holder of '.
                            Words::within($job->build->label($thing->id)).
                            ' into '.
                            $job->wire($lead, $thing->core),
                        4.0,
                        $lead->circuit,
                        [$lead->id, $thing->id],
                        more: [
                            'number' => number_format($thing->atM, 2, '.', '').' m',
                            'numberOf' => 'from the source, and without its fuse',
                            'tool' => 'crimping jaw',
                        ],
                    );
                }
            }
        }

        return $steps;
    }
}
