<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Quantity\Unit;

/** What forms, echoes, refusals and the history need to know of one field of the build file. */
final readonly class FieldFact
{
    /**
     * @param  string  $label  in the middle of a sentence: "lead length"
     * @param  Unit|null  $unit  null: it is not typed as a quantity
     * @param  bool  $mayBeEmpty  empty means "as recommended" or "not known"
     * @param  list<string>  $choices
     */
    private function __construct(
        public string $label,
        public ?Unit $unit,
        public bool $mayBeEmpty,
        public array $choices,
        public ?float $min = null,
        public ?float $max = null,
    ) {
    }

    public static function of(string $field, ?Shape $shape): self
    {
        $words = str_replace(['brief.', 'settings.', '_', '.'], ['', '', ' ', ' '], $field);

        return new self(
            $shape === null || $shape->label === '' ? $words : $shape->label,
            $shape?->unit,
            $shape->nullable ?? false,
            $shape->choices ?? [],
            $shape?->min,
            $shape?->max,
        );
    }

    /** At the head of a sentence: "Lead length". */
    public function name(): string
    {
        return ucfirst($this->label);
    }
}
