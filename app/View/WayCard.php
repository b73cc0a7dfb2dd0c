<?php

declare(strict_types=1);

namespace App\View;

use BenchGlow\Drawing\Drawing;

/** A ready way of switching tried on a circuit. */
final readonly class WayCard
{
    /**
     * @param  array<string, mixed>|null  $edit  circuit and way; null: it does not suit
     * @param  list<string>  $breaks  facts of the brief it goes against
     */
    public function __construct(
        public string $name,
        public string $right,
        public string $failure,
        public string $school,
        public int $holes,
        public bool $onTheBench,
        public ?array $edit,
        public string $unsuited = '',
        public ?Drawing $drawing = null,
        public int $parts = 0,
        public string $price = '',
        public string $live = '',
        public array $breaks = [],
    ) {
    }
}
