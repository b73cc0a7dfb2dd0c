<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\JointSite;
use BenchGlow\Steps\Verb;

/** Wires become one. */
final class Join implements Verb
{
    public function key(): string
    {
        return 'join';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->list->joints->all as $id => $joint) {
            $wires = count($joint->wires);
            $usual = match ($joint->style) {
                'crimp' => 1.5,
                'screw', 'terminal', 'bus_bar' => 2.0,
                'idc_tap' => 4.0,
                default => 3.5 + max(0, $wires - 2),
            };
            $solder = $joint->style === 'solder';
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                self::words($joint->style).' '.Words::within($job->build->label((string) $id)),
                $usual,
                JointSite::circuit($job, $joint),
                [(string) $id, ...array_column($joint->wires, 0)],
                JointSite::of($job, $joint),
                [
                    'number' => $solder ? '15 mm' : (string) $wires,
                    'numberOf' => $solder ? 'bare, each wire' : 'wires',
                    'tool' => self::TOOLS[$joint->style] ?? 'crimping jaw',
                    'uses' => $solder ? ['solder, m' => 0.4] : [],
                    'gear' => $solder ? ['glasses', 'air away from the face'] : [],
                    'cautions' => $joint->tube() === null ? [] : ['Slide the tube on before you join.'],
                    'as' => [
                        'style' => $joint->style,
                        'pins' => array_map(fn (array $w): string => "{$w[0]}.{$w[1]}", $joint->wires),
                    ],
                ],
            );
        }

        return $steps;
    }

    private const TOOLS = [
        'solder' => 'soldering iron',
        'screw' => 'driver',
        'terminal' => 'driver',
        'bus_bar' => 'spanner',
    ];

    private static function words(string $style): string
    {
        return match ($style) {
            'solder' => 'Solder',
            'crimp' => 'Crimp',
            'idc_tap' => 'Close',
            default => 'Join',
        };
    }
}
