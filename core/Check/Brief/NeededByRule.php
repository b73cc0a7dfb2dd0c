<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A part is due later than the brief needs the job. Dates are compared as written; no clock is asked. */
final class NeededByRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'brief.needed_by';
    }

    public function check(Analysis $analysis): array
    {
        $document = $analysis->build->document;
        $findings = [];
        foreach ($analysis->build->facts as $fact) {
            $by = $fact->value;
            if (! $fact->is('needed_by') || ! Facts::isDay($by)) {
                continue;
            }
            foreach ($document->fields()->object('work')->objects('parts') as $part) {
                if ($part->text('arrived_on') === '' && $part->text('due_on') > $by) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $part->text('part'),
                        "The brief needs the job by {$by}; ".
                            Words::within(
                                $analysis->build->index->item($part->text('part'))->text('label', $part->text('part')),
                            ).
                            " is due on {$part->text('due_on')}.",
                    );
                }
            }
        }

        return $findings;
    }
}
