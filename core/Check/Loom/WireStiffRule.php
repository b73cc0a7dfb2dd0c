<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Zone;
use BenchGlow\Quantity\Words;

/** Few strands where it moves (layout-harness.md 8, zones). */
final class WireStiffRule implements Rule
{
    public function id(): string
    {
        return 'wire.stiff';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($analysis->build->leads as $id => $lead) {
            $wire = $analysis->leads[$id]->wire;
            foreach ($list->loom->leads[$id]->stretches ?? [] as $stretch) {
                $route = $list->loom->stretches[$stretch]->route;
                if ($route->moves() && $wire->strands !== null && $wire->strands < Zone::STRANDS) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $lead->circuit,
                        (string) $id,
                        Words::first($lead->label).
                            " has {$wire->strands} strands and moves ".
                            Words::within($route->label).
                            ': under '.
                            Zone::STRANDS.
                            ' it breaks. Take a finer one there.',
                    );
                    break;
                }
            }
        }

        return $findings;
    }
}
