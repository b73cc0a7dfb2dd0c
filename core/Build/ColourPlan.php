<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** How own wires are told apart: by circuit, by what they do, or not at all (layout-harness.md 12). */
final readonly class ColourPlan
{
    private const FEEDS = ['red', 'yellow', 'blue', 'green', 'white', 'orange', 'violet', 'brown', 'grey', 'pink'];

    /**
     * @param  list<string>  $feeds
     * @param  string|null  $left  tracer of what is on the left
     */
    private function __construct(
        public string $by,
        public string $return,
        public array $feeds,
        public ?string $left,
        public ?string $right,
    ) {
    }

    public static function of(Fields $f): self
    {
        $feeds = array_values(array_filter($f->texts('feeds'), fn (string $c): bool => $c !== ''));

        return new self(
            $f->text('by', 'circuit'),
            $f->text('return', 'black'),
            $feeds === [] ? self::FEEDS : $feeds,
            array_key_exists('left', $f->data) ? $f->textOrNull('left') : 'white',
            $f->textOrNull('right'),
        );
    }
}
