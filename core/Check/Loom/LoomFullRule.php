<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Loom\Bundle;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A sleeve that is fuller than it bears (layout-harness.md 8, bundle and sleeve). */
final class LoomFullRule implements Rule
{
    public function id(): string
    {
        return 'loom.full';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        $most = $analysis->build->settings->bundleFill;
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $inside = $stretch->route->sleeveMm;
            $mm = $list->outsides((string) $id);
            if ($inside === null || Bundle::fits($mm, $inside, $most)) {
                continue;
            }
            $next = Bundle::sleeve($mm, $most);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                LoomSeen::circuit($analysis, $stretch),
                (string) $id,
                Words::first($stretch->route->label).
                    ': the sleeve is '.
                    Shown::plain(100 * Bundle::fill($mm, $inside), 0).
                    ' % full, '.
                    Shown::plain(100 * $most, 0).
                    ' % is what it bears.'.
                    ($next === null ? ' No sleeve that is sold takes them; part them.' : ''),
                $next === null ? null : 'Take '.Shown::plain($next, 1).' mm',
                $next === null ? null : new SetField((string) $id, 'sleeve_mm', $next),
            );
        }

        return $findings;
    }
}
