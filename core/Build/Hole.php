<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A hole that something goes through: a stretch, a lamp, a lead. */
final readonly class Hole
{
    /** Edges that keep a wire from the bare sheet. */
    private const GUARDS = ['grommet', 'gland', 'sealed'];

    private function __construct(
        public string $id,
        public string $for,
        public string $in,
        public float $mm,
        public string $material,
        public string $edge,
        public bool $existing,
        public bool $looked,
        public string $at,
        public string $behind,
        public int $count,
        public bool $slot,
        public ?float $stopMm,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('for'),
            $f->text('in'),
            $f->number('mm'),
            $f->text('material', 'metal'),
            $f->text('edge', 'bare'),
            $f->flag('existing'),
            $f->flag('looked'),
            $f->text('at'),
            $f->text('behind'),
            $f->integer('count', 1),
            $f->flag('slot'),
            $f->numberOrNull('stop_mm'),
        );
    }

    public function isGuarded(): bool
    {
        return in_array($this->edge, self::GUARDS, true);
    }
}
