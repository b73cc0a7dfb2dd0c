<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Probe\Conflicts;

/** A ground of the host lifts under load, or a feed has lost volts before the wire. */
final class DirtyGroundRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'probe.dirty_ground';
    }

    public function check(Analysis $analysis): array
    {
        $probing = Probed::of($analysis);
        $findings = [];
        foreach ($probing === null ? [] : Conflicts::of($probing) as $conflict) {
            if ($conflict->kind === 'corroded') {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $conflict->wires[0] ?? '',
                    $conflict->says,
                );
            }
        }

        return $findings;
    }
}
