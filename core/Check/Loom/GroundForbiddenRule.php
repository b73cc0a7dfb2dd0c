<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A ring under a bolt that holds something else (layout-harness.md 11). */
final class GroundForbiddenRule implements Rule
{
    private const FORBIDDEN = ['belt', 'steering', 'brake', 'fuel', 'suspension', 'structure', 'bus_bar'];

    public function id(): string
    {
        return 'ground.forbidden';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->grounds as $id => $ground) {
            if (
                in_array($ground->fastener, self::FORBIDDEN, true) &&
                LoomSeen::of($analysis)->ringsAt((string) $id) > 0
            ) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    null,
                    (string) $id,
                    Words::first($ground->label).
                        ' is a bolt of the '.
                        str_replace('_', ' ', $ground->fastener).
                        ': nothing goes under it. Take a stud or a bolt of its own.',
                );
            }
        }

        return $findings;
    }
}
