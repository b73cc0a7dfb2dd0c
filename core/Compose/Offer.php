<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/** A part that could go in at a place, applied to the circuit and solved. */
final readonly class Offer
{
    /**
     * @param  string  $symbol  contact · relay · box · diode · plug · fuse · resistor
     * @param  string  $does  in a few words: "glows as wished"
     * @param  float|null  $lostV  volts less at the weakest lamp when lit; null: it is dark
     * @param  list<Finding>  $findings  those that are new with it
     */
    public function __construct(
        public string $name,
        public string $symbol,
        public string $does,
        public ?float $lostV,
        public ?float $weakestV,
        public float $price,
        public string $currency,
        public bool $meets,
        public bool $keeps,
        public bool $mends,
        public array $findings,
        public Edit $edit,
        public Analysis $analysis,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'does' => $this->does,
            'lost_v' => $this->lostV === null ? null : round($this->lostV, 4),
            'weakest_v' => $this->weakestV === null ? null : round($this->weakestV, 4),
            'price' => round($this->price, 2),
            'meets' => $this->meets,
            'keeps' => $this->keeps,
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), $this->findings),
            'edit' => Edits::write($this->edit),
        ];
    }
}
