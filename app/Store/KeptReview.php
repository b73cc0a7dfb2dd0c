<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Analysis\Solved;
use BenchGlow\Check\Finding;

/** What is kept of a solved build: its figures, and what the rules say of its wiring. */
final readonly class KeptReview
{
    /** @param  list<Finding>  $findings  of the wiring, nothing set aside yet */
    public function __construct(public Solved $solved, public array $findings)
    {
    }
}
