<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Panel;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A panel that comes off for nothing that is said. */
final class PanelGivesRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.panel_unknown_way';
    }

    public function check(Analysis $analysis): array
    {
        $behind = array_merge(
            ...array_values(array_map(fn (Panel $p): array => $p->behind, $analysis->build->panels)),
            ...[[]],
        );
        $findings = [];
        foreach ($analysis->build->panels as $panel) {
            if ($panel->gives === [] && ! in_array($panel->id, $behind, true)) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    $panel->id,
                    Words::first($panel->label).' comes off, and nothing is said of what it gives.',
                );
            }
        }

        return $findings;
    }
}
