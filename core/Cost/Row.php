<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use Brick\Math\BigDecimal;

/** One row of a price: what was planned, and what it came to. */
final readonly class Row
{
    /**
     * @param  string  $kind  circuit · shared · work · wire · consumables · hire · line · margin · discount · rounding
     * @param  BigDecimal|null  $actual  null where nothing was recorded yet
     * @param  list<Bought>  $parts  it opens to
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public ?string $circuit,
        public BigDecimal $planned,
        public ?BigDecimal $actual,
        public array $parts = [],
        public string $hoursH = '',
        public string $tookH = '',
    ) {
    }

    public function difference(): ?BigDecimal
    {
        return $this->actual?->minus($this->planned);
    }
}
