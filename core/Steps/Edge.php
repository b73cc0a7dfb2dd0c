<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** One act before another, and why. */
final readonly class Edge
{
    public function __construct(
        public int $from,
        public int $to,
        public float $lagS,
        public string $rule,
        public string $because,
    ) {
    }
}
