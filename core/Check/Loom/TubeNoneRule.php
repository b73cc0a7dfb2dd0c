<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** No heat-shrink that goes over the joint and grips its thinner side (layout-harness.md 9). */
final class TubeNoneRule implements Rule
{
    public function id(): string
    {
        return 'tube.none';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->joints->all as $id => $joint) {
            if (
                $joint->place !== null &&
                in_array($joint->style, ['solder', 'crimp'], true) &&
                count($joint->wires) > 1 &&
                $joint->tubes === []
            ) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $analysis->build->devices[$id]->circuit(),
                    (string) $id,
                    'No tube goes over '.
                        Words::within($analysis->build->label((string) $id)).
                        ' and grips its thin side: build that side up with a short piece of tube first.',
                );
            }
        }

        return $findings;
    }
}
