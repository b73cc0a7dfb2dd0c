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

/** A LED that may get more than its absolute limit at the highest supply, resistor low, forward volts low (electrics.md 2). */
final class LedOverLimitRule implements Rule
{
    public function id(): string
    {
        return 'led.over_limit';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'leds') {
                continue;
            }
            $worst = LedRow::worstA($analysis, $light);
            $led = $light->led();
            if ($worst <= $led->imaxA) {
                continue;
            }
            $edit = LedRow::refit($analysis, $light);
            $findings[] = new Finding(
                $this->id(),
                Severity::Danger,
                $light->circuit,
                $light->id,
                'The LEDs of '.
                    Words::within($light->label).
                    ' get up to '.
                    Shown::amps($worst).
                    '; their limit is '.
                    Shown::amps($led->imaxA).
                    '.'.
                    ($edit === null ? ' Take more resistance.' : ' Fit '.Shown::ohms($edit[0]).'.'),
                $edit === null ? null : 'Fit '.Shown::ohms($edit[0]),
                $edit[1] ?? null,
            );
        }

        return $findings;
    }
}
