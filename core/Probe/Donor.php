<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** Something a build may be fed from. */
final readonly class Donor
{
    /**
     * @param  bool  $suits  permitted, live when wanted, and enough to spare as far as is known
     * @param  list<int|string>  $rank  lower is better
     */
    public function __construct(
        public string $id,
        public string $label,
        public bool $suits,
        public ?float $spareA,
        public string $why,
        public array $rank,
    ) {
    }

    /** @return array{id: string, suits: bool, spare_a: float|null, why: string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'suits' => $this->suits, 'spare_a' => $this->spareA, 'why' => $this->why];
    }
}
