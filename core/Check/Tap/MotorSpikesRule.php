<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Words;

/** A light on a wire that also runs a motor, with nothing between to take its spikes. */
final class MotorSpikesRule implements Rule
{
    public function id(): string
    {
        return 'motor.spikes';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $motors = [];
        foreach ($analysis->bodies->loads as $load) {
            if ($load->kind === 'motor') {
                $motors["{$load->wire}.live"] = $load;
            }
        }
        foreach ($motors === [] ? [] : $analysis->build->lights as $light) {
            foreach ($analysis->paths->waysTo($light->id) as $steps) {
                $ids = array_map(fn (Step $s): string => $s->id, $steps);
                $hit = array_values(array_intersect($ids, array_keys($motors)))[0] ?? null;
                if ($hit !== null && array_filter($steps, fn (Step $s): bool => $s->kind === 'diode') === []) {
                    $wire = $analysis->build->index->item($motors[$hit]->wire)->text('label', $motors[$hit]->wire);
                    $findings[$light->id] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $light->circuit,
                        $light->id,
                        Words::first($light->label).
                            ' shares '.
                            Words::within($wire).
                            ' with the '.
                            str_replace('_', ' ', $motors[$hit]->id).
                            ', whose coil kicks when it stops. Put a diode in series and a clamp across the light.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
