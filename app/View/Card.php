<?php

declare(strict_types=1);

namespace App\View;

use BenchGlow\Drawing\Shape;

/** One alternative: what it is, the figure that decides, what it costs, why it stands where it stands. */
final readonly class Card
{
    /**
     * @param  array<string, mixed>|null  $edit  null: can't be used
     * @param  list<Shape>  $shapes  its little drawing, 154 × 30
     */
    public function __construct(
        public string $title,
        public string $figure,
        public string $says,
        public string $cost,
        public string $why,
        public bool $onTheBench,
        public ?array $edit,
        public array $shapes,
        public bool $first = false,
    ) {
    }
}
