<?php

declare(strict_types=1);

namespace App\Stations;

/** One thing that *Find* came upon, and where it is looked at. */
final readonly class Found
{
    /** @param  string|null  $circuit  the circuit it is shown with */
    public function __construct(
        public string $label,
        public string $where,
        public ?string $circuit,
        public string $id,
    ) {
    }
}
