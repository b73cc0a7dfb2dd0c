<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Sizing\FuseWindow;

/** A fuse: its window, its load, and whether a short at the far end opens it. */
final readonly class FuseFigures
{
    /**
     * @param  list<string>  $behind  wire segments it protects
     * @param  list<string>  $lights
     */
    public function __construct(
        public string $id,
        public string $lead,
        public ?float $fuseA,
        public FuseWindow $window,
        public ?float $shortA,
        public float $loadA,
        public float $distanceM,
        public array $behind,
        public array $lights,
        public ?string $thinnest,
    ) {
    }

    /** The value in the holder: chosen, or the recommended one. */
    public function fittedA(): ?float
    {
        return $this->fuseA ?? $this->window->recommendedA;
    }
}
