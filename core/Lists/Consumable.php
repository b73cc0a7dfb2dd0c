<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Sizing\Buy;

/** One thing that is used up: how much of it, and what is bought of it. */
final readonly class Consumable
{
    /**
     * @param  float  $exact  metres, or pieces before they are rounded up
     * @param  string  $unit  m · piece
     * @param  Fields|null  $part  as it is sold; null where neither the build nor the catalogue knows it
     * @param  string|null  $own  id of the part, where the build has it
     */
    private function __construct(
        public string $what,
        public float $exact,
        public string $unit,
        public ?Fields $part,
        public ?string $own,
        public Buy $buy,
    ) {
    }

    public static function of(string $what, float $exact, string $unit, ?Fields $part, ?string $own, float $have): self
    {
        $pack = $part?->object('pack');
        $sold = $pack !== null && $pack->text('unit') === $unit;
        $need = $unit === 'piece' ? ceil($exact - 1e-9) : $exact;

        return new self(
            $what,
            $exact,
            $unit,
            $part,
            $own,
            Buy::of($need, $have, $sold ? $pack->number('size') : null, $sold ? $pack->textOrNull('price') : null),
        );
    }

    /** "35 cm", "1.2 m", "12" */
    public function amount(float $of): string
    {
        return match (true) {
            $this->unit === 'piece' => Shown::plain($of, 0),
            $of < 1.0 => Shown::plain($of * 100, 0).' cm',
            default => Shown::plain($of, 2).' m',
        };
    }

    /** "2 × 1 m", "1 × 25"; a dash where nobody says how it is sold */
    public function packs(): string
    {
        $size = (float) $this->part?->object('pack')->number('size');

        return $this->buy->packs === null ? '—' : "{$this->buy->packs} × {$this->amount($size)}";
    }
}
