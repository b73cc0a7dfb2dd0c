<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A part as the file holds it: its electrical body (pins, what is inside, contacts) and what the shelf says of it. */
final readonly class Part
{
    /**
     * @param  list<string>  $pins
     * @param  list<string>  $positions  the resting one first
     * @param  list<PartBranch>  $inside
     * @param  list<PartContact>  $contacts
     * @param  float|null  $maxTotalA  through all contacts together
     * @param  Fields  $fields  what only parts of its kind have
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public ?string $catalogue,
        public ?float $price,
        public string $style,
        public array $pins,
        public array $positions,
        public array $inside,
        public array $contacts,
        public float $minLoadW,
        public ?float $maxTotalA,
        public Fields $fields,
        public bool $mercury = false,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('kind'),
            $f->text('label', $f->text('id')),
            $f->textOrNull('catalogue'),
            $f->numberOrNull('price'),
            $f->text('style'),
            $f->texts('pins'),
            $f->texts('positions'),
            array_map(PartBranch::of(...), $f->objects('inside')),
            array_map(PartContact::of(...), $f->objects('contacts')),
            $f->number('min_load_w'),
            $f->numberOrNull('max_total_a'),
            $f,
            $f->flag('mercury'),
        );
    }

    /** A part that is not there: nothing is inside and nothing leads out. */
    public static function none(): self
    {
        return self::of(new Fields([]));
    }

    /** @return list<PartBranch> what pulls in or drops out */
    public function senses(): array
    {
        return array_values(array_filter($this->inside, fn (PartBranch $b): bool => $b->isSense()));
    }
}
