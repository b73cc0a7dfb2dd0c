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
            [$lit, $most] = self::offV($analysis, $light->id);
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

    /** @return array{bool, float} whether it is ever lit, and most volts on it while it is not */
    private static function offV(Analysis $analysis, string $light): array
    {
        $most = 0.0;
        $lit = false;
        $pins = $analysis->harness->wiredPins($light);
        foreach ($analysis->scenes() as $scene) {
            $states = $scene->lit->lights[$light] ?? [];
            $on = array_filter($states, fn ($e): bool => $e->greatest() > $analysis->build->settings->darkTo) !== [];
            $lit = $lit || $on;
            foreach ($on || ! $scene->solved() ? [] : $pins as $pin) {
                foreach ($analysis->build->supplies as $supply) {
                    $most = max($most, (float) $scene->lit->between($pin, "{$supply->id}.minus"));
                }
            }
        }

        return [$lit, $most];
    }
}
