<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsProof;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\GateWords;

/** It was proven, and what it was proven by has changed since. */
final class StaleRule implements ReadsProof, Rule
{
    public function id(): string
    {
        return 'prove.stale';
    }

    public function check(Analysis $analysis): array
    {
        $proven = Proven::of($analysis);
        $findings = [];
        foreach ($proven->outcomes->last as $key => $outcome) {
            if ($outcome->result === 'skipped' || ! $proven->isStale($outcome)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                GateWords::circuit($analysis->build, (string) $key),
                $proven->subject((string) $key),
                '“'.GateWords::of($analysis->build, (string) $key).'” was right for an earlier wiring. Repeat it.',
                many: 'gates were right for an earlier wiring. Repeat them.',
            );
        }

        return $findings;
    }
}
