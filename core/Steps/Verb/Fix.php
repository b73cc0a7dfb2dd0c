<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Fixed;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A light or a device is held by something mechanical. */
final class Fix implements Verb
{
    public function key(): string
    {
        return 'fix';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach (Fixed::all($job) as $fixed) {
            if ($fixed->stuck() !== null) {
                continue;
            }
            $fixing = $fixed->fixings[0] ?? null;
            $said = $fixing === null ? ' (not said how)' : '';
            $steps[] = $job->step(
                $this->key(),
                $fixed->id,
                'Fix '.Words::within($fixed->label).$said,
                $fixing !== null && in_array($fixing->kind, ['bolt', 'clamp', 'rivet'], true) ? 8.0 : 4.0,
                $fixed->circuit,
                [$fixed->id],
                $job->site([$fixed->id]),
                [
                    'number' => $fixing === null ? null : (string) $fixing->count,
                    'numberOf' => $fixing === null ? '' : trim("{$fixing->words()} {$fixing->size}"),
                    'tool' => $fixing === null ? '' : self::TOOLS[$fixing->kind] ?? '',
                ],
            );
        }

        return $steps;
    }

    private const TOOLS = [
        'screw' => 'driver',
        'bolt' => 'spanner',
        'nut' => 'spanner',
        'tapped' => 'thread tap',
        'rivet' => 'rivet pliers',
        'clamp' => 'driver',
    ];
}
