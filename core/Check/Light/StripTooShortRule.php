<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Less than one cut unit (electrics.md 3). */
final class StripTooShortRule implements Rule
{
    public function id(): string
    {
        return 'strip.too_short';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind === 'strip' && $light->fit()->units < 1) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' is shorter than one cut unit: '.
                        $analysis->length($light->wantedM()).
                        ' asked, '.
                        $analysis->length($light->strip()->pitchM()).
                        ' is the least.',
                    'Take one unit',
                    new SetField($light->id, 'wanted_m', round($light->strip()->pitchM(), 6)),
                );
            }
        }

        return $findings;
    }
}
