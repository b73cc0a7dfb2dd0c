<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Laid dry it came out otherwise than its parts add up (layout-harness.md 2). */
final class DryDiffersRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'strip.dry_differs';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'strip_path') as $laid) {
            $by = $laid->path()?->differsM() ?? 0.0;
            if ($by !== 0.0) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Note,
                    $laid,
                    Words::first($laid->label).
                        ' came out '.
                        $analysis->length(abs($by)).
                        ($by > 0.0 ? ' longer' : ' shorter').
                        ' laid dry than its parts add up to; the length laid dry counts.',
                );
            }
        }

        return $findings;
    }
}
