<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** A way in which things are wrong, and all places of a circuit where it can be so. */
interface FaultKind
{
    /** As keys begin. */
    public function key(): string;

    /** @return list<Fault> */
    public function faults(Works $works): array;
}
