<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** LEDs in series that alone reach the strip's volts: no such strip exists (electrics.md 3). */
final class PartImpossibleRule implements Rule
{
    public function id(): string
    {
        return 'part.impossible';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $channel = $light->kind === 'strip' ? $light->strip()->overfull() : null;
            if ($channel === null) {
                continue;
            }
            $strip = $light->strip();
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $light->circuit,
                $light->id,
                "{$strip->inSeries()} LEDs of ".
                    Shown::volts($strip->vfV[$channel]).
                    ' in series leave nothing of '.
                    Shown::volts($strip->nominalV).
                    '. Check the part\'s series LEDs and forward volts; nothing is solved until then.',
            );
        }

        return $findings;
    }
}
