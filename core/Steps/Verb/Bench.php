<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A lamp or controller on the bench, before it is fitted. */
final class Bench implements Verb
{
    public function key(): string
    {
        return 'bench';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->lights as $light) {
            $volts = $job->build->mainSupply()?->nominalV;
            $steps[] = $job->step(
                $this->key(),
                $light->id,
                'Try '.Words::within($light->label).' on the bench',
                2.0 + 0.7,
                $light->circuit,
                [$light->id],
                more: [
                    'number' => $volts === null ? null : Shown::plain($volts, 1).' V',
                    'numberOf' => 'from a supply with a limit',
                    'cautions' => ['A supply with its limit set low, never the battery.'],
                ],
            );
        }
        foreach ($job->build->devices as $id => $device) {
            if ($device instanceof ControllerDevice) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Try '.Words::within($device->label()).' on the bench',
                    2.0 + 0.7,
                    $device->circuit(),
                    [(string) $id],
                );
            }
        }

        return $steps;
    }
}
