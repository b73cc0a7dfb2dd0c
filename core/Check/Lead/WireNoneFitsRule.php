<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** No size keeps the drop and bears the fuse here (electrics.md 4). */
final class WireNoneFitsRule implements Rule
{
    public function id(): string
    {
        return 'wire.none_fits';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->leads as $lead) {
            if ($lead->recommended !== null || $lead->amps < 1e-6) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $analysis->build->leads[$lead->id]->circuit,
                $lead->id,
                "No wire can be recommended for {$analysis->build->leads[$lead->id]->label}: {$lead->reason}. Shorten the way, split the load or raise the supply.",
            );
        }

        return $findings;
    }
}
