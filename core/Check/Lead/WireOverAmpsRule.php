<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;

/** A wire that carries more than its place allows (electrics.md 4). */
final class WireOverAmpsRule implements Rule
{
    public function id(): string
    {
        return 'wire.over_amps';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->leads as $lead) {
            if ($lead->amps <= $lead->allowedA || $lead->amps < 1e-6) {
                continue;
            }
            $mend = $lead->wire->chosen && $lead->recommended !== null;
            $findings[] = new Finding(
                $this->id(),
                Severity::Danger,
                $analysis->build->leads[$lead->id]->circuit,
                $lead->id,
                $analysis->build->leads[$lead->id]->label.
                    ' gets hot: '.
                    Shown::amps($lead->amps).
                    ' run, '.
                    $lead->wire->label().
                    ' bears '.
                    Shown::amps($lead->allowedA).
                    ' there.'.
                    ($lead->recommended === null ? '' : " Take {$lead->recommended->label()}."),
                $mend ? "Lay {$lead->recommended->label()}" : null,
                $mend ? new SetField($lead->id, 'wire', null) : null,
            );
        }

        return $findings;
    }
}
