<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** What is computed with a stand-in because it is not decided yet (build-file.md, rule 5). */
final class LeadUndecidedRule implements Rule
{
    public function id(): string
    {
        return 'lead.undecided';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->leads as $lead) {
            if (! $lead->lengthKnown) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $analysis->build->leads[$lead->id]->circuit,
                    $lead->id,
                    "Can't tell yet what ".
                        Words::within($analysis->build->leads[$lead->id]->label).
                        ' loses, nor if its fuse opens: its length is missing. Computed as 0 m.',
                    many: 'leads have no length: what they lose is not told, nor if their fuses open. Computed as 0 m.',
                );
            }
        }

        return $findings;
    }
}
