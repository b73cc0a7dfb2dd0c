<?php

declare(strict_types=1);

namespace App\Store;

/** The build has moved on since the window last saw it; nothing was written. */
final class Conflict extends \RuntimeException
{
    public function __construct(public readonly int $base, public readonly int $head)
    {
        parent::__construct("The build has changed since revision {$base}; it stands at {$head} now.");
    }
}
