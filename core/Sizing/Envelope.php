<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** A supply's volts at no load: lowest, normal, highest. */
final readonly class Envelope
{
    public function __construct(public float $minV, public float $nominalV, public float $maxV)
    {
    }
}
