<?php

declare(strict_types=1);

namespace App\Store;

/** What a write left: the revision a window now stands on, and whether anything changed. */
final readonly class Kept
{
    public function __construct(public int $no, public bool $changed)
    {
    }
}
