<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Options\FeedOptions;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** A strip whose dimmest unit is under the target share of its brightest (electrics.md 3). */
final class StripDimEndRule implements Rule
{
    public function id(): string
    {
        return 'strip.dim_end';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $target = $analysis->build->settings->uniformityTarget;
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'strip') {
                continue;
            }
            $states = $analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [];
            $lit = array_filter(
                $states,
                fn (EmitterState $e): bool => $e->greatest() > $analysis->build->settings->litFrom,
            );
            $uniformity = Extreme::least(array_map(fn (EmitterState $e): float => $e->uniformity(), $lit), 1.0);
            if ($uniformity >= $target) {
                continue;
            }
            $fix = $this->fix($analysis, $light);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $light->circuit,
                $light->id,
                'The dimmest lamp of '.
                    Words::within($light->label).
                    ' gets '.
                    Shown::percent($uniformity).
                    ' of the brightest one\'s light; you asked for '.
                    Shown::percent($target).
                    '.'.
                    ($fix === null ? ' Split the run or take strip with thicker rails.' : " {$fix[0]}."),
                $fix[0] ?? null,
                $fix[1] ?? null,
            );
        }

        return $findings;
    }

    /**
     * Both ends where that keeps the target, else the evener of both ends and middle, each solved on this build.
     *
     * @return array{string, Edit}|null
     */
    private function fix(Analysis $analysis, Light $light): ?array
    {
        $marks = FeedOptions::marks($analysis->harness, $light->id);
        if (count($marks) !== 1) {
            return null;
        }
        $both = new FeedBothEnds($light->id);
        $middle = new FeedStrip($light->id, 'middle');
        $inMiddle = $marks === [intdiv($light->fit()->units, 2)];
        $evenBoth = FeedOptions::evenness($analysis, $light->id, $both);
        $evenMiddle =
            $inMiddle || ($evenBoth ?? 0.0) >= $analysis->build->settings->uniformityTarget
                ? null
                : FeedOptions::evenness($analysis, $light->id, $middle);

        return match (true) {
            $evenMiddle !== null && $evenMiddle > ($evenBoth ?? 0.0) => ['Feed the middle', $middle],
            $evenBoth !== null => ['Feed both ends', $both],
            default => null,
        };
    }
}
