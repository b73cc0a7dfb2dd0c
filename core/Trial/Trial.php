<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Sizing\Preferred;

/** From a potentiometer's reading to the fixed part (electrics.md 2, bench method). */
final readonly class Trial
{
    private const RATINGS = [0.125, 0.25, 0.5, 1.0, 2.0, 3.0, 5.0, 10.0];

    /** @param  float|null  $ratingW  next rating at or over power/0.6; null: none */
    private function __construct(
        public float $ohm,
        public float $amps,
        public float $watts,
        public ?float $ratingW,
        public float $potW,
    ) {
    }

    /** Next preferred value at or over the reading and what stood in line with it, ohms. */
    public static function fit(float $potOhm, float $fixedOhm, string $series): ?float
    {
        return Preferred::from($series)->atLeast($potOhm + $fixedOhm);
    }

    /** What a fitted resistor carries at most, and what the potentiometer of its trial had to bear. */
    public static function of(Analysis $analysis, string $resistor): ?self
    {
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === $resistor && $thing->kind === 'resistor') {
                    $amps = $analysis->peakA($resistor);
                    $watts = $amps ** 2 * $thing->ohm;
                    $rating =
                        array_values(array_filter(self::RATINGS, fn (float $r): bool => $r >= $watts / 0.6))[0] ?? null;

                    return new self(
                        $thing->ohm,
                        $amps,
                        $watts,
                        $rating,
                        $amps ** 2 * $analysis->build->index->item($resistor)->object('trial')->number('pot_ohm'),
                    );
                }
            }
        }

        return null;
    }
}
