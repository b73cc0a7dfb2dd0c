<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A fuse over what the thinnest wire behind it bears (electrics.md 5). */
final class FuseExceedsWireRule implements Rule
{
    public function id(): string
    {
        return 'fuse.exceeds_wire';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->fuses as $fuse) {
            if ($fuse->fuseA === null || $fuse->fuseA <= $fuse->window->highA + 1e-9) {
                continue;
            }
            $better = $fuse->window->recommendedA;
            $lead = $analysis->build->leads[$fuse->thinnest ?? $fuse->lead];
            $findings[] = new Finding(
                $this->id(),
                Severity::Danger,
                $analysis->build->leads[$fuse->lead]->circuit,
                $fuse->id,
                'The wire burns before the fuse opens: '.
                    Shown::amps($fuse->fuseA).
                    ' fuse, '.
                    Words::within($lead->label).
                    ' is good for '.
                    Shown::amps($fuse->window->highA).
                    '.'.
                    ($better === null
                        ? ' No fuse fits both load and wire; take thicker wire.'
                        : ' Fit '.Shown::amps($better).'.'),
                $better === null ? 'Let the wire follow the recommendation' : 'Fit '.Shown::amps($better),
                $better === null ? new SetField($lead->id, 'wire', null) : new SetField($fuse->id, 'fuse_a', $better),
            );
        }

        return $findings;
    }
}
