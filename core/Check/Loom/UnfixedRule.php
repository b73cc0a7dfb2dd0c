<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** A stretch that hangs loose, or is fixed too seldom for its zone (layout-harness.md 8, zones). */
final class UnfixedRule implements Rule
{
    public function id(): string
    {
        return 'route.unfixed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::used($analysis) as $id => $stretch) {
            $every = $stretch->zone->everyM;
            $seldom = $every !== null && ($stretch->route->spacingM ?? 0.0) > $every + 1e-9;
            if ($stretch->route->fixing === 'none' || $seldom) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    LoomSeen::circuit($analysis, $stretch),
                    (string) $id,
                    Words::first($stretch->route->label).
                        ($seldom ? ' is fixed too seldom' : ' is fixed to nothing').
                        ': '.
                        ($every === null
                            ? 'tie it on both sides'
                            : 'a clip or tie every '.$analysis->length($every)).
                        '.',
                    'Clip it so',
                    new Batch(
                        [
                            new SetField((string) $id, 'fixing', 'clip'),
                            ...$every === null ? [] : [new SetField((string) $id, 'spacing_m', $every)],
                        ],
                        Words::first($stretch->route->label).': clipped',
                    ),
                );
            }
        }

        return $findings;
    }
}
