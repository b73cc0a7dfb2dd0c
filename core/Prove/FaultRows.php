<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Scene\EmitterState;

/** What of a fault table was made so far, as it is kept: plain values, nothing that solves. */
final readonly class FaultRows
{
    /**
     * @param  list<array<string, string>>  $states
     * @param  list<array<string, array<string, EmitterState>>>  $lights  as they should be, state by state
     * @param  list<Seen>  $right  as it should be, state by state
     * @param  array<string, list<Seen>>  $rows  fault => what it shows
     */
    public function __construct(public array $states, public array $lights, public array $right, public array $rows)
    {
    }
}
