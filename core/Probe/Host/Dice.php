<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Chance that comes out the same for the same seed. */
final readonly class Dice
{
    private Randomizer $dice;

    public function __construct(string $seed)
    {
        $this->dice = new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true)));
    }

    /**
     * From 0 up to, but not, 1.
     *
     * @phpstan-impure
     */
    public function share(): float
    {
        return $this->dice->getInt(0, 2 ** 53 - 1) / 2 ** 53;
    }

    /** @phpstan-impure */
    public function chance(float $p): bool
    {
        return $this->share() < $p;
    }

    public function int(int $least, int $most): int
    {
        return $this->dice->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    public function one(array $list): mixed
    {
        return $list[$this->dice->getInt(0, count($list) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public function shuffled(array $list): array
    {
        /** @var list<T> */
        return $this->dice->shuffleArray($list);
    }

    /** @param  array<array-key, float>  $weights */
    public function weighted(array $weights): string
    {
        $at = $this->share() * array_sum($weights);
        foreach ($weights as $id => $weight) {
            $at -= $weight;
            if ($at < 0.0) {
                return (string) $id;
            }
        }

        return (string) array_key_last($weights);
    }

    /** Near enough to a normal deviate of 1. */
    public function bell(): float
    {
        $sum = 0.0;
        for ($n = 0; $n < 12; $n++) {
            $sum += $this->share();
        }

        return $sum - 6.0;
    }
}
