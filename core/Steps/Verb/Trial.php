<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Fixing;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A sensor finds its place by trying. */
final class Trial implements Verb
{
    public function key(): string
    {
        return 'trial';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->devices as $id => $device) {
            $sensor = in_array($device->part->fields->text('style'), ['reed', 'sensor', 'plunger', 'tilt'], true);
            $asked = array_filter($job->fixings((string) $id), fn (Fixing $f): bool => $f->trial) !== [];
            if ($asked || ($device instanceof SwitchDevice && $sensor)) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $id,
                    'Find the place of '.Words::within($device->label()).' by trying',
                    8.0,
                    $device->circuit(),
                    [(string) $id],
                    $job->site([(string) $id]),
                    ['numberOf' => 'held by tape until it throws where it should'],
                );
            }
        }

        return $steps;
    }
}
