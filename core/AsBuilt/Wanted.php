<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** Something that is missing, where it would stand; on the bench with the act that clears it. */
final readonly class Wanted
{
    /** @param  string  $station  where the act is done */
    public function __construct(
        public string $words,
        public string $act,
        public string $station,
        public string $subject,
    ) {
    }
}
