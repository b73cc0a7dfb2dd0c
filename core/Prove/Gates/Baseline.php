<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** What the host's own lamps do before anything is touched. */
final class Baseline implements GateKind
{
    public function key(): string
    {
        return 'baseline';
    }

    public function gates(Proving $proving): array
    {
        return HostLamps::gates($proving, 'baseline', 'before you begin', 'It was broken before you began.');
    }
}
