<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Loom\Zone;
use BenchGlow\Quantity\Words;

/** A stretch too near to what is hot (layout-harness.md 8, zones). */
final class RouteHotRule implements Rule
{
    public function id(): string
    {
        return 'route.hot';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $route = $stretch->route;
            if ($route->is('hot') && ($route->heatGapM ?? 0.0) < Zone::HOT_GAP_M && $route->sleeve !== 'heat') {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    LoomSeen::circuit($analysis, $stretch),
                    (string) $id,
                    Words::first($route->label).
                        ' lies hot: keep it '.
                        $analysis->length(Zone::HOT_GAP_M).
                        ' away, or sleeve it.',
                    'A heat sleeve round it',
                    new SetField((string) $id, 'sleeve', 'heat'),
                );
            }
        }

        return $findings;
    }
}
