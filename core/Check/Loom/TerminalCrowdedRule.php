<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** Too many wires, or too unlike, in one terminal (layout-harness.md 9). */
final class TerminalCrowdedRule implements Rule
{
    public function id(): string
    {
        return 'terminal.crowded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Terminals::of($analysis) as $end) {
            if ($end->wires > $end->mostWires || $end->unlike) {
                $findings[$end->lead] ??= $end->found(
                    $analysis,
                    $this->id(),
                    Severity::Note,
                    $end->unlike
                        ? 'holds wires too unlike in thickness: the thin one slips out.'
                        : "holds {$end->wires} wires; {$end->mostWires} is what it is made for.",
                );
            }
        }

        return array_values($findings);
    }
}
