<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use BenchGlow\Build\Light;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\RowDrawing;
use BenchGlow\Lists\Strings;

/** A row of LEDs as one solders it. */
final readonly class Soldered
{
    public const WIDE = 700.0;

    public const NARROW = 330.0;

    public function __construct(private Frame $frame, public Light $light, public Strings $strings)
    {
    }

    /** @return list<self> the rows of the circuit that is looked at */
    public static function of(Frame $frame): array
    {
        return array_map(
            fn (Light $l): self => new self($frame, $l, Strings::of($frame->analysis, $l)),
            array_values(array_filter($frame->lights(), fn (Light $l): bool => $l->kind === 'leds')),
        );
    }

    public function drawing(float $width, bool $behind): Drawing
    {
        return RowDrawing::of($this->frame->analysis, $this->light, $width, $behind);
    }
}
