<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Sizing\Buy;
use BenchGlow\Sizing\CutPlan;

/** All that is cut of one part. */
final readonly class PartCuts
{
    /**
     * @param  list<CutPiece>  $pieces
     * @param  list<array{id: string, part: string, length_m: float}>  $offcuts  that the plan may use, by their place in it
     */
    public function __construct(
        public Sold $sold,
        public array $pieces,
        public array $offcuts,
        public CutPlan $plan,
        public Buy $buy,
    ) {
    }

    /** @return list<array<string, mixed>> each reel or offcut with its pieces */
    public function bins(): array
    {
        $rows = [];
        foreach ($this->plan->bins as $bin) {
            $rows[] = [
                'from' => $bin['offcut'] === null ? 'new' : 'offcut',
                ...$bin['offcut'] === null ? [] : ['offcut' => $this->offcuts[$bin['offcut']]['id']],
                'length_m' => $bin['length'] / 1000,
                'pieces' => array_map(
                    fn (int $n): array => [
                        'build' => $this->pieces[$n]->build,
                        'for' => $this->pieces[$n]->for,
                        'length_m' => $this->pieces[$n]->lengthM,
                    ],
                    $bin['pieces'],
                ),
                'left_m' => $bin['left'] / 1000,
            ];
        }

        return $rows;
    }

    /** "the fewest possible" or "at most one more than possible" */
    public function words(): string
    {
        $new = (int) $this->buy->packs;
        $more = $new - $this->plan->bound;

        return match (true) {
            $new === 0 => 'all of it comes out of offcuts',
            $this->plan->exact, $more <= 0 => 'the fewest possible',
            $more === 1 => 'at most one more than possible',
            default => "at most {$more} more than possible",
        };
    }
}
