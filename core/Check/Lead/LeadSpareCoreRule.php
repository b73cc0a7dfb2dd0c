<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Scene;

/** A core that ends on nothing: capped and insulated, with the volts it may carry (electrics.md 7). */
final class LeadSpareCoreRule implements Rule
{
    public function id(): string
    {
        return 'lead.spare_core';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->harness->things as $thing) {
            if ($thing->kind !== 'spare') {
                continue;
            }
            $lead = $analysis->build->leads[$thing->lead];
            $volts = $this->most($analysis, $thing->pins[0]);
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $lead->circuit,
                $thing->id,
                "A core of {$lead->label} ends on nothing".
                    ($volts > 1.0 ? ' and carries up to '.Shown::volts($volts) : '').
                    '. Cap it and insulate it by itself.',
            );
        }

        return $findings;
    }

    private function most(Analysis $analysis, string $pin): float
    {
        $most = 0.0;
        foreach ($analysis->build->supplies as $supply) {
            $most = max(
                $most,
                ...array_map(
                    fn (Scene $s): float => abs((float) $s->lit->between($pin, "{$supply->id}.minus")),
                    $analysis->scenes(),
                ),
            );
        }

        return $most;
    }
}
