<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

/** A ready way of switching, named by what it does: when it is right, what its failure does, and what it is made of. */
abstract class Way
{
    abstract public function name(): string;

    /** When it is right, in a sentence. */
    abstract public function rightWhen(): string;

    /** What each failure does. */
    abstract public function failure(): string;

    /** Holes to drill in what the light is built into. */
    public function holes(): int
    {
        return 0;
    }

    /** What of a circuit it replaces, where that can be told apart; the rest stays. */
    public function section(): string
    {
        return Section::SWITCHING;
    }

    /** What other builders do instead, and why; null: builders agree. */
    public function school(): ?string
    {
        return null;
    }

    /**
     * Its switches, relays and controllers, how they are joined, and what the circuit then does.
     *
     * @throws DoesNotSuit
     */
    abstract public function lay(Plan $p): void;
}
