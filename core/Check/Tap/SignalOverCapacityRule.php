<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWire;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A host wire that gives more than its own switch or source is good for. */
final class SignalOverCapacityRule implements Rule
{
    public function id(): string
    {
        return 'signal.over_capacity';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            $limit = $tap->host instanceof HostWire ? $tap->host->maxA : null;
            $through = $tap->throughA($analysis);
            if ($limit !== null && $through > $limit + 1e-9) {
                $findings[$tap->id()] ??= new Finding(
                    $this->id(),
                    Severity::Warning,
                    $tap->circuit,
                    $tap->id(),
                    Words::first($tap->name()).
                        ' is good for '.
                        Shown::amps($limit).
                        ' and gives '.
                        Shown::amps($through).
                        '. Let it throw a relay or a solid-state switch.',
                );
            }
        }

        return array_values($findings);
    }
}
