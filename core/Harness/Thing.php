<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** Anything with pins: a supply, a joint, a fuse in a lead, a light, a device of the host (solving.md A1). */
final readonly class Thing
{
    /** @param  list<string>  $pins full names */
    public function __construct(public string $id, public string $kind, public array $pins, public string $lead = '')
    {
    }
}
