<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** Rows under heads; a first cell that is '' belongs to the one above it. */
final readonly class Table
{
    /**
     * @param  list<string>  $heads
     * @param  list<list<string>>  $rows
     * @param  list<int>  $figures  columns of figures
     */
    public function __construct(
        public string $title,
        public array $heads,
        public array $rows,
        public array $figures = [],
    ) {
    }
}
