<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\PartBranch;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** A lamp with a switching driver behind a dimmer that chops: it starts anew at every pulse (electrics.md 3, 8). */
final class SwitchingOnPwmRule implements Rule
{
    public function id(): string
    {
        return 'light.switching_on_pwm';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $switching = array_filter(
                $light->kind === 'module' ? $light->part->objects('inside') : [],
                fn (Fields $f): bool => PartBranch::of($f)->isSwitching(),
            );
            $chopper = $switching === [] ? null : self::chopper($analysis, $light->id);
            if ($chopper !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        " makes its own volts and hangs on `{$chopper}`, which chops: it starts anew at every pulse, flickers or stays dark. ".
                        'Take a lamp that may be dimmed, or switch it only.',
                );
            }
        }

        return $findings;
    }

    private static function chopper(Analysis $analysis, string $light): ?string
    {
        foreach ($analysis->paths->waysTo($light) as $steps) {
            foreach ($steps as $step) {
                $contact = $step->kind === 'contact' ? $analysis->bodies->contacts[$step->id] ?? null : null;
                if ($contact !== null && $contact->duty < 1.0) {
                    return $contact->thing;
                }
            }
        }

        return null;
    }
}
