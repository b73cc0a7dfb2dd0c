<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** The halves of a plug go together; the host's own plugs go back. */
final class Couple implements Verb
{
    public function key(): string
    {
        return 'couple';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->devices as $id => $device) {
            if ($device instanceof PlugDevice) {
                $leads = $job->through((string) $id);
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Couple '.Words::within($device->label()),
                    0.7,
                    $job->circuitOf(...$leads),
                    [(string) $id, ...$leads],
                    $job->site([(string) $id]),
                );
            }
        }
        foreach ($job->panels() as $panel) {
            if ($panel->unplug) {
                $steps[] = $job->step(
                    $this->key(),
                    $panel->id,
                    'Plug '.Words::within($panel->wire ?? 'the wire').' back in',
                    0.7,
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
