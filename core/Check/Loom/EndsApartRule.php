<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SplitLead;
use BenchGlow\Quantity\Words;

/** Cores of one lead that end at different places (layout-harness.md 8). */
final class EndsApartRule implements Rule
{
    public function id(): string
    {
        return 'lead.ends_apart';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $places = LoomSeen::of($analysis)->loom->places;
        foreach ($analysis->build->leads as $id => $lead) {
            $first = null;
            foreach ($lead->cores as $n => [$from, $to]) {
                if ($from === null || $to === null) {
                    continue;
                }
                $ends = [$places->of($from), $places->of($to)];
                sort($ends);
                $first ??= $ends;
                if ($ends !== $first && ! in_array(null, [...$ends, ...$first], true)) {
                    $core = $n + 1;
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Note,
                        $lead->circuit,
                        (string) $id,
                        Words::first($lead->label).": core {$core} ends somewhere else than the first one.",
                        'Split it off',
                        new SplitLead((string) $id, $core),
                    );
                    break;
                }
            }
        }

        return $findings;
    }
}
