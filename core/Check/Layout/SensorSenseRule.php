<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** It is made where the circuit takes it as open, or the other way round (layout-harness.md 6). */
final class SensorSenseRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'sensor.sense';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'sensor') as $laid) {
            $made = Pieces::trial($laid)->point === null ? null : Pieces::trial($laid)->madeShut;
            $drawn = Pieces::madeShut($analysis, $laid);
            if ($made !== null && $drawn !== null && $made !== $drawn) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    Pieces::circuit($analysis, $laid),
                    $laid->id,
                    Words::first(Pieces::sensor($analysis, $laid)).
                        ' is '.
                        ($made ? 'made' : 'not made').
                        ' with it shut, and the circuit takes it the other way round.',
                );
            }
        }

        return $findings;
    }
}
