<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Scene\Combinations;
use BenchGlow\Scene\Cones;

/** About how long a build takes to be solved, told without solving it: states times what there is to solve in each. */
final class Weight
{
    /** Seconds for one state and supply, by wire or contact and by lamp, on the machine it was measured on (bench/README.md). */
    private const PER_WIRE_S = 6e-6;

    private const PER_LAMP_S = 2.5e-6;

    /** Distinct patterns a state goes through, more with every coil and input that settles in it. */
    private const MOST_PATTERNS = 12.0;

    public static function seconds(Document $document): float
    {
        $build = Build::of($document);
        $bodies = Bodies::of($build);
        $harness = Harness::of($build);
        $states = count(Combinations::of($build, fn (): Cones => new Cones($build, $harness, $bodies))->all);
        $lamps = 0;
        foreach ($build->lights as $light) {
            $lamps += match ($light->kind) {
                'strip' => $light->fit()->units * $light->strip()->channels(),
                'leds' => 1,
                default => $light->count(),
            };
        }
        $wires = count($harness->wires) + 2 * count($bodies->contacts) + count($bodies->fixed);
        $undecided = array_filter($build->leads, fn (Lead $l): bool => $l->wire === null) !== [];

        return $states *
            ($undecided ? 5.0 : 3.0) *
            min(self::MOST_PATTERNS, 0.7 + 0.35 * count($bodies->senses)) *
            (self::PER_WIRE_S * $wires + self::PER_LAMP_S * $lamps + 1e-4);
    }
}
