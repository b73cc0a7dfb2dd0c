<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** One circuit as its builder names it. */
final readonly class Circuit
{
    /**
     * @param  list<Want>  $wants in order of precedence
     * @param  array<array-key, mixed>  $composedFor  the wish it was made from, an expression over inputs; [] for none
     */
    private function __construct(
        public string $id,
        public string $flag,
        public string $label,
        public string $note,
        public array $wants,
        public array $composedFor = [],
    ) {
    }

    public static function of(Fields $f): self
    {
        $label = $f->text('label');

        return new self(
            $f->text('id'),
            $f->text('flag', self::flagFor($label)),
            $label,
            $f->text('note'),
            array_map(Want::of(...), $f->objects('wants')),
            $f->object('composed_for')->data,
        );
    }

    /**
     * What is wished of it as one expression, leaving out where all is the same; [] where nothing is wished.
     *
     * @return array<array-key, mixed>
     */
    public function wished(): array
    {
        $whens = array_map(
            fn (Want $w): array => $w->when->data,
            array_values(array_filter($this->wants, fn (Want $w): bool => $w->level !== 'free')),
        );

        return count($whens) > 1 ? ['any' => $whens] : $whens[0] ?? [];
    }

    /** Two letters from a name: initials of the first two words, or its first two letters. */
    public static function flagFor(string $label): string
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', $label, -1, PREG_SPLIT_NO_EMPTY) ?: ['?'];

        return mb_strtoupper(
            count($words) > 1 ? mb_substr($words[0], 0, 1).mb_substr($words[1], 0, 1) : mb_substr($words[0], 0, 2),
        );
    }
}
