<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Loom\Colours;
use BenchGlow\Quantity\Words;

/** Left and right that nobody tells apart (layout-harness.md 12). */
final class SideUnmarkedRule implements Rule
{
    public function id(): string
    {
        return 'side.unmarked';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $sides = [];
        $list = LoomSeen::of($analysis);
        foreach ($analysis->build->leads as $id => $lead) {
            $side = Colours::side($analysis->build, $lead);
            if ($side !== '' && $lead->colours !== []) {
                $key = $lead->circuit.'/'.implode(',', $list->colours->all[$id]);
                $other = $sides[$key][$side === 'left' ? 'right' : 'left'] ?? null;
                if ($other !== null) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Note,
                        $lead->circuit,
                        (string) $id,
                        Words::first($lead->label).
                            ' and '.
                            Words::within($analysis->build->leads[$other]->label).
                            ' go to either side in one colour: a tracer tells left from right.',
                        'Colour all of them by the plan',
                        new ColourAll(true),
                    );
                }
                $sides[$key][$side] = (string) $id;
            }
        }

        return $findings;
    }
}
