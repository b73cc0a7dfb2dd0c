<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** The wire on a panel is unplugged, so that it can be laid aside. */
final class Unplug implements Verb
{
    public function key(): string
    {
        return 'unplug';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->panels() as $panel) {
            if ($panel->unplug) {
                $steps[] = $job->step(
                    $this->key(),
                    $panel->id,
                    'Unplug '.Words::within($panel->wire ?? 'the wire').' of '.Words::within($panel->label),
                    1.0,
                    null,
                    [$panel->id],
                    new Site(Words::within($panel->label), 'open', [...$job->outer($panel->id), $panel->id]),
                    ['power' => 'dead'],
                );
            }
        }

        return $steps;
    }
}
