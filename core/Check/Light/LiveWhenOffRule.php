<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A light switched on the ground side stays at voltage while it is dark (electrics.md 7). */
final class LiveWhenOffRule implements Rule
{
    public function id(): string
    {
        return 'light.live_when_off';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $most = 0.0;
            $lit = false;
            $pins = $analysis->harness->wiredPins($light->id);
            foreach ($analysis->scenes() as $scene) {
                $states = $scene->lit->lights[$light->id] ?? [];
                $on = array_filter($states, fn ($e): bool => $e->greatest() > $analysis->build->settings->darkTo) !== [];
                $lit = $lit || $on;
                foreach ($on || ! $scene->solved() ? [] : $pins as $pin) {
                    foreach ($analysis->build->supplies as $supply) {
                        $most = max($most, (float) $scene->lit->between($pin, "{$supply->id}.minus"));
                    }
                }
            }
            if ($lit && $most > 1.0) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' stays at '.
                        Shown::volts($most).
                        ' when it is off: it is switched on the ground side, and a chafed lead can light or short it. Both sides are right; keep its leads sleeved.',
                );
            }
        }

        return $findings;
    }
}
