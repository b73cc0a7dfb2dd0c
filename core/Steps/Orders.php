<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Who keeps orders: finding one takes longer than all else of a plan. */
interface Orders
{
    /**
     * The order that is kept for the job at hand; one that was found before and still holds; else a new one.
     *
     * @param  callable(): list<array{string|null, string}>  $find
     * @return list<array{string|null, string}> key of an act, or null where the power changes; state of the power
     */
    public function order(Found $found, callable $find): array;
}
