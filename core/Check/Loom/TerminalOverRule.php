<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** More copper than the terminal takes (layout-harness.md 9). */
final class TerminalOverRule implements Rule
{
    public function id(): string
    {
        return 'terminal.over';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Terminals::of($analysis) as $end) {
            if ($end->copper > $end->most + 1e-9) {
                $findings[$end->lead] ??= $end->found(
                    $analysis,
                    $this->id(),
                    Severity::Warning,
                    'takes up to '.
                        Shown::plain($end->most, 2).
                        ' mm² and gets '.
                        Shown::plain($end->copper, 2).
                        '. Take the next larger one, or part the wires.',
                );
            }
        }

        return array_values($findings);
    }
}
