<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** Sentences under one another; numbered where their order matters. */
final readonly class Lines
{
    /** @param  list<string>  $lines */
    public function __construct(public array $lines, public bool $ordered = false, public bool $single = false)
    {
    }
}
