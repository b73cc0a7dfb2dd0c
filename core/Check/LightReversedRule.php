<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Report\Analysis;

/** A light with its plus on the side of the minus. */
final class LightReversedRule implements Rule
{
    public function id(): string
    {
        return 'light.reversed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $least = 0.0;
            foreach ($analysis->scenes as $scene) {
                foreach ($analysis->harness->wiredPins($light->id) as $plus) {
                    if (! str_ends_with($plus, '.plus')) {
                        continue;
                    }
                    foreach ($analysis->harness->wiredPins($light->id) as $minus) {
                        $least = str_ends_with($minus, '.minus') ? min($least, (float) $scene->lit->between($plus, $minus)) : $least;
                    }
                }
            }
            if ($least < -1.0) {
                $findings[] = new Finding($this->id(), Severity::Warning, $light->circuit, $light->id,
                    Words::first($light->label).' hangs the wrong way round: '.Shown::volts($least).' from its plus to its minus. Change its two leads over; find the side with a meter, never by trying.');
            }
        }

        return $findings;
    }
}
