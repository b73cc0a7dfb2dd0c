<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Drawing\Shape;
use BenchGlow\Edit\Edit;

/** One alternative: what it is, the figure that decides, what it costs, why it stands where it stands. */
final readonly class Card
{
    /**
     * @param  Edit|null  $edit  null: can't be used
     * @param  list<Shape>  $shapes  its little drawing, 154 × 30
     */
    public function __construct(
        public string $title,
        public string $figure,
        public string $says,
        public string $cost,
        public string $why,
        public bool $onTheBench,
        public ?Edit $edit,
        public array $shapes,
        public bool $first = false,
    ) {
    }
}
