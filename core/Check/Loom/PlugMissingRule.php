<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\PlugHere;
use BenchGlow\Quantity\Words;

/** What comes off has wires that do not part (layout-harness.md 10). */
final class PlugMissingRule implements Rule
{
    public function id(): string
    {
        return 'plug.missing';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($analysis->build->carriers as $id => $carrier) {
            $missing = $list->plugs->isWanted($carrier) ? $list->plugs->unplugged((string) $id) : [];
            if ($missing === []) {
                continue;
            }
            $stretch = null;
            foreach ($list->plugs->all[$id]['stretches'] as $one) {
                $stretch ??= in_array($missing[0]->id, $list->loom->stretches[$one]->leads, true) ? $one : null;
            }
            $n = count($missing);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                (string) $id,
                Words::first($carrier->label).
                    " {$carrier->words()}, and ".
                    Words::count($n, 'wire').
                    ($n === 1 ? ' holds it.' : ' hold it.').
                    ' Put a plug where it parts.',
                $stretch === null ? null : 'Put the plug here',
                $stretch === null ? null : new PlugHere($stretch),
            );
        }

        return $findings;
    }
}
