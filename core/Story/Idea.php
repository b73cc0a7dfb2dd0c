<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/** One way of switching, played through a story. */
final readonly class Idea
{
    /**
     * @param  Edit|null  $edit  makes the build this; null: it is so already
     * @param  float  $cost  lower is better; its parts are in $why
     * @param  list<string>  $breaks  facts of the brief it goes against
     */
    public function __construct(
        public string $name,
        public string $way,
        public ?Edit $edit,
        public Day $day,
        public int $parts,
        public float $price,
        public int $holes,
        public string $failure,
        public float $cost,
        public string $why,
        public array $breaks,
        public ?Analysis $tried = null,
    ) {
    }

    /** Comes to the same light from as many parts for the same money. */
    public function isLike(self $other): bool
    {
        return $this->parts === $other->parts &&
            abs($this->price - $other->price) < 0.005 &&
            $this->day->spans === $other->day->spans;
    }

    /** The same without the solved circuit it was played on: small enough to be kept. */
    public function told(): self
    {
        return new self(
            $this->name,
            $this->way,
            $this->edit,
            $this->day,
            $this->parts,
            $this->price,
            $this->holes,
            $this->failure,
            $this->cost,
            $this->why,
            $this->breaks,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'way' => $this->way,
            'now' => $this->edit === null,
            'wanted_dark_s' => $this->day->darkS,
            'lit_unwanted_s' => $this->day->wastedS,
            'lit_s' => $this->day->litS,
            'amp_hours' => $this->day->ampHours,
            'shares' => array_map(fn (Share $s): array => $s->toArray(), $this->day->shares),
            'flat_s' => $this->day->flatS,
            'solves' => $this->day->solves,
            'parts' => $this->parts,
            'price' => $this->price,
            'holes' => $this->holes,
            'failure' => $this->failure,
            'breaks' => $this->breaks,
            'cost' => $this->cost,
            'why' => $this->why,
            'edit' => $this->edit === null ? null : Edits::write($this->edit),
        ];
    }
}
