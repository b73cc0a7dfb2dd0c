<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** A source with its place and its light. */
final readonly class Lamp
{
    /**
     * @param  float  $lm  as solved in the state that is looked at
     * @param  float  $tilt  rad, from straight down toward greater y
     */
    public function __construct(public float $x, public float $y, public float $lm, public float $tilt = 0.0)
    {
    }
}
