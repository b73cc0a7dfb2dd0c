<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWay;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A way of the host that carries more than three quarters of its fuse with the build on it (electrics.md 5). */
final class DonorOverloadedRule implements Rule
{
    public function id(): string
    {
        return 'donor.overloaded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            $way = $tap->host;
            if (! ($way instanceof HostWay) || isset($findings[$tap->id()])) {
                continue;
            }
            $finding = $this->fuse($analysis, $tap, $way) ?? $this->box($analysis, $tap, $way);
            if ($finding !== null) {
                $findings[$tap->id()] = $finding;
            }
        }

        return array_values($findings);
    }

    /** What we add behind the donor's fuse, with what the way carries itself. */
    private function fuse(Analysis $analysis, Tap $tap, HostWay $way): ?Finding
    {
        $added = self::addedA($analysis, "{$way->id}.fuse", "{$way->id}.own");
        $own = (float) $way->loadA;
        $through = $own + $added;
        if ($way->fuseA === null || $added < 1e-3 || $through <= 0.75 * $way->fuseA + 1e-9) {
            return null;
        }

        return new Finding(
            $this->id(),
            $through > $way->fuseA ? Severity::Danger : Severity::Warning,
            $tap->circuit,
            $tap->id(),
            Words::first($tap->name()).
                ' carries '.
                Shown::amps($through).
                ' through its '.
                Shown::amps($way->fuseA).
                ' fuse, '.
                Shown::amps($own).
                ' of it its own; it has '.
                Shown::amps(max(0.0, 0.75 * $way->fuseA - $own)).
                ' to spare. Take another way, or a relay with its own fused feed. Its fuse stays as it is.',
        );
    }

    /** Both loads come through the way's own feed, whichever leg of the tap is live (electrics.md 5). */
    private function box(Analysis $analysis, Tap $tap, HostWay $way): ?Finding
    {
        $added = self::addedA($analysis, "{$way->id}.live", "{$way->id}.own");
        $both = (float) $way->loadA + $added;
        if ($way->boxMaxA === null || $added < 1e-3 || $both <= $way->boxMaxA + 1e-9) {
            return null;
        }

        return new Finding(
            $this->id(),
            Severity::Danger,
            $tap->circuit,
            $tap->id(),
            'Both loads of '.
                $tap->name().
                ', '.
                Shown::amps($both).
                ' together, come through its own feed, and the box is rated '.
                Shown::amps($way->boxMaxA).
                ' a way. Take another way, or a relay with its own fused feed.',
        );
    }

    /** Most amps through one branch of a way beyond those of its own load, in one and the same state. */
    private static function addedA(Analysis $analysis, string $through, string $own): float
    {
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            $most = max($most, abs($scene->lit->amps[$through] ?? 0.0) - abs($scene->lit->amps[$own] ?? 0.0));
        }

        return $most;
    }
}
