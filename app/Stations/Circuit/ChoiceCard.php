<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\Edit;

/** A choice for a section, applied and solved. */
final readonly class ChoiceCard
{
    public function __construct(
        public string $words,
        public bool $onTheBench,
        public bool $meets,
        public string $changes,
        public string $price,
        public ?Drawing $drawing,
        public ?Edit $edit,
        public string $unsuited = '',
    ) {
    }
}
