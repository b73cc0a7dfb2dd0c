<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** A short at the far end that is under twice the fuse may only smoulder (electrics.md 5). */
final class FuseMayNotBlowRule implements Rule
{
    public function id(): string
    {
        return 'fuse.may_not_blow';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->fuses as $fuse) {
            $fitted = $fuse->fittedA();
            if ($fitted === null || $fuse->shortA === null || $fuse->shortA >= 2.0 * $fitted) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $analysis->build->leads[$fuse->lead]->circuit,
                $fuse->id,
                'A short at the far end may only smoulder: '.
                    Shown::amps($fuse->shortA).
                    ' flow, the '.
                    Shown::amps($fitted).
                    ' fuse wants twice its value. Take thicker wire or a smaller fuse.',
            );
        }

        return $findings;
    }
}
