<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

/** An edit that says in the file who did it. */
interface Signable
{
    /** The same, done by somebody; who is named in it already stays. */
    public function signed(string $by): static;
}
