<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;
use BenchGlow\Sizing\Ready;

/** A part that was ordered too late for the day the job is needed by (layout-harness.md 13). No clock is asked. */
final class PartsLateRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'parts.late';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->facts as $fact) {
            if (! $fact->is('needed_by') || ! Facts::isDay($fact->value)) {
                continue;
            }
            foreach ($analysis->build->document->fields()->object('work')->objects('parts') as $row) {
                $days = $analysis->build->part($row->text('part'))->fields->object('pack')->integerOrNull('lead_days');
                $ordered = $row->text('ordered_on');
                if (
                    $days === null ||
                    $ordered === '' ||
                    $row->text('arrived_on') !== '' ||
                    $row->text('due_on') !== ''
                ) {
                    continue;
                }
                $there = (string) Ready::day($ordered, false, null, null, $ordered, $days);
                if ($there > $fact->value) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $row->text('part'),
                        Words::first($analysis->build->label($row->text('part'))).
                            " takes {$days} days and comes on {$there}; the job is needed by {$fact->value}.",
                    );
                }
            }
        }

        return $findings;
    }
}
