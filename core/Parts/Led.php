<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Law\StringLaw;

/** One LED's datasheet point and limits. */
final readonly class Led
{
    public function __construct(
        public float $vfV,
        public float $ifA,
        public float $imaxA,
        public float $vfToleranceV = 0.1,
        public float $ideality = 2.0,
        public ?float $rsOhm = null,
    ) {
    }

    /** @param  float  $shiftV added to the forward volts of each LED */
    public function string(int $leds, float $ohm, float $shiftV = 0.0, int $parallel = 1): StringLaw
    {
        return StringLaw::of($this->vfV, $this->ifA, $leds, $ohm, $parallel, $this->ideality, $this->rsOhm, $shiftV);
    }

    /** Forward volts at the given amps, on the part's exact curve. */
    public function volts(float $amps): float
    {
        return $this->string(1, 0.0)->volts($amps);
    }
}
