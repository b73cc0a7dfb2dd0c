<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;

/** The brief says something that the present circuits go against: drilling, a joint that stays shut, wet places, the budget. */
final class BriefFactRule implements Rule
{
    public function id(): string
    {
        return 'brief.fact';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->facts as $fact) {
            $about = array_filter(
                $analysis->build->circuits,
                fn (Circuit $c): bool => Facts::concerns($fact, $analysis->build->document, $c->id) &&
                    $analysis->build->lightsOf($c->id) !== [],
            );
            $findings = [
                ...$findings,
                ...match ($fact->kind) {
                    'no_drill' => $this->drilled($analysis, $fact, $about),
                    'comes_apart' => $this->joined($analysis, $fact, $about),
                    'wet' => $this->wet($analysis, $fact, $about),
                    'budget' => $this->dear($analysis, $fact),
                    default => [],
                },
            ];
        }

        return $findings;
    }

    private static function said(Fact $fact): string
    {
        $where = $fact->where;

        return match ($fact->kind) {
            'no_drill' => trim("no drilling {$where}"),
            'comes_apart' => 'it comes apart'.($where === '' ? '' : " at {$where}"),
            default => trim("it gets wet {$where}"),
        };
    }

    private function finding(
        ?string $circuit,
        Fact $fact,
        string $text,
        Severity $severity = Severity::Warning,
    ): Finding {
        return new Finding($this->id(), $severity, $circuit, $circuit ?? $fact->id, $text);
    }

    /**
     * @param  array<string, Circuit>  $about
     * @return list<Finding>
     */
    private function drilled(Analysis $analysis, Fact $fact, array $about): array
    {
        $findings = [];
        foreach ($about as $id => $circuit) {
            $way = Recognise::of($analysis->build->document, $id);
            $ready = $way === null ? null : Ways::find($way['way']);
            $holes = $ready?->holes() ?? 0;
            if ($ready !== null && $holes > 0) {
                $findings[] = $this->finding(
                    $id,
                    $fact,
                    'The brief says '.
                        self::said($fact).
                        '; '.
                        Words::within($circuit->label).
                        ' ('.
                        lcfirst($ready->name()).
                        ") needs {$holes} hole".
                        ($holes === 1 ? '' : 's').
                        '. Choose a way without, or take the fact out.',
                );
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, Circuit>  $about
     * @return list<Finding>
     */
    private function joined(Analysis $analysis, Fact $fact, array $about): array
    {
        // What comes apart as a thing with places on it is judged by the wires that cross to it.
        foreach ($analysis->build->carriers as $carrier) {
            if ($carrier->fact === $fact->id) {
                return [];
            }
        }
        $plugged = [];
        foreach ($analysis->build->devices as $device) {
            $plugged[$device instanceof PlugDevice ? (string) $device->circuit() : ''] = true;
        }
        foreach ($analysis->build->document->fields()->objects('leads') as $lead) {
            $plugged[in_array('plug', $lead->items('ends'), true) ? $lead->text('circuit') : ''] = true;
        }
        unset($plugged['']);
        // A place that names no circuit is one of the host: any plug may be the one that is meant.
        if ($fact->where === '' || $about === []) {
            return $plugged !== [] || $analysis->build->lights === []
                ? []
                : [
                    $this->finding(
                        null,
                        $fact,
                        'The brief says '.
                            self::said($fact).
                            '; no lead of this build has a plug. Put one where it parts.',
                    ),
                ];
        }
        $findings = [];
        foreach (array_diff_key($about, $plugged) as $id => $circuit) {
            $findings[] = $this->finding(
                $id,
                $fact,
                'The brief says '.
                    self::said($fact).
                    '; '.
                    Words::within($circuit->label).
                    ' has no plug. Put one where it parts.',
            );
        }

        return $findings;
    }

    /**
     * @param  array<string, Circuit>  $about
     * @return list<Finding>
     */
    private function wet(Analysis $analysis, Fact $fact, array $about): array
    {
        // Where places say how wet they are, joints and plugs are judged by where they lie.
        foreach ($analysis->build->places as $place) {
            if ($place->wet !== 'dry') {
                return [];
            }
        }
        $open = [];
        foreach ($analysis->build->devices as $device) {
            $unsealed = $device instanceof PlugDevice && $device->letsWaterIn();
            if ($unsealed || ($device instanceof JointDevice && $device->isTap())) {
                $open[(string) $device->circuit()] = $unsealed
                    ? 'an unsealed plug'
                    : 'a tap that cuts through the insulation';
            }
        }
        foreach ($analysis->build->document->fields()->objects('leads') as $lead) {
            if (in_array('idc_tap', $lead->items('ends'), true)) {
                $open[$lead->text('circuit')] = 'a tap that cuts through the insulation';
            }
        }
        $findings = [];
        foreach (array_intersect_key($about, $open) as $id => $circuit) {
            $findings[] = $this->finding(
                $id,
                $fact,
                'The brief says '.
                    self::said($fact).
                    '; '.
                    Words::within($circuit->label).
                    " has {$open[$id]} that lets water in. Take a sealed one, or solder and seal.",
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function dear(Analysis $analysis, Fact $fact): array
    {
        $budget = Facts::budget($fact);
        $price = $budget === null ? 0.0 : PartsList::price($analysis);

        return $budget !== null && $price > $budget
            ? [
                $this->finding(
                    null,
                    $fact,
                    'The parts whose price is known come to '.
                        Shown::plain($price, 2).
                        " {$analysis->build->settings->currency}; the brief says a budget of {$fact->value}.",
                    Severity::Note,
                ),
            ]
            : [];
    }
}
