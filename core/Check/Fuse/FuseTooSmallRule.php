<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;

/** A fuse that its own load will open sooner or later (electrics.md 5). */
final class FuseTooSmallRule implements Rule
{
    public function id(): string
    {
        return 'fuse.too_small';
    }

    /** Supplies feed each other, or a short is on: what runs then is no load. */
    private static function astray(Analysis $analysis): bool
    {
        foreach ($analysis->scenes() as $scene) {
            if (
                str_contains($scene->lit->reason ?? '', 'short through') ||
                Extreme::least($scene->lit->supplyAmps) < -0.05
            ) {
                return true;
            }
        }

        return false;
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        // Current that only equalises two supplies, or a short, asks for no larger fuse.
        foreach (self::astray($analysis) ? [] : $analysis->fuses as $fuse) {
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
