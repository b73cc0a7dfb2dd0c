<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A diode rated under one and a half times what runs through it (electrics.md 7). */
final class DiodeOverAmpsRule implements Rule
{
    private const RESERVE = 1.5;

    public function id(): string
    {
        return 'diode.over_amps';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $part = $thing->kind === 'diode' ? $analysis->build->part($thing->part) : null;
                $made = $part?->fields->numberOrNull('max_a');
                $amps = $analysis->peakA($thing->id);
                if ($part === null || $made === null || $amps * self::RESERVE <= $made + 1e-9) {
                    continue;
                }
                [$takes, $bears] = Shown::ampsApart($amps, $made);
                $findings[] = new Finding(
                    $this->id(),
                    $amps > $made ? Severity::Danger : Severity::Warning,
                    $lead->circuit,
                    $thing->id,
                    'The diode in '.
                        Words::within($lead->label).
                        " carries {$takes} and is rated {$bears}; it wants one and a half times what it carries, ".
                        Shown::amps(self::RESERVE * $amps).
                        '. Take a larger one.',
                );
            }
        }

        return $findings;
    }
}
