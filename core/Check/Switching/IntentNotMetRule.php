<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Words;

/** What should glow, held against what does (solving.md H). */
final class IntentNotMetRule implements Rule
{
    public function id(): string
    {
        return 'intent.not_met';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->intents as $circuit => $intent) {
            if ($intent->verdict !== 'not_met') {
                continue;
            }
            $first = $intent->mismatches[0];
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $circuit,
                $circuit,
                ($analysis->stateCount() <= 3 ? '' : Words::first(Situation::said($analysis, $first->inputs)).', ').
                    "`{$first->emitter}` should be {$first->wanted} and is {$first->solved} ({$first->because}). ".
                    count($intent->mismatches).
                    ' mismatch'.
                    (count($intent->mismatches) === 1 ? '' : 'es').
                    ' in '.
                    $analysis->stateCount().
                    ' states.',
            );
        }

        return $findings;
    }
}
