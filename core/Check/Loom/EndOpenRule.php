<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** A sleeve whose ends stand open where it is not dry (layout-harness.md 8). */
final class EndOpenRule implements Rule
{
    public function id(): string
    {
        return 'route.end_open';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $route = $stretch->route;
            if (
                in_array($route->sleeve, ['split', 'braided', 'spiral', 'conduit'], true) &&
                ! $route->endsClosed &&
                $stretch->zone->wet !== 'dry'
            ) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    LoomSeen::circuit($analysis, $stretch),
                    (string) $id,
                    'The sleeve '.
                        Words::within($route->label).
                        ' stands open at its ends: tube or tape keeps it shut.',
                    'Both ends closed',
                    new SetField((string) $id, 'ends_closed', true),
                );
            }
        }

        return $findings;
    }
}
