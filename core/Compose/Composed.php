<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** What came of looking for circuits for a wish. */
final readonly class Composed
{
    /**
     * @param  array<array-key, mixed>  $when
     * @param  list<string>  $support  inputs it depends on
     * @param  int  $fit  circuits that fit it by their truth
     * @param  list<Card>  $cards  proven ones, best first
     * @param  string|null  $whyNone  a sentence where there is no card
     * @param  list<string>  $untold  inputs nothing tells of
     */
    public function __construct(
        public array $when,
        public array $support,
        public int $states,
        public int $fit,
        public int $tried,
        public array $cards,
        public ?string $whyNone,
        public array $untold = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'when' => $this->when === [] ? (object) [] : $this->when,
            'support' => $this->support,
            'states' => $this->states,
            'fit' => $this->fit,
            'tried' => $this->tried,
            'proven' => count($this->cards),
            'cards' => array_map(fn (Card $c): array => $c->toArray(), $this->cards),
            'why_none' => $this->whyNone,
        ];
    }
}
