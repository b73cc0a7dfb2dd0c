<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A fuse where nobody gets at it (layout-harness.md 11). */
final class FuseUnreachableRule implements Rule
{
    public function id(): string
    {
        return 'fuse.unreachable';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($analysis->build->leads as $id => $lead) {
            foreach ($lead->inline as $thing) {
                $stretch = $thing->kind === 'fuse' ? $list->loom->inLine($lead, $thing)[0] : null;
                $route = $analysis->build->routes[(string) $stretch] ?? null;
                if ($route?->access === 'buried') {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $lead->circuit,
                        $thing->id,
                        'The fuse of '.
                            Words::within($lead->label).
                            ' lies buried '.
                            Words::within($route->label).
                            ': it is changed on a bad day. Put it where a hand gets to.',
                    );
                }
            }
        }

        return $findings;
    }
}
