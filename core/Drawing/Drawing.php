<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** A finished drawing: its size, its shapes, and what it shows in one line. */
final readonly class Drawing
{
    /** Text in drawings, px. */
    public const FONT = 15.0;

    /** @param  list<Shape>  $shapes */
    public function __construct(
        public float $width,
        public float $height,
        public array $shapes,
        public string $title,
        public string $description,
    ) {
    }
}
