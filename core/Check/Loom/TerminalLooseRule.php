<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** Less copper than the terminal grips (layout-harness.md 9). */
final class TerminalLooseRule implements Rule
{
    public function id(): string
    {
        return 'terminal.loose';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Terminals::of($analysis) as $end) {
            if ($end->copper < $end->least - 1e-9) {
                $findings[$end->lead] ??= $end->found(
                    $analysis,
                    $this->id(),
                    Severity::Warning,
                    'grips from '.
                        Shown::plain($end->least, 2).
                        ' mm² on and gets '.
                        Shown::plain($end->copper, 2).
                        '. Fold the wire double, or take the smaller one.',
                );
            }
        }

        return array_values($findings);
    }
}
