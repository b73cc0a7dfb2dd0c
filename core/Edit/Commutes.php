<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;

/**
 * A change that only appends or sets one flag: it may be put on a newer head than the one it was made on, as long as what it
 * concerns is the same there (build-handover.md 2).
 */
interface Commutes
{
    public function holdsOn(Document $seen, Document $head): bool;
}
