<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A host wire that feeds more than its fuse or its switch has to spare (electrics.md 5). */
final class RelayNeededRule implements Rule
{
    public function id(): string
    {
        return 'relay.needed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            $fuse = $tap->isWire() ? $tap->fuseA($analysis) : null;
            $through = $tap->throughA($analysis);
            if ($fuse === null || $through <= 0.75 * $fuse + 1e-9 || isset($findings[$tap->id()])) {
                continue;
            }
            $findings[$tap->id()] = new Finding(
                $this->id(),
                $through > $fuse ? Severity::Danger : Severity::Warning,
                $tap->circuit,
                $tap->id(),
                Words::first($tap->name()).
                    ' carries '.
                    Shown::amps($through).
                    ' behind a '.
                    Shown::amps($fuse).
                    ' fuse. Let it throw a relay that has its own fused feed.',
            );
        }

        return array_values($findings);
    }
}
