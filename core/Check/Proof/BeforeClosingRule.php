<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Panel;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsProof;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\GateWords;
use BenchGlow\Quantity\Words;

/** A panel was closed over a circuit that was never proven while it was open. */
final class BeforeClosingRule implements ReadsProof, Rule
{
    public function id(): string
    {
        return 'prove.before_closing';
    }

    public function check(Analysis $analysis): array
    {
        $proven = Proven::of($analysis);
        $findings = [];
        foreach ($analysis->build->panels as $panel) {
            if (! isset($proven->done["close:{$panel->id}"])) {
                continue;
            }
            foreach ($this->behind($analysis, $panel) as $circuit) {
                if ($proven->isProvenOpen($circuit)) {
                    continue;
                }
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $circuit,
                    $panel->id,
                    "{$panel->label} is closed, and ".
                        Words::within($analysis->build->label($circuit)).
                        ' behind it was not proven while it was open.',
                );
            }
        }

        return $findings;
    }

    /** @return list<string> circuits of what the panel gives */
    private function behind(Analysis $analysis, Panel $panel): array
    {
        $build = $analysis->build;
        $circuits = [];
        foreach ($panel->gives as $id) {
            $circuit = GateWords::circuit($analysis->build, "of:{$id}");
            if ($circuit !== null && $build->lightsOf($circuit) !== []) {
                $circuits[$circuit] = true;
            }
        }

        return array_map(strval(...), array_keys($circuits));
    }
}
