<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** Its fasteners are tightened in rounds. */
final class Tighten implements Verb
{
    public function key(): string
    {
        return 'tighten';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->panels() as $panel) {
            $count = $job->fastenersOf($panel->id);
            $torque = null;
            foreach ($job->build->fasteners as $fastener) {
                $torque = $fastener->panel === $panel->id ? $fastener->torqueNm ?? $torque : $torque;
            }
            if ($count > 0) {
                $steps[] = $job->step(
                    $this->key(),
                    $panel->id,
                    'Tighten '.Words::within($panel->label),
                    0.3 * $count * ($torque === null ? 1.0 : 1.5),
                    null,
                    [$panel->id],
                    new Site(Words::within($panel->label), 'open', []),
                    [
                        'number' => $torque === null ? (string) $count : Shown::plain($torque, 1).' N·m',
                        'numberOf' => 'in '.($torque === null ? 'two' : 'three').' rounds, hardest to reach first',
                    ],
                );
            }
        }

        return $steps;
    }
}
