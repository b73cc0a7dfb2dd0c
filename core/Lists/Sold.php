<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

/** How a strip or wire is sold, and what counts as an offcut of it. */
final readonly class Sold
{
    /**
     * @param  list<string>  $names  as the build and the catalogue call it
     * @param  string  $kind  wire · strip
     * @param  float  $sizeM  of a reel
     * @param  string|null  $price  of a reel, decimal text
     * @param  float  $leastM  shorter than this it is thrown away
     */
    public function __construct(
        public string $part,
        public array $names,
        public string $kind,
        public string $label,
        public float $sizeM,
        public ?string $price,
        public ?int $leadDays,
        public float $leastM,
    ) {
    }
}
