<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A ground of the host. */
final readonly class Ground
{
    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public string $of,
        public float $ohm,
        public string $surface,
        public string $fastens = '',
        public string $fastener = '',
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->text('kind'),
            $f->text('of'),
            $f->number('ohm', 0.01),
            $f->text('surface'),
            $f->text('fastens'),
            $f->text('fastener'),
        );
    }
}
