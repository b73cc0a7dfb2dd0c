<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Build\Part;

/** So many of one thing for one place: a light, a switch, a fuse, the resistors of a row. */
final readonly class Piece
{
    /**
     * @param  string  $of  lights · devices · inline
     * @param  Part|null  $part  null where the build has none for it
     * @param  float|null  $price  of one; null where nobody knows it
     */
    public function __construct(
        public string $of,
        public string $key,
        public string $label,
        public ?string $circuit,
        public int $count,
        public ?float $price,
        public ?Part $part = null,
    ) {
    }
}
