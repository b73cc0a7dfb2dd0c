<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\When;

/** A condition as one bit per state: the positions of the inputs it truly depends on, less what can't happen. */
final readonly class Truth
{
    /** Bits of a whole number, less its sign. */
    public const MOST = 62;

    /**
     * @param  list<string>  $support  inputs it depends on
     * @param  list<array<string, string>>  $states
     * @param  array<string, string>  $rest
     */
    private function __construct(public array $support, public array $states, private array $rest)
    {
    }

    /**
     * @param  list<array<array-key, mixed>>  $conditions
     *
     * @throws TooMuch over 62 states
     */
    public static function over(Build $build, array $conditions): self
    {
        $named = [];
        foreach ($conditions as $condition) {
            foreach ((new When($condition))->inputs() as $input) {
                $named[$input] = $input;
            }
        }
        $named = array_values(array_intersect(array_keys($build->inputs), $named));
        $matter = array_values(
            array_filter($named, fn (string $i): bool => self::matters($build, $conditions, $i, $named)),
        );
        $states = self::states($build, $matter);
        if (count($states) > self::MOST) {
            throw new TooMuch(count($matter), count($states), self::MOST);
        }

        return new self($matter, $states, $build->restPositions());
    }

    /**
     * @param  list<array<array-key, mixed>>  $conditions
     * @param  list<string>  $named
     */
    private static function matters(Build $build, array $conditions, string $input, array $named): bool
    {
        $others = array_values(array_diff($named, [$input]));
        if (count($others) > 8) {
            return true;
        }
        $rest = $build->restPositions();
        foreach (self::product($build, $others) as $so) {
            $seen = [];
            foreach ($build->positions($input) as $position) {
                $at = [...$rest, ...$so, $input => $position];
                $seen[] = array_map(fn (array $c): bool => (new When($c))->holds($at, $rest), $conditions);
            }
            if (count(array_unique($seen, SORT_REGULAR)) > 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $inputs
     * @return list<array<string, string>>
     */
    private static function states(Build $build, array $inputs): array
    {
        return array_values(
            array_filter(self::product($build, $inputs), fn (array $so): bool => Combinations::happens($build, $so)),
        );
    }

    /**
     * @param  list<string>  $inputs
     * @return list<array<string, string>>
     */
    private static function product(Build $build, array $inputs): array
    {
        $all = [[]];
        foreach ($inputs as $input) {
            $next = [];
            foreach ($all as $so) {
                foreach ($build->positions($input) as $position) {
                    $next[] = [...$so, $input => $position];
                }
            }
            $all = count($next) > 4096 ? array_slice($next, 0, 4096) : $next;
        }

        return $all;
    }

    /** @param  array<array-key, mixed>  $when */
    public function of(array $when): int
    {
        $bits = 0;
        foreach ($this->states as $n => $so) {
            $bits |= (new When($when))->holds([...$this->rest, ...$so], $this->rest) ? 1 << $n : 0;
        }

        return $bits;
    }

    /** True in every state. */
    public function always(): int
    {
        return count($this->states) === self::MOST + 1 ? -1 : (1 << count($this->states)) - 1;
    }
}
