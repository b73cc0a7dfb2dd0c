<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** Where things sit. */
final readonly class Place
{
    /** From the end of a stretch to what sits there, m. */
    public const REACH_M = 0.1;

    private function __construct(
        public string $id,
        public string $label,
        public ?string $carrier,
        public string $access,
        public string $wet,
        public ?float $ambientC,
        public float $reachM,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->textOrNull('carrier'),
            $f->text('access', 'open'),
            $f->text('wet', 'dry'),
            $f->numberOrNull('ambient_c'),
            $f->number('reach_m', self::REACH_M),
        );
    }
}
