<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Build\Build;
use BenchGlow\Build\Want;
use BenchGlow\Scene\TooMuch;
use BenchGlow\Scene\Truth;

/** When a circuit should glow, over the states of what it depends on. */
final readonly class Wish
{
    /**
     * @param  int  $on  states in which it should glow
     * @param  int  $free  states in which it is all the same
     * @param  array<array-key, mixed>  $when
     */
    private function __construct(public Truth $truth, public int $on, public int $free, public array $when)
    {
    }

    /**
     * @param  array<array-key, mixed>|null  $when  null: what the circuit's wants say
     *
     * @throws TooMuch
     */
    public static function of(Build $build, string $circuit, ?array $when): self
    {
        if ($when !== null) {
            $truth = Truth::over($build, [$when]);

            return new self($truth, $truth->of($when), 0, $when);
        }
        $wants = $build->circuits[$circuit]->wants;
        $truth = Truth::over($build, array_map(fn (Want $w): array => $w->when->data, $wants));
        $on = $free = $told = 0;
        foreach ($wants as $want) {
            // Those before it come first.
            $holds = $truth->of($want->when->data) & ~$told;
            $want->level === 'free' ? ($free |= $holds) : ($on |= $holds);
            $told |= $holds;
        }

        return new self($truth, $on, $free, $build->circuits[$circuit]->wished());
    }

    /** Fits a circuit that glows exactly in these states. */
    public function fits(int $bits): bool
    {
        return (($bits ^ $this->on) & ~$this->free & $this->truth->always()) === 0;
    }

    public function isNever(): bool
    {
        return $this->on === 0;
    }

    /** Whether its wants ask for levels or for different lights at different times: those are not made from one wish. */
    public static function isPlain(Build $build, string $circuit): bool
    {
        $wants = $build->circuits[$circuit]->wants;
        $glow = array_map(function (Want $w): array {
            $named = $w->glow;
            sort($named);

            return $named;
        }, $wants);
        $levels = array_unique(array_map(fn (Want $w): string => $w->level, $wants));

        return count(array_intersect($levels, ['on', 'low', 'high'])) <= 1 &&
            count(array_unique($glow, SORT_REGULAR)) <= 1;
    }
}
