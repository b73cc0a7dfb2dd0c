<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Words;

/** A diode that stands against the current on the way of a light and passes none in any state. */
final class DiodeReversedRule implements Rule
{
    /** What a diode passes backwards. */
    private const LEAK_A = 1e-5;

    public function id(): string
    {
        return 'diode.reversed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            foreach ($analysis->paths->waysTo($light->id) as $steps) {
                $back = ! str_ends_with($steps[0]->from ?? '', '.plus');
                foreach ($steps as $step) {
                    if ($this->standsAgainst($analysis, $step, $back)) {
                        $findings[$step->id] ??= $this->finding($analysis, $step);
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** @param  bool  $back  on the way back, where current runs against the steps */
    private function standsAgainst(Analysis $analysis, Step $step, bool $back): bool
    {
        if ($step->kind !== 'diode' || $analysis->peakA($step->id) > self::LEAK_A) {
            return false;
        }
        foreach ($analysis->build->leads[$step->lead]->inline as $thing) {
            if ($thing->id === $step->id) {
                return str_ends_with($step->to, $thing->pointsTo ? '.2' : '.1') === $back;
            }
        }

        return false;
    }

    private function finding(Analysis $analysis, Step $step): Finding
    {
        $lead = $analysis->build->leads[$step->lead];
        $points = $analysis->build->index->item($step->id)->text('points', 'to') === 'to' ? 'from' : 'to';

        return new Finding(
            $this->id(),
            Severity::Warning,
            $lead->circuit,
            $step->id,
            'The diode in '.
                Words::within($lead->label).
                ' points against the current: it never passes any. Turn it round, its ring to the light.',
            'Turn it round',
            new SetField($step->id, 'points', $points),
        );
    }
}
