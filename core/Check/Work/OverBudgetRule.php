<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;

/** What the work has cost on top of its parts takes the job over what the brief gives it. */
final class OverBudgetRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.over_budget';
    }

    public function check(Analysis $analysis): array
    {
        $cost = 0.0;
        foreach ($analysis->build->document->fields()->objects('log') as $entry) {
            $cost += $entry->number('cost');
        }
        $findings = [];
        foreach ($cost > 0.0 ? $analysis->build->facts : [] as $fact) {
            $budget = Facts::budget($fact);
            $price = $budget === null ? 0.0 : PartsList::price($analysis);
            // Parts that come to more by themselves are told by the brief.
            if ($budget === null || $price > $budget || $price + $cost <= $budget) {
                continue;
            }
            $money = $analysis->build->settings->currency;
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                null,
                $fact->id,
                'Parts come to '.
                    Shown::plain($price, 2).
                    ', and what went wrong to '.
                    Shown::plain($cost, 2).
                    " {$money}; the brief says a budget of {$fact->value}.",
            );
        }

        return $findings;
    }
}
