<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Two supplies that feed each other (solving.md F7). */
final class SuppliesJoinedRule implements Rule
{
    public function id(): string
    {
        return 'supply.joined';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->supplies as $supply) {
            foreach ($analysis->scenes() as $scene) {
                $amps = $scene->lit->supplyAmps[$supply->id] ?? 0.0;
                if ($amps < -0.05 && count($analysis->build->supplies) > 1) {
                    $most = array_search(Extreme::greatest($scene->lit->supplyAmps), $scene->lit->supplyAmps, true);
                    $findings[$supply->id] ??= new Finding(
                        $this->id(),
                        Severity::Danger,
                        null,
                        $supply->id,
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ', '.
                            Shown::amps(-$amps).
                            ' runs from '.
                            Words::within($analysis->build->supplies[(string) $most]->label).
                            ' into '.
                            Words::within($supply->label).
                            ': their plus sides are joined. Part them with a diode and a fuse each, or a change-over.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
