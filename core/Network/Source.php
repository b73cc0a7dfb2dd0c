<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** A supply: open-circuit volts behind a resistance, between two nodes (solving.md B2). */
final readonly class Source
{
    public function __construct(
        public string $id,
        public int $plus,
        public int $minus,
        public float $volts,
        public float $ohm,
    ) {
    }
}
