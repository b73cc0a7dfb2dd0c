<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** One field of one thing that is not as it was; a whole thing where there is no field. */
final readonly class Change
{
    /**
     * @param  string|null  $circuit  null: of none, or of several
     * @param  string  $subject  the innermost thing
     * @param  string|null  $field  its path below the thing; null where the thing is new or gone
     */
    public function __construct(
        public ?string $circuit,
        public string $subject,
        public ?string $field,
        public mixed $was,
        public mixed $is,
        public string $words,
    ) {
    }
}
