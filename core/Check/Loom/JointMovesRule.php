<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetJoint;
use BenchGlow\Quantity\Words;

/** Solder where it moves (layout-harness.md 9). */
final class JointMovesRule implements Rule
{
    public function id(): string
    {
        return 'joint.moves';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->joints->all as $id => $joint) {
            if ($joint->style === 'solder' && $joint->moves) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $analysis->build->devices[$id]->circuit(),
                    (string) $id,
                    Words::first($analysis->build->label((string) $id)).' moves: solder breaks at its edge there.',
                    'Crimp it',
                    new SetJoint((string) $id, 'crimp'),
                );
            }
        }

        return $findings;
    }
}
