<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/** A circuit that was written, solved in every state, and found to glow as wished. */
final readonly class Card
{
    /**
     * @param  array<string, string>  $sections
     * @param  float|null  $restMa  what it draws at rest
     * @param  float  $margin  share of the allowed amps its hardest-driven contact has left
     * @param  float|null  $storyCost  null: no story is told
     * @param  list<Finding>  $findings  those that are new with it
     * @param  Analysis  $analysis  of the circuit alone
     */
    public function __construct(
        public string $name,
        public array $sections,
        public Changes $changes,
        public float $price,
        public int $holes,
        public ?float $restMa,
        public float $margin,
        public ?float $storyCost,
        public array $findings,
        public int $states,
        public float $rank,
        public Edit $edit,
        public Analysis $analysis,
        public bool $onTheBench,
        public string $live,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'sections' => $this->sections,
            'takes_out' => $this->changes->takesOut,
            'keeps' => $this->changes->keeps,
            'adds' => $this->changes->adds,
            'price' => round($this->price, 2),
            'holes' => $this->holes,
            'rest_ma' => $this->restMa === null ? null : round($this->restMa, 3),
            'margin' => round($this->margin, 3),
            'story_cost' => $this->storyCost,
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), $this->findings),
            'proven_states' => $this->states,
            'on_the_bench' => $this->onTheBench,
            'edit' => Edits::write($this->edit),
        ];
    }
}
