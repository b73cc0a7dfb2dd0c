<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

/** A plug: leads go through its ways. */
final readonly class PlugDevice extends Device
{
    public function kind(): string
    {
        return 'plug';
    }

    public function pins(): array
    {
        return [];
    }

    public function isPlaced(): bool
    {
        return false;
    }

    /** Contact resistance of one way; null where the part does not say. */
    public function ohm(): ?float
    {
        return $this->part->fields->numberOrNull('ohm');
    }

    /** Whether it is said that it lets water in. */
    public function letsWaterIn(): bool
    {
        return $this->part->fields->has('sealed') && ! $this->part->fields->flag('sealed');
    }

    /** male · female: the half whose pins are live when it is open. */
    public function liveSide(): string
    {
        return $this->part->fields->text('live_side', 'female');
    }
}
