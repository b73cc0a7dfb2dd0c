<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Drawing\Drawing;

/** A drawing, or a photo by its sha256, with its words. */
final readonly class Picture
{
    public function __construct(public string $words, public ?Drawing $drawing = null, public ?string $photo = null)
    {
    }
}
