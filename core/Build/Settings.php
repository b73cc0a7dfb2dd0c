<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** Targets of a build, with their defaults. */
final readonly class Settings
{
    private function __construct(
        public float $dropTarget,
        public float $uniformityTarget,
        public float $fuseDistanceM,
        public string $resistorSeries,
        public float $litFrom,
        public float $darkTo,
        public float $lowFrom,
        public float $lowTo,
        public float $highFrom,
        public float $highTo,
        public float $levelRatioMin,
        public string $currency,
        public float $leastWeb,
        public float $laidSlack,
        public float $loopM,
        public float $roundM,
        public float $bundleFill,
        public float $reuseM,
        public ColourPlan $colourPlan,
    ) {
    }

    public static function of(Fields $f): self
    {
        $band = function (string $level, float $from, float $to) use ($f): array {
            $given = $f->object('levels')->items($level);

            return [
                is_numeric($given[0] ?? null) ? (float) $given[0] : $from,
                is_numeric($given[1] ?? null) ? (float) $given[1] : $to,
            ];
        };
        [$lowFrom, $lowTo] = $band('low', 0.05, 0.45);
        [$highFrom, $highTo] = $band('high', 0.6, 2.0);

        return new self(
            $f->number('drop_target', 0.03),
            $f->number('uniformity_target', 0.85),
            $f->number('fuse_distance_m', 0.18),
            $f->text('resistor_series', 'E24'),
            $f->number('lit_from', 0.05),
            $f->number('dark_to', 0.002),
            $lowFrom,
            $lowTo,
            $highFrom,
            $highTo,
            $f->number('level_ratio_min', 3.0),
            $f->text('currency', 'EUR'),
            $f->number('least_web', 1.0),
            $f->object('slack')->number('laid', 0.03),
            $f->object('slack')->number('loop_m', 0.1),
            $f->object('slack')->number('round_m', 0.05),
            $f->number('bundle_fill', 0.65),
            $f->number('reuse_m', 0.3),
            ColourPlan::of($f->object('colour_plan')),
        );
    }
}
