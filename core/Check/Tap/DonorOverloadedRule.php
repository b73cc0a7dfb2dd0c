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
            $fuse = $tap->isWire() ? null : $tap->fuseA($analysis);
            $through = $tap->throughA($analysis);
            if ($fuse === null || $through <= 0.75 * $fuse + 1e-9 || isset($findings[$tap->id()])) {
                continue;
            }
            $own = $tap->host instanceof HostWay ? (float) $tap->host->loadA : 0.0;
            $findings[$tap->id()] = new Finding(
                $this->id(),
                $through > $fuse ? Severity::Danger : Severity::Warning,
                $tap->circuit,
                $tap->id(),
                Words::first($tap->name()).
                    ' carries '.
                    Shown::amps($through).
                    ' through its '.
                    Shown::amps($fuse).
                    ' fuse, '.
                    Shown::amps($own).
                    ' of it its own; it has '.
                    Shown::amps(max(0.0, 0.75 * $fuse - $own)).
                    ' to spare. Take another way, or a relay with its own fused feed. Its fuse stays as it is.',
            );
        }

        return array_values($findings);
    }
}
