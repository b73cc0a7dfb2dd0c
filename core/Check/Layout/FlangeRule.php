<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** The flange finds no room on the flat (layout-harness.md 3). */
final class FlangeRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'hole.flange';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'hole_row') as $laid) {
            $row = $laid->row($analysis->build);
            if ($row !== null && ! $row->flangeFits()) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ': a flange of '.
                        Shown::plain($row->flangeMm, 1).
                        ' mm finds no room on a flat '.
                        Shown::plain($row->widthMm, 1).
                        ' mm wide.',
                );
            }
        }

        return $findings;
    }
}
