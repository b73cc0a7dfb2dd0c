<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\Edit;

/** A proven circuit for the wish, as its card shows it. */
final readonly class WishCard
{
    /** @param  list<string>  $facts  price, holes, draw at rest, what stays at voltage */
    public function __construct(
        public string $name,
        public string $changes,
        public array $facts,
        public string $proven,
        public bool $onTheBench,
        public Drawing $drawing,
        public Edit $edit,
    ) {
    }
}
