<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsProof;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Outcome;
use BenchGlow\Prove\Taken;

/** Something is not as it should be, and what it was has not been found. */
final class FailedRule implements ReadsProof, Rule
{
    public function id(): string
    {
        return 'prove.failed';
    }

    public function check(Analysis $analysis): array
    {
        $proven = Proven::of($analysis);
        $findings = [];
        foreach ($proven->outcomes->last as $key => $outcome) {
            if (! $outcome->fails() || $proven->isStale($outcome) || $proven->isMended($outcome)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Danger,
                GateWords::circuit($analysis->build, (string) $key),
                $proven->subject((string) $key),
                GateWords::of($analysis->build, (string) $key).' is not as it should be'.self::read($outcome).'.',
            );
        }

        return $findings;
    }

    private static function read(Outcome $outcome): string
    {
        $said = array_map(fn (Taken $t): string => Taken::shown($t->kind, $t->value, $t->word), $outcome->readings);

        return $said === [] ? '' : ': '.implode(', ', $said).' measured';
    }
}
