<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Scene;

/** A generator without a battery: its volts ripple, and LEDs show it (electrics.md 6). */
final class RippleRule implements Rule
{
    public function id(): string
    {
        return 'supply.ripple';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->supplies as $supply) {
            $fed = array_filter(
                $analysis->scenes(),
                fn (Scene $s): bool => abs($s->lit->supplyAmps[$supply->id] ?? 0.0) > 1e-3,
            );
            if ($supply->kind !== 'no_battery_12v' || $fed === []) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                $supply->id,
                Words::first(Words::within($supply->label)).
                    ' has no battery behind it: its volts ripple and rise with speed, so LEDs flicker and electronics fail early. '.
                    'Put a rectifier, a regulator and a buffer before them.',
            );
        }

        return $findings;
    }
}
