<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** One or more cores that run together. */
final readonly class Lead
{
    /**
     * @param  list<array{string|null, string|null}>  $cores
     * @param  list<string>  $route
     * @param  list<Inline>  $inline
     */
    private function __construct(
        public string $id,
        public ?string $circuit,
        public string $label,
        public array $cores,
        public ?float $lengthM,
        public ?string $wire,
        public array $route,
        public array $inline,
    ) {
    }

    public static function of(Fields $f): self
    {
        $cores = [];
        foreach ($f->items('cores') as $core) {
            $from = is_array($core) ? $core[0] ?? null : null;
            $to = is_array($core) ? $core[1] ?? null : null;
            $cores[] = [is_string($from) ? $from : null, is_string($to) ? $to : null];
        }

        return new self(
            $f->text('id'),
            $f->textOrNull('circuit'),
            $f->text('label', $f->text('id')),
            $cores,
            $f->numberOrNull('length_m'),
            $f->textOrNull('wire'),
            $f->texts('route'),
            array_map(Inline::of(...), $f->objects('inline')),
        );
    }
}
