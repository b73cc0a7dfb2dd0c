<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Where an emitter's branch went, and what counts as its full light: amps of one string, or watts of a switching driver. */
final readonly class EmitterPlace
{
    public function __construct(
        public string $emitter,
        public int $branch,
        public float $rated,
        public int $parallel,
        public bool $byWatts = false,
    ) {
    }
}
