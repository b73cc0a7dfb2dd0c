<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

/** A wanted length cut to whole units (electrics.md 3). */
final readonly class StripFit
{
    private function __construct(public int $units, public float $cutM, public float $gapM)
    {
    }

    /** @param  string  $fit down: stay inside the wanted length · up: pass it by less than a unit */
    public static function of(StripType $strip, float $wantedM, string $fit = 'down'): self
    {
        $pitch = $strip->pitchM();
        // Whole cuts survive the rounding of the division.
        $units = (int) ($fit === 'up' ? ceil($wantedM / $pitch - 1e-9) : floor($wantedM / $pitch + 1e-9));

        return new self($units, $units * $pitch, $wantedM - $units * $pitch);
    }
}
