<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** One piece of strip on its path: the room it has, and the whole units that fill it. */
final readonly class StripPiece
{
    /**
     * @param  float  $startM  where its room begins along the path
     * @param  float  $fromM  where its first unit begins
     * @param  float  $gapM  room that no unit fills; below 0 where it goes past the room
     * @param  int  $light  the number of the light it belongs to, from 0
     */
    public function __construct(
        public float $startM,
        public float $roomM,
        public float $fromM,
        public int $units,
        public float $cutM,
        public float $gapM,
        public int $light,
    ) {
    }
}
