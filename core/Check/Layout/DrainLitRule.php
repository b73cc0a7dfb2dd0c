<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Drain;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A drain hole with a straight line from a source through it (layout-harness.md 4). */
final class DrainLitRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'drain.lit';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $piece = Pieces::of($analysis, $laid);
            if ($piece === null) {
                continue;
            }
            foreach (Drain::lit($piece, $laid) as ['n' => $n, 'short_m' => $short]) {
                $mm = Shown::plain(max(1.0, ceil(1000 * $short)), 0);
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Note,
                    $laid,
                    Words::first($piece->label).
                        ': a bare source shows through the drain hole at mark '.
                        ($n + 1).
                        ". {$mm} mm further from it, or a baffle over it, lets water out and no light.",
                    'A baffle over it',
                    new SetField($piece->id, "marks.{$n}.covered_by", 'a baffle'),
                );
            }
        }

        return $findings;
    }
}
