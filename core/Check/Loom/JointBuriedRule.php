<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetJoint;
use BenchGlow\Quantity\Words;

/** A tap or an unsealed joint where it is wet or out of reach (layout-harness.md 9). */
final class JointBuriedRule implements Rule
{
    public function id(): string
    {
        return 'joint.buried';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->joints->all as $id => $joint) {
            $open = $joint->style === 'idc_tap' || ! ($joint->isSealed() || $joint->seal === 'tube');
            $lets = $joint->style === 'idc_tap' || ! $joint->isSealed();
            $why = match (true) {
                $joint->buried && $open => 'lies where nobody gets at it again',
                $joint->wet === 'wet' && $lets => 'lies wet',
                default => null,
            };
            if ($why !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $analysis->build->devices[$id]->circuit(),
                    (string) $id,
                    Words::first($analysis->build->label((string) $id)).
                        " {$why}".
                        ($joint->style === 'idc_tap' ? ' and cuts through the insulation.' : ' and is not sealed.').
                        ' Crimp it and shrink a lined tube over it, or move it.',
                    'Crimped, with a lined tube',
                    new SetJoint((string) $id, 'crimp', 'lined_tube'),
                );
            }
        }

        return $findings;
    }
}
