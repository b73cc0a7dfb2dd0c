<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** A contact, or contacts in series and parallel: how it is made, when it conducts, what it costs. */
final readonly class Node
{
    /** What a wire between two contacts costs, and the two joints of contacts side by side. */
    public const SERIES = 0.1;

    public const PARALLEL = 0.6;

    /**
     * @param  array<array-key, mixed>  $made  as `Recipe` has it
     * @param  int  $bits  states in which it conducts
     * @param  list<string>  $uses  inputs and wires
     * @param  string  $shape  its make without the names
     * @param  bool  $wantsLive  a coil in it hangs on the feed it stands in
     */
    public function __construct(
        public array $made,
        public int $bits,
        public float $cost,
        public array $uses,
        public string $shape,
        public int $contacts = 1,
        public int $holes = 0,
        public bool $wantsLive = false,
    ) {
    }

    public function joined(self $other, string $how): self
    {
        $parts = fn (self $n): array => is_array($n->made[$how] ?? null) ? $n->made[$how] : [$n->made];
        $shapes = [$this->shape, $other->shape];
        sort($shapes);

        return new self(
            [$how => [...$parts($this), ...$parts($other)]],
            $how === 'and' ? $this->bits & $other->bits : $this->bits | $other->bits,
            $this->cost + $other->cost + ($how === 'or' ? self::PARALLEL : self::SERIES),
            [...$this->uses, ...$other->uses],
            "{$how}({$shapes[0]},{$shapes[1]})",
            $this->contacts + $other->contacts,
            $this->holes + $other->holes,
            $this->wantsLive || $other->wantsLive,
        );
    }
}
