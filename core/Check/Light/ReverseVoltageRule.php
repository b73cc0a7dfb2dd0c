<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** More reverse volts than an LED bears, 5 V each (electrics.md 1). */
final class ReverseVoltageRule implements Rule
{
    private const LED_V = 5.0;

    public function id(): string
    {
        return 'led.reverse_voltage';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'leds') {
                continue;
            }
            $per = max(1, min($light->count(), $light->fields->integer('per_string', 1)));
            $worst = 0.0;
            foreach ($analysis->scenes() as $scene) {
                foreach ($scene->lit->lights[$light->id] ?? [] as $emitter) {
                    $worst = min([$worst, ...$emitter->volts]);
                }
            }
            if (-$worst > self::LED_V * $per) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' gets '.
                        Shown::volts(-$worst).
                        ' in reverse across '.
                        ($per === 1 ? 'one LED' : "{$per} LEDs").
                        '; each bears '.
                        Shown::plain(self::LED_V, 0).
                        ' V. Turn it round, or put a diode before it.',
                );
            }
        }

        return $findings;
    }
}
