<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;

/** A fuse that its own load will open sooner or later (electrics.md 5). */
final class FuseTooSmallRule implements Rule
{
    public function id(): string
    {
        return 'fuse.too_small';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->fuses as $fuse) {
            if ($fuse->fuseA === null || $fuse->fuseA >= $fuse->window->lowA - 1e-9) {
                continue;
            }
            $better = $fuse->window->recommendedA;
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $analysis->build->leads[$fuse->lead]->circuit,
                $fuse->id,
                'The fuse opens in use: '.
                    Shown::amps($fuse->fuseA).
                    ' fuse, '.
                    Shown::amps($fuse->loadA).
                    ' runs through it for hours.'.
                    ($better === null ? '' : ' Fit '.Shown::amps($better).'.'),
                $better === null ? null : 'Fit '.Shown::amps($better),
                $better === null ? null : new SetField($fuse->id, 'fuse_a', $better),
            );
        }

        return $findings;
    }
}
