<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/** What a two-pin branch lets through: amps from "from" to "to" at u volts, and the slope in siemens. Non-decreasing in u. */
interface Law
{
    /** @return array{float, float} amps, siemens */
    public function at(float $u): array;

    /** Chord of the rated point in siemens: the branch as a resistor, for the first linear solve. */
    public function chord(): float;
}
