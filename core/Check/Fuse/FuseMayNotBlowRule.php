<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\FuseFigures;
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
                self::limited($analysis, $fuse) ? Severity::Note : Severity::Warning,
                $analysis->build->leads[$fuse->lead]->circuit,
                $fuse->id,
                self::limited($analysis, $fuse)
                    ? 'A short at the far end gets no more than '.
                        Shown::amps($fuse->shortA).
                        ' from a supply that limits itself; the '.
                        Shown::amps($fitted).
                        ' fuse may never open. The supply is the protection: see that it says so.'
                    : 'A short at the far end may only smoulder: '.
                        Shown::amps($fuse->shortA).
                        ' flow, the '.
                        Shown::amps($fitted).
                        ' fuse wants twice its value. Take thicker wire or a smaller fuse.',
            );
        }

        return $findings;
    }

    /** The short is bounded by the supply's own limit, not by the copper (electrics.md 11 f). */
    private static function limited(Analysis $analysis, FuseFigures $fuse): bool
    {
        foreach ($analysis->build->supplies as $supply) {
            if ($supply->limitA() !== null && abs($supply->faultA() - (float) $fuse->shortA) < 1e-6) {
                return true;
            }
        }

        return false;
    }
}
