<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** A stretch of one core between two pins. Its id is lead.core.segment (solving.md A2). */
final readonly class Wire
{
    public function __construct(
        public string $id,
        public string $lead,
        public int $core,
        public string $from,
        public string $to,
        public float $lengthM,
    ) {
    }
}
