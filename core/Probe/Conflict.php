<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** Something that can't be so, asked about where it stands; nothing is deleted for it. */
final readonly class Conflict
{
    /**
     * @param  string  $kind  stuck · again · twice · black_tip · dead · steady · corroded · claim · host
     * @param  list<string>  $wires
     * @param  list<string>  $readings  that say so
     */
    public function __construct(
        public string $kind,
        public array $wires,
        public string $says,
        public array $readings = [],
    ) {
    }
}
