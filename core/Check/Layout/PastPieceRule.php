<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** It goes past the piece or the path it lies on (layout-harness.md 2, 3). */
final class PastPieceRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'layout.past_piece';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis) as $laid) {
            $past = $laid->path()?->pastM() ?? 0.0;
            if ($past > 0.0005) {
                $light = $laid->light();
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).' goes '.$analysis->length($past).' past the end of its path.',
                    'Stay inside it',
                    new SetField($light->id ?? '', 'fit', 'down'),
                );
            }
            $left = $laid->path()?->leftM() ?? 0.0;
            if ($left < -1e-6) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' takes '.
                        $analysis->length(-$left).
                        ' more than a reel of its strip holds.',
                );
            }
            $row = $laid->row($analysis->build);
            if ($row !== null && ($row->atMm === [] || min($row->atMm) < 0.0 || max($row->atMm) > $row->lengthMm)) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).' has holes past the end of the flat.',
                );
            }
        }

        return $findings;
    }
}
