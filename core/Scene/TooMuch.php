<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use RuntimeException;

/** A wish over more than is gone through. */
final class TooMuch extends RuntimeException
{
    public function __construct(int $inputs, int $states, int $most)
    {
        parent::__construct(
            "it goes by {$inputs} things in {$states} positions together; {$most} are gone through. Say it as two circuits.",
        );
    }
}
