<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** A circuit that glows as wished, before it is written and solved. */
final readonly class Net
{
    /**
     * @param  array<string, mixed>  $recipe  see `Recipe`
     * @param  float  $cost  an estimate, by which they are tried
     */
    public function __construct(
        public array $recipe,
        public float $cost,
        public string $shape,
        public int $feeds,
        public int $holes,
    ) {
    }
}
