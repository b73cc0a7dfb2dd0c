<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** More rings on a stud than it clamps (layout-harness.md 11). */
final class GroundCrowdedRule implements Rule
{
    private const MOST = 3;

    public function id(): string
    {
        return 'ground.crowded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->grounds as $id => $ground) {
            $rings = LoomSeen::of($analysis)->ringsAt((string) $id);
            if ($rings > self::MOST) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    (string) $id,
                    Words::first($ground->label).
                        " has {$rings} rings; ".
                        self::MOST.
                        ' is what a stud clamps, the largest lowest. Take a second stud, or join returns before it.',
                );
            }
        }

        return $findings;
    }
}
