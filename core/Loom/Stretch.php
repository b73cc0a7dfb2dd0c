<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Route;

/** A stretch with what lies in it. */
final readonly class Stretch
{
    /**
     * @param  list<string>  $leads  in document order
     * @param  int  $cores  copper cores
     * @param  list<float>  $outsideMm  of each round thing in it
     * @param  float  $lengthM  that counts: its own, or what its hinge needs
     */
    public function __construct(
        public Route $route,
        public Zone $zone,
        public array $leads,
        public int $cores,
        public array $outsideMm,
        public float $lengthM,
    ) {
    }

    public function bundleMm(): float
    {
        return Bundle::around($this->outsideMm);
    }
}
