<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;

/** A supply that feeds a short (solving.md F7). */
final class SupplyShortedRule implements Rule
{
    public function id(): string
    {
        return 'supply.shorted';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            if (preg_match('/short through (\w+)(?: from (\w+))?/', $scene->lit->reason ?? '', $m) !== 1) {
                continue;
            }
            $most = array_search(Extreme::greatest($scene->lit->supplyAmps), $scene->lit->supplyAmps, true);
            $supply = $analysis->build->supplies[$m[2] ?? (string) $most];
            $findings[$supply->id] ??= new Finding(
                $this->id(),
                Severity::Danger,
                null,
                $supply->id,
                "{$supply->label} is shorted through `{$m[1]}`: ".
                    Shown::amps($scene->lit->supplyAmps[$supply->id]).
                    ' would flow. Look for a wire that joins plus and minus without a light between.',
            );
        }

        return array_values($findings);
    }
}
