<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** A panel goes back, all fasteners loose at first. */
final class Close implements Verb
{
    public function key(): string
    {
        return 'close';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->panels() as $panel) {
            $count = $job->fastenersOf($panel->id);
            $steps[] = $job->step(
                $this->key(),
                $panel->id,
                'Put '.Words::within($panel->label).' back',
                1.5 + 0.7 * $count,
                null,
                [$panel->id],
                new Site(Words::within($panel->label), 'open', []),
                [
                    'number' => $count === 0 ? null : (string) $count,
                    'numberOf' => $count === 0 ? '' : 'fasteners, all loose, then the gap',
                ],
            );
        }

        return $steps;
    }
}
