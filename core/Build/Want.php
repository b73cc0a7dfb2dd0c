<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** What should glow and when; never compiled, only held against the solution. */
final readonly class Want
{
    /** @param  list<string>  $glow */
    private function __construct(
        public string $id,
        public array $glow,
        public When $when,
        public string $level,
        public bool $flash,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->texts('glow'),
            new When($f->object('when')->data),
            $f->text('level', 'on'),
            $f->flag('flash'),
        );
    }
}
