<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Nobody has looked behind it yet (layout-harness.md 3; safety.md). */
final class BehindRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'hole.behind';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'piece') as $laid) {
            $piece = Pieces::of($analysis, $laid);
            foreach ($piece->marks ?? [] as $n => $mark) {
                if ($piece !== null && $mark->isBlind()) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Warning,
                        $laid,
                        Words::first($piece->label).
                            ': nobody has looked yet what lies behind '.
                            Pieces::said($mark, $n).
                            '. Look before you drill: wires, tanks, hoses.',
                        'I have looked',
                        new SetField($laid->id, "marks.{$n}.looked", true),
                    );
                }
            }
        }

        return $findings;
    }
}
