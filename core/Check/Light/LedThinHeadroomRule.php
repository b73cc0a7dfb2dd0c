<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Options\LedRow;
use BenchGlow\Quantity\Shown;

/** Little left over the LEDs for the resistor: brightness swings with the supply (electrics.md 2). */
final class LedThinHeadroomRule implements Rule
{
    public function id(): string
    {
        return 'led.thin_headroom';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $volts = $light->kind === 'leds' ? LedRow::nominalV($analysis, $light) : null;
            // One that hangs the wrong way round has another trouble.
            if ($volts === null || $volts <= 0.0) {
                continue;
            }
            $per = min($light->count(), $light->fields->integer('per_string', 1));
            // A resistor in its lead holds the current as well as one at the LEDs.
            $volts += self::inLeadV($analysis, $light->id);
            $left = $volts - $per * $light->part->number('vf_v');
            if ($left >= 0.15 * $volts) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $light->circuit,
                $light->id,
                "{$per} LEDs in series leave ".
                    Shown::volts(max(0.0, $left)).
                    ' of '.
                    Shown::volts($volts).
                    ' for the resistor; brightness swings with the supply. Take shorter strings.',
            );
        }

        return $findings;
    }

    /** Volts across the resistors in line on its ways, lit at the normal supply. */
    private static function inLeadV(Analysis $analysis, string $light): float
    {
        $state = $analysis->litState($light, 'nominal');
        $volts = [];
        foreach ($analysis->paths->waysTo($light) as $steps) {
            foreach ($steps as $step) {
                if ($step->kind === 'resistor') {
                    $volts[$step->id] = abs((float) $state->between($step->from, $step->to));
                }
            }
        }

        return array_sum($volts);
    }
}
