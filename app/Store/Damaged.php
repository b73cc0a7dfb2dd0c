<?php

declare(strict_types=1);

namespace App\Store;

/** A stored revision no longer matches its hash. */
final class Damaged extends \RuntimeException
{
    public function __construct(public readonly int $no, public readonly ?int $soundAncestor)
    {
        parent::__construct(
            "Revision {$no} is damaged: its bytes no longer match what was kept.".
                ($soundAncestor === null
                    ? ' No earlier sound revision is left.'
                    : " Revision {$soundAncestor} is the newest sound one before it."),
        );
    }
}
