<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Colour;
use BenchGlow\Quantity\Words;

/** Colour, flashing, direction or movement that is regulated where the build is used (safety.md). */
final class RoadLawRule implements Rule
{
    public function id(): string
    {
        return 'law.road';
    }

    public function check(Analysis $analysis): array
    {
        if (
            ! in_array($analysis->build->document->fields()->text('place'), ['road_vehicle', 'cycle'], true) &&
            ! Law::named($analysis, 'road')
        ) {
            return [];
        }
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $why = self::why($analysis, $light);
            if ($why !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ": {$why}. Check the rules where it will be used; brake and turn functions stay as approved.",
                    Law::INSIDE,
                    new SetField($light->id, 'faces', 'inside'),
                );
            }
        }

        return $findings;
    }

    private static function why(Analysis $analysis, Light $light): ?string
    {
        $forward = Law::faces($light, 'forward');
        $colours = array_values($light->emitters());
        $white = array_intersect(['white', 'warm_white', 'cool_white'], $colours) !== [];

        return match (true) {
            Law::faces($light, 'inside') => null,
            $colours === ['blue'] => 'blue light',
            $forward && in_array('red', $colours, true) => 'red light forward',
            $forward && $white => 'an extra white light forward',
            Law::flashesOtherThanTurn($analysis, $light) => 'flashing that is no turn signal',
            Law::moves($analysis, $light) => 'a light that moves',
            default => null,
        };
    }
}
