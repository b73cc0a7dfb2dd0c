<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** Both halves of a plug are made. */
final class Plug implements Verb
{
    public function key(): string
    {
        return 'plug';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->devices as $id => $device) {
            if (! ($device instanceof PlugDevice)) {
                continue;
            }
            $ways = [];
            $leads = [];
            $circuit = [];
            foreach ($job->build->leads as $lead) {
                foreach ($lead->inline as $thing) {
                    if ($thing->plug === $id) {
                        array_push($ways, ...$thing->ways);
                        $leads[] = $lead->id;
                        $circuit[(string) $lead->circuit] = true;
                    }
                }
            }
            if ($ways === []) {
                continue;
            }
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                'Make both halves of '.Words::within($device->label()),
                2.0 + 1.8 * count($ways),
                count($circuit) === 1 ? (array_key_first($circuit) ?: null) : null,
                [(string) $id, ...$leads],
                more: [
                    'number' => (string) count($ways),
                    'numberOf' => 'ways; the shrouded half toward the source',
                    'tool' => 'crimping jaw',
                    'cautions' => ['Boot and seal go on the wire first.'],
                ],
            );
        }

        return $steps;
    }
}
