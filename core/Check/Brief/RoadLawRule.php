<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
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
            $forward =
                preg_match(
                    '/\\b(front|forward|ahead)\\b/i',
                    $light->fields->text('faces').' '.$light->fields->text('side'),
                ) === 1;
            $colours = array_values($light->emitters());
            $why = match (true) {
                in_array('blue', $colours, true) && count($colours) === 1 => 'blue light',
                $forward && in_array('red', $colours, true) => 'red light forward',
                $forward && array_intersect(['white', 'warm_white', 'cool_white'], $colours) !== [] => 'an extra white light forward',
                Law::flashesOtherThanTurn($analysis, $light) => 'flashing that is no turn signal',
                Law::moves($analysis, $light) => 'a light that moves',
                default => null,
            };
            if ($why !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ": {$why}. Check the rules where it will be used; brake and turn functions stay as approved.",
                );
            }
        }

        return $findings;
    }
}
