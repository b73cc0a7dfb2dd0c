<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\EndStyle;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** An end is put where it belongs. */
final class Land implements Verb
{
    public function key(): string
    {
        return 'land';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->pieces as $piece) {
            foreach ($piece->ends() as [$core, $end, $pin]) {
                $thing = explode('.', (string) $pin)[0];
                $host = isset($job->build->wires[$thing]) || isset($job->build->grounds[$thing]);
                if ($pin === null || $host || $job->joint($pin) !== null) {
                    continue;
                }
                $style = EndStyle::of($job->build, $piece->lead, $core, $end);
                $light = isset($job->build->lights[$thing]);
                if ($style === 'factory' && $light) {
                    continue;
                }
                $steps[] = $job->step(
                    $this->key(),
                    "{$piece->lead->id}.{$core}.".['from', 'to'][$end],
                    ($style === 'solder' ? 'Solder ' : 'Land ').
                        $job->wire($piece->lead, $core).
                        ' on '.
                        Words::within($job->list->labels->pin($pin)),
                    $style === 'solder' ? 3.5 : 2.0,
                    $piece->lead->circuit,
                    [$piece->lead->id, $thing],
                    $light && $job->choices->onBench() ? null : $job->site([$thing, $piece->lead->id]),
                    [
                        'power' => $job->sourceNeed($thing),
                        'number' => $job->gauge($piece->lead),
                        'numberOf' => trim(str_replace('_', ' ', $style)),
                        'tool' => $style === 'solder' ? 'soldering iron' : '',
                        'uses' => $style === 'solder' ? ['solder, m' => 0.1] : [],
                        'gear' => $style === 'solder' ? ['glasses', 'air away from the face'] : [],
                    ],
                );
            }
        }

        return $steps;
    }
}
