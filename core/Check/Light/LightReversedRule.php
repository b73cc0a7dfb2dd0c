<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

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
            $pins = $analysis->harness->wiredPins($light->id);
            // One pair tells it: along a strip the rails differ by little.
            $plus = array_values(array_filter($pins, fn (string $p): bool => str_ends_with($p, '.plus')))[0] ?? null;
            $minus = array_values(array_filter($pins, fn (string $p): bool => str_ends_with($p, '.minus')))[0] ?? null;
            foreach ($analysis->scenes() as $scene) {
                $least =
                    $plus === null || $minus === null ? 0.0 : min($least, (float) $scene->lit->between($plus, $minus));
            }
            if ($least < -1.0) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' hangs the wrong way round: '.
                        Shown::volts($least).
                        ' from its plus to its minus. Change its two leads over; find the side with a meter, never by trying.',
                );
            }
        }

        return $findings;
    }
}
