<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Loom\Colours;
use BenchGlow\Loom\Returns;
use BenchGlow\Quantity\Words;

/** Two feeds of one colour side by side (layout-harness.md 12). */
final class ColourTwiceRule implements Rule
{
    public function id(): string
    {
        return 'colour.twice';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        $returns = new Returns($analysis->build);
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $seen = [];
            foreach ($stretch->leads as $lead) {
                foreach ($list->colours->all[$lead] as $n => $colour) {
                    if ($returns->is($analysis->build->leads[$lead], $n + 1)) {
                        continue;
                    }
                    if (isset($seen[$colour]) && $seen[$colour] !== $lead) {
                        $findings["{$colour}/{$lead}"] ??= new Finding(
                            $this->id(),
                            Severity::Warning,
                            LoomSeen::circuit($analysis, $stretch),
                            (string) $id,
                            'Two wires are '.
                                Colours::words($colour).
                                ' '.
                                Words::within($stretch->route->label).
                                ': nobody tells them apart there.',
                            'Colour all of them by the plan',
                            new ColourAll(true),
                        );
                    }
                    $seen[$colour] = $lead;
                }
            }
        }

        return array_values($findings);
    }
}
