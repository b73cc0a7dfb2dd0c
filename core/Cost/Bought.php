<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use Brick\Math\BigDecimal;

/** What is bought of one part: what is needed, by packs, what is left over. */
final readonly class Bought
{
    /**
     * @param  string  $row  id of the row it stands in
     * @param  string  $unit  m · piece
     * @param  string  $need  decimal text, in units
     * @param  int|null  $packs  null where nobody says how it is sold, and one by one is taken
     * @param  string  $size  of a pack, in units
     * @param  BigDecimal|null  $price  of all packs; null: it has none
     * @param  string  $left  decimal text, in units
     */
    public function __construct(
        public string $row,
        public string $part,
        public string $label,
        public string $unit,
        public string $need,
        public ?int $packs,
        public string $size,
        public ?BigDecimal $price,
        public string $left,
    ) {
    }

    /** "2 × 5 m", "7 pieces" */
    public function packed(): string
    {
        $unit = $this->unit === 'm' ? ' m' : ($this->packs === null && $this->need !== '1' ? ' pieces' : ' piece');

        return $this->packs === null || ($this->unit === 'piece' && $this->size === '1')
            ? ($this->packs ?? $this->need).($this->unit === 'm' ? ' m' : '')
            : "{$this->packs} × {$this->size}{$unit}".($this->unit === 'piece' && $this->size !== '1' ? 's' : '');
    }
}
