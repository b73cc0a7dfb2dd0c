<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A controller with a radio is paired. */
final class Pair implements Verb
{
    public function key(): string
    {
        return 'pair';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->devices as $id => $device) {
            if (
                $device instanceof ControllerDevice &&
                in_array($device->part->fields->text('style'), ['receiver', 'sender'], true)
            ) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Pair '.Words::within($device->label()),
                    10.0,
                    $device->circuit(),
                    [(string) $id],
                    $job->site([(string) $id]),
                    ['power' => 'live'],
                );
            }
        }

        return $steps;
    }
}
