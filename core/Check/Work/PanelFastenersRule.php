<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A panel is off, and nobody wrote down what held it. */
final class PanelFastenersRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.panel_no_fasteners';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $findings = [];
        foreach ($analysis->build->panels as $panel) {
            $off = $seen->isDone("open:{$panel->id}") && ! $seen->isDone("close:{$panel->id}");
            if ($off && $seen->steps->job->fastenersOf($panel->id) === 0) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    $panel->id,
                    Words::first($panel->label).' is off, and no fastener of it is written down.',
                );
            }
        }

        return $findings;
    }
}
