<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/** Holds its amps from the dropout voltage up; below it follows a one-LED curve through (dropout, amps) (solving.md B4). */
final readonly class LinearLaw implements Law
{
    /** A held current has no slope; this much keeps its node regular (siemens). */
    public const FLAT = 1e-9;

    private StringLaw $below;

    public function __construct(public float $ampsA, public float $dropoutV)
    {
        $this->below = StringLaw::of($dropoutV, $ampsA);
    }

    public function belowDropout(): StringLaw
    {
        return $this->below;
    }

    public function at(float $u): array
    {
        $below = $this->below->at($u);

        return $below[0] < $this->ampsA ? $below : [$this->ampsA + self::FLAT * ($u - $this->dropoutV), self::FLAT];
    }

    public function chord(): float
    {
        return $this->ampsA / $this->dropoutV;
    }
}
