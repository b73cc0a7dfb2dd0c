<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A load of the host's own on one of its wires. */
final readonly class HostLamp
{
    private function __construct(
        public string $id,
        public string $kind,
        public float $watts,
        public ?float $atV,
        public string $colour,
        public bool $colourKnown,
        public float $lumens,
        public ?string $mixesInto,
        public ?string $home = null,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('kind'),
            $f->number('w', 1.0),
            $f->numberOrNull('at_v'),
            $f->text('colour', 'warm_white'),
            $f->has('colour'),
            $f->number('lm'),
            $f->textOrNull('mixes_into'),
            $f->textOrNull('home'),
        );
    }

    public function isFilament(): bool
    {
        return $this->kind === 'filament';
    }

    public function isLed(): bool
    {
        return $this->kind === 'led';
    }
}
