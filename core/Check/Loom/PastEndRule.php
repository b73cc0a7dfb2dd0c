<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** A fuse or plug that is said to sit further along a wire than its way is long (a stated length is refused at once). */
final class PastEndRule implements Rule
{
    public function id(): string
    {
        return 'lead.past_end';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->loom->leads as $id => $laid) {
            $lead = $analysis->build->leads[$id];
            $long = $lead->lengthM === null ? $laid->lengthM : null;
            if ($long === null) {
                continue;
            }
            foreach ($lead->inline as $thing) {
                if ($thing->atM <= $long + 1e-9) {
                    continue;
                }
                $end = floor($long * 100) / 100;
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $lead->circuit,
                    $thing->id,
                    Words::first($analysis->build->label($thing->id)).
                        " is said to sit {$analysis->length($thing->atM)} along, and by its way ".
                        Words::within($lead->label).
                        " is {$analysis->length($long)} long.",
                    "Put it at {$analysis->length($end)}",
                    new SetField($thing->id, 'at_m', $end),
                );
            }
        }

        return $findings;
    }
}
