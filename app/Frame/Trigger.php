<?php

declare(strict_types=1);

namespace App\Frame;

/** A throw-switch as it stands, and where a throw takes it. */
final readonly class Trigger
{
    /** @param  bool  $two  whether it has two positions, so that it is on or off */
    public function __construct(
        public string $id,
        public string $label,
        public string $stands,
        public string $url,
        public bool $rests,
        public bool $two,
    ) {
    }
}
