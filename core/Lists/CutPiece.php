<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

/** One piece to be cut. */
final readonly class CutPiece
{
    /**
     * @param  string  $build  its title
     * @param  string  $for  light, or lead with core
     * @param  string  $words  "GS 3.1, feed of the shelf"
     * @param  string  $group  pieces of one pair share it
     */
    public function __construct(
        public Sold $sold,
        public string $build,
        public string $for,
        public string $words,
        public string $group,
        public float $lengthM,
    ) {
    }

    public function mm(): int
    {
        return (int) ceil(1000 * $this->lengthM - 1e-6);
    }
}
