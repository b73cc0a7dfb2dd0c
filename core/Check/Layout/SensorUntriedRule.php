<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Where it throws is as drawn: nobody has tried it (layout-harness.md 6). */
final class SensorUntriedRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'sensor.untried';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'sensor') as $laid) {
            if (Pieces::trial($laid)->point === null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    Pieces::circuit($analysis, $laid),
                    $laid->id,
                    Words::first(Pieces::sensor($analysis, $laid)).
                        ' is as drawn: hold it with tape and try where it throws.',
                );
            }
        }

        return $findings;
    }
}
