<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\Law;

/** A law between two nodes; positive amps run from $from to $to. */
final readonly class Branch
{
    public function __construct(public string $id, public int $from, public int $to, public Law $law)
    {
    }

    public function with(Law $law): self
    {
        return new self($this->id, $this->from, $this->to, $law);
    }
}
