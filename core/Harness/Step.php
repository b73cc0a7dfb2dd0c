<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** One piece of a way from a supply to a pin: a wire segment or a thing set into a lead. */
final readonly class Step
{
    public function __construct(
        public string $kind,
        public string $id,
        public string $from,
        public string $to,
        public float $lengthM,
        public string $lead,
    ) {
    }
}
