<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** The same lamps of the host, once the work is in. */
final class BaselineAfter implements GateKind
{
    public function key(): string
    {
        return 'baseline_after';
    }

    public function gates(Proving $proving): array
    {
        return HostLamps::gates($proving, 'baseline_after', 'again', 'It worked before: the work did it.');
    }
}
