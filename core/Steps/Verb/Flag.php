<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A label goes on before the end is closed. */
final class Flag implements Verb
{
    public function key(): string
    {
        return 'flag';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->pieces as $piece) {
            foreach ($piece->ends() as [$core, $end, $pin]) {
                if ($pin === null || $job->joint($pin) !== null) {
                    continue;
                }
                $side = ['from', 'to'][$end];
                $steps[] = $job->step(
                    $this->key(),
                    "{$piece->lead->id}.{$core}.{$side}",
                    'Label '.$job->wire($piece->lead, $core),
                    0.5,
                    $piece->lead->circuit,
                    [$piece->lead->id],
                    more: [
                        'number' => trim(
                            "{$job->list->labels->flag($piece->lead)} {$job->list->labels->number(
                                $piece->lead,
                                $core,
                            )}",
                        ),
                        'numberOf' => 'on the label, at '.$job->list->labels->pin($pin),
                    ],
                );
            }
        }

        return $steps;
    }
}
