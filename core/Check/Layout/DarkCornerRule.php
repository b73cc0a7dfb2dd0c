<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Longer dark than two pitches where pieces part (layout-harness.md 2). */
final class DarkCornerRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'strip.dark_corner';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'strip_path') as $laid) {
            $path = $laid->path();
            foreach ($path?->gaps() ?? [] as $gap) {
                $long = $gap['to'] - $gap['from'];
                if ($path !== null && $gap['where'] === 'corner' && $long > 2 * $path->pitchM) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Note,
                        $laid,
                        Words::first($laid->label).' stays dark for '.$analysis->length($long).' at a corner.',
                    );
                }
            }
        }

        return $findings;
    }
}
