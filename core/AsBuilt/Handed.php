<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** What a sheet says beyond the build: its seal, the revision it shows, the day, the program. */
final readonly class Handed
{
    /**
     * @param  string|null  $letter  of the seal; null where it is none
     * @param  string  $day  as it is read: 2 June 2026
     * @param  string  $as  "revision 7"
     */
    public function __construct(
        public ?string $letter = null,
        public string $day = '',
        public string $as = '',
        public string $program = '',
        public string $units = 'metric',
    ) {
    }
}
