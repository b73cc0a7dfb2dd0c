<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A lamp that no lead joins to both sides of a supply. */
final class LightUnfedRule implements Rule
{
    public function id(): string
    {
        return 'light.unfed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $pins = $analysis->harness->wiredPins($light->id);
            $fed = array_filter($pins, fn (string $p): bool => $analysis->paths->feed($p) !== null) !== [];
            $returned = array_filter($pins, fn (string $p): bool => $analysis->paths->back($p) !== null) !== [];
            if ($fed && $returned) {
                continue;
            }
            $wired = $pins !== [] && ! $analysis->paths->fed($light->id);
            $findings[] = new Finding(
                $this->id(),
                $wired ? Severity::Warning : Severity::Note,
                $light->circuit,
                $light->id,
                Words::first($light->label).
                    ($pins === []
                        ? ' has no lead yet.'
                        : ($fed
                            ? ' has no way back to a supply.'
                            : ' has no way from a supply.')),
            );
        }

        return $findings;
    }
}
