<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** The largest piece of harness that is made on the bench and laid whole. */
final readonly class Assembly
{
    /**
     * @param  string  $key  of its longest piece
     * @param  list<Piece>  $pieces  in document order
     * @param  list<string>  $lights  soldered to it
     * @param  list<string>  $joints  of its own
     * @param  list<string>  $stretches  it is laid along
     */
    public function __construct(
        public string $key,
        public array $pieces,
        public array $lights,
        public array $joints,
        public array $stretches,
        public ?string $circuit,
    ) {
    }

    /** @return list<string> leads, joints and lights in it */
    public function about(): array
    {
        return array_values(
            array_unique([
                ...array_map(fn (Piece $p): string => $p->lead->id, $this->pieces),
                ...$this->joints,
                ...$this->lights,
            ]),
        );
    }

    /** @return list<string> plugs at its ends */
    public function plugs(): array
    {
        return array_values(
            array_unique(array_filter(array_merge(...array_map(fn (Piece $p): array => $p->plugs, $this->pieces)))),
        );
    }

    public function longestM(): float
    {
        return max([0.0, ...array_map(fn (Piece $p): float => (float) $p->lengthM, $this->pieces)]);
    }
}
