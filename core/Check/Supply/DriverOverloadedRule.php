<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Scene;

/** A driver loaded over 80 % of its rating (electrics.md 6). */
final class DriverOverloadedRule implements Rule
{
    public function id(): string
    {
        return 'supply.driver_overloaded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->supplies as $supply) {
            if (! $supply->isDriver() || $supply->ratedW === null) {
                continue;
            }
            $watts = Extreme::greatest(
                array_map(
                    fn (Scene $s): float => $s->lit->supplyAmps[$supply->id] * $supply->volts($s->supply),
                    $analysis->scenes(),
                ),
            );
            if ($watts > 0.8 * $supply->ratedW) {
                $findings[] = new Finding(
                    $this->id(),
                    $watts > $supply->ratedW ? Severity::Danger : Severity::Warning,
                    null,
                    $supply->id,
                    "{$supply->label} gives ".
                        Shown::watts($watts).
                        ' of its '.
                        Shown::watts($supply->ratedW).
                        '; keep it under 80 %. Take a larger driver or split the load.',
                );
            }
        }

        return $findings;
    }
}
