<?php

declare(strict_types=1);

namespace BenchGlow\Options;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\SplitRun;
use BenchGlow\Format\BadBuild;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiler;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\StateSolver;

/** Other places to feed a strip, each tried as the edit it would be, on this very build. */
final class FeedOptions
{
    /** @return list<int> fed cut marks of a strip, rising */
    public static function marks(Harness $harness, string $light): array
    {
        $marks = [];
        foreach ($harness->wiredPins($light) as $pin) {
            if (preg_match('/\.u(\d+)\./', $pin, $m) === 1) {
                $marks[(int) $m[1]] = (int) $m[1];
            }
        }
        sort($marks);

        return $marks;
    }

    public static function current(Build $build, Harness $harness, string $light): string
    {
        $units = $build->lights[$light]->fit()->units;

        return match (self::marks($harness, $light)) {
            [0] => 'start',
            [$units] => 'end',
            [0, $units] => 'both',
            [intdiv($units, 2)] => 'middle',
            default => 'other',
        };
    }

    /**
     * @return array<string, Edit> way => edit
     */
    public static function edits(string $light): array
    {
        return [
            'both' => new FeedBothEnds($light),
            'middle' => new FeedStrip($light, 'middle'),
            'two' => new SplitRun($light),
            'start' => new FeedStrip($light, 'start'),
            'end' => new FeedStrip($light, 'end'),
        ];
    }

    /** Metres of conductor in all leads, each core counted. */
    public static function wireM(Build $build): float
    {
        $sum = 0.0;
        foreach ($build->leads as $lead) {
            $sum += count($lead->cores) * Harness::lengthM($build, $lead);
        }

        return $sum;
    }

    /**
     * Dimmest over brightest of a strip at the normal supply if it were fed another way; new leads as thick as the feed. Null where
     * it can't be fed so.
     */
    public static function evenness(Analysis $analysis, string $light, Edit $edit): ?float
    {
        try {
            $build = Build::of(Editor::apply($analysis->build->document, $edit));
        } catch (BadBuild) {
            return null;
        }
        $feed = null;
        $wiring = [];
        foreach ($build->leads as $id => $lead) {
            $known = $analysis->leads[$id]->wire ?? null;
            $feed = $lead->circuit === $build->lights[$light]->circuit ? $known ?? $feed : $feed;
            $wiring[$id] = $known ?? LeadWire::of($build, $lead, Gauge::mm2($feed->areaMm2 ?? 1.0));
        }
        $states = StateSolver::solve(
            $build,
            Compiler::compile(
                $build,
                Harness::of($build),
                $wiring,
                'nominal',
                Bodies::of($build),
                $analysis->litScene($light, 'nominal')->closed ?? [],
            ),
            'nominal',
        )->lights[$light];

        return $states === [] ? 0.0 : min(array_map(fn (EmitterState $e): float => $e->uniformity(), $states));
    }
}
