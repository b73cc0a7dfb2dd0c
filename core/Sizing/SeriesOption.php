<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** One way to put the LEDs into strings, with what it does at every supply. */
final readonly class SeriesOption
{
    /**
     * @param  array{min: float, nominal: float, max: float, worst: float}|null  $currentA
     * @param  list<string>  $reasons  why it can't be used
     * @param  list<string>  $warnings
     */
    public function __construct(
        public int $ledsPerString,
        public int $strings,
        public int $lastStringLeds,
        public ?float $resistorOhm,
        public ?float $lastResistorOhm,
        public ?array $currentA,
        public ?float $resistorW,
        public ?float $ratingW,
        public ?float $lastResistorW,
        public ?float $lastRatingW,
        public ?float $efficiency,
        public ?float $swingLow,
        public ?float $swingHigh,
        public float $score,
        public array $reasons,
        public array $warnings,
    ) {
    }

    public function feasible(): bool
    {
        return $this->reasons === [];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'leds_per_string' => $this->ledsPerString,
            'strings' => $this->strings,
            'last_string_leds' => $this->lastStringLeds,
            'resistor_ohm' => $this->resistorOhm,
            'last_resistor_ohm' => $this->lastResistorOhm,
            'current_a' => $this->currentA,
            'resistor_w' => $this->resistorW,
            'resistor_rating_w' => $this->ratingW,
            'last_resistor_w' => $this->lastResistorW,
            'last_resistor_rating_w' => $this->lastRatingW,
            'efficiency' => $this->efficiency,
            'swing' => ['low' => $this->swingLow, 'high' => $this->swingHigh],
            'feasible' => $this->feasible(),
            'reasons' => $this->reasons,
            'warnings' => $this->warnings,
        ];
    }
}
