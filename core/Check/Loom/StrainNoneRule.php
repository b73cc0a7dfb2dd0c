<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Nothing takes the pull beside what moves (layout-harness.md 10, 11). */
final class StrainNoneRule implements Rule
{
    public function id(): string
    {
        return 'strain.none';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            if ($stretch->route->moves() && in_array($stretch->route->fixing, ['', 'none'], true)) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    LoomSeen::circuit($analysis, $stretch),
                    (string) $id,
                    Words::first($stretch->route->label).
                        ' moves and nothing takes the pull: tie it within 5 cm of either side, and of each plug and lamp.',
                    'Tied on both sides',
                    new SetField((string) $id, 'fixing', 'clip'),
                );
            }
        }

        return $findings;
    }
}
