<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** A coil or a controller's input: pulls in and drops out at volts across two pins. */
final readonly class Sense
{
    public function __construct(
        public string $id,
        public string $thing,
        public string $from,
        public string $to,
        public float $pullInV,
        public float $dropOutV,
        public bool $eitherWay,
        public float $holdS,
    ) {
    }
}
