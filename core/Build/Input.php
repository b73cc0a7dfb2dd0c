<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** An event with positions: what a hand, a lid or the dark does. */
final readonly class Input
{
    /** @param  list<string>  $positions  the resting one first */
    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public array $positions,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->text('kind'),
            $f->texts('positions') ?: ['off', 'on'],
        );
    }

    public function rest(): string
    {
        return $this->positions[0];
    }
}
