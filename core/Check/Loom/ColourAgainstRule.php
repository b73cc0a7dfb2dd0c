<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Returns;
use BenchGlow\Quantity\Words;

/** A colour that says the other thing: a feed in the colour of returns (layout-harness.md 12). */
final class ColourAgainstRule implements Rule
{
    public function id(): string
    {
        return 'colour.against';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $returns = new Returns($analysis->build);
        $plan = $analysis->build->settings->colourPlan;
        foreach ($analysis->build->leads as $id => $lead) {
            foreach ($lead->colours as $n => $colour) {
                $base = explode('/', $colour)[0];
                $back = $returns->is($lead, $n + 1);
                if ($base !== '' && isset($lead->cores[$n]) && ($base === $plan->return) !== $back) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Note,
                        $lead->circuit,
                        (string) $id,
                        Words::first($lead->label).
                            ($back
                                ? " is {$base} and a return; returns are {$plan->return} here."
                                : " is {$base}, the colour of returns, and feeds something."),
                    );
                    break;
                }
            }
        }

        return $findings;
    }
}
