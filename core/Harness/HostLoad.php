<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** A load of the host on one of its wires; it must stay dark while its own signal is off. */
final readonly class HostLoad
{
    /** @param  array<array-key, mixed>|null  $liveWhen */
    public function __construct(
        public string $id,
        public string $wire,
        public string $kind,
        public string $from,
        public string $to,
        public float $atV,
        public float $ratedA,
        public ?array $liveWhen,
        public string $colour = 'warm_white',
        public float $lumens = 0.0,
        public ?string $mixesInto = null,
    ) {
    }
}
