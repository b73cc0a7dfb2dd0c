<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\State;

/** Volts lost between the supply and a light's own pins (electrics.md 4). */
final class FeedDropRule implements Rule
{
    public function id(): string
    {
        return 'feed.drop';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            [$lost, $worst, $volts] = $this->lost($analysis, $analysis->litState($light->id, 'nominal'), $light->id);
            $target = $analysis->build->settings->dropTarget;
            if (! $analysis->paths->fed($light->id)) {
                continue;
            }
            if ($worst === null || $lost <= $target * $volts) {
                continue;
            }
            $lead = $analysis->leads[$worst];
            $mend =
                $lead->wire->chosen &&
                $lead->recommended !== null &&
                $lead->recommended->areaMm2 > $lead->wire->areaMm2;
            $findings[$worst] ??= new Finding(
                $this->id(),
                Severity::Warning,
                $light->circuit,
                $worst,
                Shown::volts($lost).
                    ' are lost on the way to '.
                    Words::within($light->label).
                    ': '.
                    Shown::plain((100 * $lost) / $volts, 1).
                    ' % of '.
                    Shown::volts($volts).
                    ', '.
                    Shown::percent($target).
                    ' is the target.'.
                    ($mend ? " Take {$lead->recommended->label()}." : ' Shorten the way or split the load.'),
                $mend ? "Lay {$lead->recommended->label()}" : null,
                $mend ? new SetField($worst, 'wire', null) : null,
            );
        }

        return array_values($findings);
    }

    /** @return array{float, string|null, float} volts lost out and back, the lead that loses most, nominal volts */
    private function lost(Analysis $analysis, State $state, string $light): array
    {
        $closed = $analysis->litScene($light, 'nominal')->closed ?? [];
        $byLead = [];
        $most = [0.0, 0.0];
        $volts = 12.0;
        foreach ($analysis->harness->wiredPins($light) as $pin) {
            $feed = $analysis->paths->feed($pin);
            $return = $analysis->paths->back($pin);
            foreach ([$feed, $return] as $side => $steps) {
                $sum = 0.0;
                foreach ($steps ?? [] as $step) {
                    if (! self::loses($step, $closed)) {
                        continue;
                    }
                    $u = abs((float) $state->between($step->from, $step->to));
                    $sum += $u;
                    $byLead[$step->lead] = max($byLead[$step->lead] ?? 0.0, $u);
                }
                $most[$side] = max($most[$side], $sum);
            }
            if ($feed !== null && $feed !== []) {
                $volts = $analysis->build->supplies[explode('.', $feed[0]->from)[0]]->nominalV;
            }
        }
        unset($byLead['']);
        arsort($byLead);

        return [$most[0] + $most[1], array_key_first($byLead), $volts];
    }

    /**
     * What is put there to lose volts does not count, nor what is open: there is no loss but the volts it holds back.
     *
     * @param  array<string, true>  $closed
     */
    private static function loses(Step $step, array $closed): bool
    {
        return ! in_array($step->kind, ['resistor', 'diode'], true) &&
            ($step->kind !== 'contact' || isset($closed[$step->id]));
    }
}
