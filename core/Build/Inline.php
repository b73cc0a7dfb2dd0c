<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** Something set into one core of a lead. */
final readonly class Inline
{
    /** @param  list<int>  $ways plug ways, in core order */
    private function __construct(
        public string $id,
        public string $kind,
        public float $atM,
        public int $core,
        public ?float $fuseA,
        public string $form,
        public float $ohm,
        public string $part,
        public bool $pointsTo,
        public string $plug,
        public array $ways,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('kind'),
            $f->number('at_m'),
            $f->integer('core', 1),
            $f->numberOrNull('fuse_a'),
            $f->text('form', 'inline_blade'),
            $f->number('ohm'),
            $f->text('part'),
            $f->text('points', 'to') === 'to',
            $f->text('plug'),
            array_values(array_filter($f->items('ways'), is_int(...))),
        );
    }
}
