<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\UseWay;

/** A ready way of switching tried on a circuit. */
final readonly class WayCard
{
    /**
     * @param  UseWay|null  $edit  null: it does not suit
     * @param  list<string>  $breaks  facts of the brief it goes against
     */
    public function __construct(
        public string $name,
        public string $right,
        public string $failure,
        public string $school,
        public int $holes,
        public bool $onTheBench,
        public ?UseWay $edit,
        public string $unsuited = '',
        public ?Drawing $drawing = null,
        public int $parts = 0,
        public string $price = '',
        public string $live = '',
        public array $breaks = [],
    ) {
    }
}
