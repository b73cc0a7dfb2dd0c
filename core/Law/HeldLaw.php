<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/**
 * A switching load draws I = P/u, which falls with u and would break the solver's monotony. It is held at fixed amps inside
 * the Newton solve and updated outside it (solving.md B5); this value is one such moment.
 */
final readonly class HeldLaw implements Law
{
    /** A held current has no slope; this much keeps its node regular behind an open contact (siemens). */
    private const FLAT = 1e-9;

    public function __construct(
        public float $watts,
        public float $fromV,
        public float $toV,
        public float $heldA = 0.0,
    ) {
    }

    public function holding(float $amps): self
    {
        return new self($this->watts, $this->fromV, $this->toV, $amps);
    }

    public function at(float $u): array
    {
        return [$this->heldA + self::FLAT * $u, self::FLAT];
    }

    public function chord(): float
    {
        return $this->watts / ($this->toV * $this->toV);
    }
}
