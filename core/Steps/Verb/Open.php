<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Opening;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** A panel of the host comes off. */
final class Open implements Verb
{
    public function key(): string
    {
        return 'open';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->panels() as $panel) {
            $opening = new Opening($job->build, $panel);
            [$count, $bag] = [$opening->fasteners, $opening->bag];
            $steps[] = $job->step(
                $this->key(),
                $panel->id,
                'Take off '.Words::within($panel->label),
                $opening->minutes,
                null,
                [$panel->id],
                new Site(Words::within($panel->label), 'open', $job->outer($panel->id)),
                [
                    'number' => $count === 0 ? null : (string) $count,
                    'numberOf' => $count === 0 ? '' : 'fasteners'.($bag === '' ? '' : ", bag {$bag}"),
                    'cautions' => array_values(
                        array_filter([
                            $panel->fragile === '' ? '' : Words::first($panel->fragile),
                            $panel->off === '' ? '' : Words::first($panel->off),
                            $panel->lever === '' ? '' : 'Lever: '.$panel->lever,
                            $panel->wire === null ? '' : 'On it hangs: '.$panel->wire,
                        ]),
                    ),
                ],
            );
        }

        return $steps;
    }
}
