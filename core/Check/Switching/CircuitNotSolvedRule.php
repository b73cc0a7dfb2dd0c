<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** A circuit that has a state without an answer: a relay that chatters, equations that do not settle. */
final class CircuitNotSolvedRule implements Rule
{
    public function id(): string
    {
        return 'circuit.not_solved';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->intents as $circuit => $intent) {
            if (
                $intent->verdict === 'unknown' &&
                $intent->reason !== null &&
                ! str_contains($intent->reason, 'no way to a supply') &&
                ! str_starts_with($intent->reason, 'oscillates')
            ) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $circuit,
                    $circuit,
                    "Can't tell how {$analysis->build->circuits[$circuit]->label} behaves: {$intent->reason}.",
                );
            }
        }

        return $findings;
    }
}
