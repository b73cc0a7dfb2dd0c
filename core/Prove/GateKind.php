<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** A kind of thing to prove, and all of it in one circuit. */
interface GateKind
{
    /** As keys begin. */
    public function key(): string;

    /** @return list<Gate> */
    public function gates(Proving $proving): array;
}
