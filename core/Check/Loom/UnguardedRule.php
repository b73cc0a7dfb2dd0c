<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\GuardHole;
use BenchGlow\Quantity\Words;

/** A bare edge that wires go through (layout-harness.md 11). */
final class UnguardedRule implements Rule
{
    public function id(): string
    {
        return 'route.unguarded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->holes as $id => $hole) {
            $stretch = LoomSeen::of($analysis)->loom->stretches[$hole->for] ?? null;
            $cuts = $hole->material === 'metal' || $stretch?->route->moves() === true;
            if ($cuts && ! $hole->isGuarded()) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $stretch === null ? null : LoomSeen::circuit($analysis, $stretch),
                    (string) $id,
                    'The hole in '.Words::within($hole->in).' has a bare edge: it cuts through what goes there.',
                    'A grommet in it',
                    new GuardHole((string) $id),
                );
            }
        }

        return $findings;
    }
}
