<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Lit at the normal supply, dark at the lowest (electrics.md 2). */
final class LightDarkAtLowRule implements Rule
{
    public function id(): string
    {
        return 'light.dark_at_low';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            foreach ($analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [] as $name => $normal) {
                $low = $analysis->litState($light->id, 'min')->lights[$light->id][$name];
                if (
                    $normal->flux === [] ||
                    $normal->greatest() <= $analysis->build->settings->darkTo ||
                    $low->greatest() >= 0.05 * $normal->greatest()
                ) {
                    continue;
                }
                $findings[$light->id] ??= new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' goes dark when the supply is low: '.
                        Shown::percent($low->greatest()).
                        ' of its light is left. Take fewer LEDs in series or a part for lower volts.',
                );
            }
        }

        return array_values($findings);
    }
}
