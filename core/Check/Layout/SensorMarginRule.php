<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** It throws too near its stop (layout-harness.md 6). */
final class SensorMarginRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'sensor.margin';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'sensor') as $laid) {
            $trial = Pieces::trial($laid);
            if ($trial->point !== null && ! $trial->holds()) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    Pieces::circuit($analysis, $laid),
                    $laid->id,
                    Words::first(Pieces::sensor($analysis, $laid)).
                        ' throws '.
                        $trial->said((float) $trial->margin()).
                        ' before it is shut; '.
                        $trial->said($trial->wanted()).
                        ' is the least. Move the magnet, and try again.',
                );
            }
        }

        return $findings;
    }
}
