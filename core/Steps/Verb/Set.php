<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** What a controller can be set to is set. */
final class Set implements Verb
{
    public function key(): string
    {
        return 'set';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->devices as $id => $device) {
            if ($device instanceof ControllerDevice) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Set '.Words::within($device->label()),
                    4.0,
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
