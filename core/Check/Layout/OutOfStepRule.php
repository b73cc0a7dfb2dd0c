<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Quantity\Words;

/** The layout that was chosen says something else than the circuit (build-file.md). */
final class OutOfStepRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'layout.out_of_step';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis) as $laid) {
            if ($laid->chosen && ! $laid->inStep($analysis->build)) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' says something else than the circuit: take it in again, or lay it anew.',
                    'Take the layout into the circuit',
                    new UseLayout($laid->id),
                );
            }
        }

        return $findings;
    }
}
