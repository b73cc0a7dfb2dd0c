<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Report\Analysis;

/** A circuit with a part whose contacts this version does not solve, or whose equations have no answer. */
final class CircuitNotSolvedRule implements Rule
{
    public function id(): string
    {
        return 'circuit.not_solved';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->unsolvable as $circuit => $why) {
            $findings[] = new Finding($this->id(), Severity::Note, $circuit, $circuit, "Can't tell yet how {$analysis->build->circuits[$circuit]->label} behaves: {$why}. Nothing shown for it is solved.");
        }
        foreach ($analysis->states as $state) {
            if (! $state->solved) {
                $findings[] = new Finding($this->id(), Severity::Warning, null, $state->name, "The {$state->name} supply state has no answer: {$state->reason}.");
            }
        }

        return $findings;
    }
}
