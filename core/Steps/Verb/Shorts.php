<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** No short before the fuse goes in. */
final class Shorts implements Verb
{
    public function key(): string
    {
        return 'shorts';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->circuits as $id => $circuit) {
            foreach ([null, ...$job->secondSides((string) $id)] as $side) {
                $of = $side === null ? $circuit->label : $job->build->lights[$side]->label;
                $steps[] = $job->step(
                    $this->key(),
                    $side ?? (string) $id,
                    'Look for shorts in '.Words::within($of),
                    5.0,
                    (string) $id,
                    $side === null ? [(string) $id] : [(string) $id, $side],
                    $job->site([]),
                    [
                        'power' => 'fuse_out',
                        'number' => '∞ Ω',
                        'numberOf' => 'feed to ground, lamps off',
                        'tool' => 'meter',
                        'side' => $side,
                    ],
                );
            }
        }

        return $steps;
    }
}
