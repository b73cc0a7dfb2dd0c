<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** Something of the host that comes off and goes back. */
final readonly class Panel
{
    /**
     * @param  list<string>  $behind  panels that come off before it
     * @param  list<string>  $gives  what is reached only with it off
     * @param  string|null  $wire  what hangs on it
     * @param  list<string>  $only  versions of the host that have it; empty: all
     */
    private function __construct(
        public string $id,
        public string $label,
        public array $behind,
        public array $gives,
        public string $off,
        public string $lever,
        public string $fragile,
        public ?string $wire,
        public bool $unplug,
        public bool $neededToUse,
        public bool $bench,
        public ?string $reset,
        public ?float $minutes,
        public array $only,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label'),
            $f->texts('behind'),
            $f->texts('gives'),
            $f->text('off'),
            $f->text('lever'),
            $f->text('fragile'),
            $f->textOrNull('wire'),
            $f->flag('unplug'),
            $f->flag('needed_to_use'),
            $f->flag('bench'),
            $f->textOrNull('reset'),
            $f->numberOrNull('minutes'),
            $f->texts('only'),
        );
    }
}
