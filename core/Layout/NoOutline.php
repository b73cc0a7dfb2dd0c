<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use RuntimeException;

/** An outline that can't be taken: what an outline is, in words that follow "An outline is taken when". */
final class NoOutline extends RuntimeException
{
    public static function because(string $wanted): self
    {
        return new self("This outline can't be used: it is taken when {$wanted}.");
    }
}
