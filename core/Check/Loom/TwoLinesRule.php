<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A wire that parts twice on its way to what leaves (layout-harness.md 10). */
final class TwoLinesRule implements Rule
{
    public function id(): string
    {
        return 'plug.two_lines';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($list->plugs->all as $carrier => $line) {
            foreach ($line['leads'] as $id => $plugs) {
                $in = array_filter($plugs, fn (array $p): bool => in_array($p[1], $line['stretches'], true));
                if (count($in) > 1) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $analysis->build->leads[$id]->circuit,
                        (string) $id,
                        Words::first($analysis->build->leads[$id]->label).
                            ' goes through '.
                            count($in).
                            ' plugs on its way to '.
                            Words::within($analysis->build->carriers[$carrier]->label).
                            ': one line where it parts is enough.',
                    );
                }
            }
        }

        return $findings;
    }
}
