<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Options\LedRow;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Sizing\SeriesResistor;

/** A resistor over half a watt is kept off plastic; over 10 W none is to be had (electrics.md 2, 10). */
final class ResistorTooHotRule implements Rule
{
    public function id(): string
    {
        return 'resistor.too_hot';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($this->watts($analysis) as $subject => [$circuit, $label, $watts]) {
            if ($watts <= 0.5) {
                continue;
            }
            $rating = SeriesResistor::rating($watts);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $circuit,
                $subject,
                "The resistor of {$label} makes ".
                    Shown::watts($watts).
                    ' of heat. '.
                    ($rating === null
                        ? 'None is rated for it; take more LEDs in series or a driver.'
                        : 'Take a '.Shown::plain($rating, 3).' W one and keep it off plastic and cloth.'),
            );
        }

        return $findings;
    }

    /** @return array<string, array{string|null, string, float}> subject => circuit, name, watts at the highest supply */
    private function watts(Analysis $analysis): array
    {
        $all = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind === 'leds') {
                $all[$light->id] = [$light->circuit, Words::within($light->label), LedRow::hottestW($analysis, $light)];
            }
        }
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'resistor') {
                    $all[$thing->id] = [
                        $lead->circuit,
                        Words::within($lead->label),
                        $analysis->peakA($thing->id) ** 2 * $thing->ohm,
                    ];
                }
            }
        }

        return $all;
    }
}
