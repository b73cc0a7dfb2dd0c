<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Probe\Conflict;
use BenchGlow\Probe\Conflicts;
use BenchGlow\Probe\Probing;

/** Readings, names or claims of the host's wires contradict each other. */
final class ProbeConflictRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'probe.conflict';
    }

    public function check(Analysis $analysis): array
    {
        $probing = Probed::of($analysis);

        return $probing === null
            ? []
            : array_map(
                fn (Conflict $c): Finding => new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $c->wires[0] ?? '',
                    $c->says,
                ),
                self::conflicts($probing),
            );
    }

    /** @return list<Conflict> */
    private static function conflicts(Probing $probing): array
    {
        return array_values(array_filter(Conflicts::of($probing), fn (Conflict $c): bool => $c->kind !== 'corroded'));
    }
}
