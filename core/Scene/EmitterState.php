<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Settings;

/** One emitter in one state, unit by unit in order along the light. */
final readonly class EmitterState
{
    /** So near a border counts as on it: the solver's own accuracy must not decide a level. */
    private const HAIR = 1e-6;

    /**
     * @param  list<float>  $flux  1 = the label's brightness
     * @param  list<float>  $volts  across each unit
     */
    public function __construct(
        public string $name,
        public string $colour,
        public array $flux,
        public array $volts,
        public float $watts,
    ) {
    }

    public function least(): float
    {
        return $this->flux === [] ? 0.0 : min($this->flux);
    }

    public function greatest(): float
    {
        return $this->flux === [] ? 0.0 : max($this->flux);
    }

    public function uniformity(): float
    {
        return $this->greatest() > 0.0 ? $this->least() / $this->greatest() : 1.0;
    }

    /** Index of the dimmest unit. */
    public function weakest(): int
    {
        return $this->flux === [] ? 0 : (int) array_search($this->least(), $this->flux, true);
    }

    /** The dimmest unit decides; dark only if all are dark (solving.md H). */
    public function level(Settings $settings): string
    {
        $f = $this->least();

        return match (true) {
            $this->greatest() <= $settings->darkTo + self::HAIR => 'dark',
            $f < $settings->litFrom - self::HAIR => 'ghost',
            self::within($f, $settings->lowFrom, $settings->lowTo) => 'low',
            self::within($f, $settings->highFrom, $settings->highTo) => 'high',
            default => 'on',
        };
    }

    private static function within(float $f, float $from, float $to): bool
    {
        return $f >= $from - self::HAIR && $f <= $to + self::HAIR;
    }
}
