<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Lights on a boat that could be taken for, or mask, navigation lights (safety.md). */
final class WaterLawRule implements Rule
{
    public function id(): string
    {
        return 'law.water';
    }

    public function check(Analysis $analysis): array
    {
        if ($analysis->build->document->fields()->text('place') !== 'boat' && ! Law::named($analysis, 'water')) {
            return [];
        }
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $outside = Law::faces($light, 'outside');
            $why = $outside ? self::why($analysis, $light) : null;
            if ($why !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ": {$why}. Navigation lights must not be imitated or masked; check the rules of the water it will lie on, and keep it off under way.",
                    Law::INSIDE,
                    new SetField($light->id, 'faces', 'inside'),
                );
            }
        }

        return $findings;
    }

    private static function why(Analysis $analysis, Light $light): ?string
    {
        $colours = array_values($light->emitters());

        return match (true) {
            array_intersect(['red', 'green'], $colours) !== [] => 'red or green seen from outside',
            Law::flashesOtherThanTurn($analysis, $light) => 'a flashing light seen from outside',
            array_intersect(['white', 'cool_white'], $colours) !== [] => 'white seen from outside',
            default => null,
        };
    }
}
