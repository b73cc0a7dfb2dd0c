<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** The loom pulls tight before the hinge is all the way open (layout-harness.md 8). */
final class HingeShortRule implements Rule
{
    public function id(): string
    {
        return 'hinge.short';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $hinge = $stretch->route->hinge;
            $need = $hinge?->needM(LoomSeen::of($analysis)->bundleMm((string) $id)) ?? 0.0;
            $has = $stretch->route->lengthM;
            if ($hinge === null || $has === null || $has >= $need - 1e-6) {
                continue;
            }
            $bare = array_filter($stretch->leads, fn (string $l): bool => isset(LoomSeen::unfused($analysis)[$l]));
            $wants = ceil($need * 100 - 1e-6) / 100;
            $findings[] = new Finding(
                $this->id(),
                $bare === [] ? Severity::Warning : Severity::Danger,
                LoomSeen::circuit($analysis, $stretch),
                (string) $id,
                Words::first($stretch->route->label).
                    ': the loom is '.
                    Shown::plain(100 * ($need - $has), 1).
                    ' cm short when it is all the way open.'.
                    ($bare === [] ? '' : ' One of its wires has no fuse before it.'),
                'Give it '.$analysis->length($wants),
                new SetField((string) $id, 'length_m', $wants),
            );
        }

        return $findings;
    }
}
