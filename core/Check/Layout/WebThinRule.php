<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Too little is left standing between holes, or to an edge (layout-harness.md 3). */
final class WebThinRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'hole.web_thin';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'hole_row') as $laid) {
            $row = $laid->row($analysis->build);
            if ($row === null || $row->atMm === []) {
                continue;
            }
            $piece = Pieces::of($analysis, $laid);
            $least = $row->leastWebMm($analysis->build->settings->leastWeb, $piece->material ?? '');
            if ($row->thinnestMm() < $least - 1e-6) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' leaves a web of '.
                        Shown::plain(max(0.0, $row->thinnestMm()), 1).
                        ' mm; '.
                        Shown::plain($least, 1).
                        ' mm is the least.',
                );
            }
        }

        return $findings;
    }
}
