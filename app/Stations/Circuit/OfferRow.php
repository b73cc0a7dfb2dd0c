<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Edit\Edit;

/** An offer for an opened wire as the slip shows it. */
final readonly class OfferRow
{
    /**
     * @param  string  $line  "glows as wished · 0.01 V lost · 2.50 EUR"
     * @param  list<array{string, string, bool}>  $situations  what stands how, what it does then, whether that is wished
     * @param  list<string>  $new  sentences of what is new with it
     */
    public function __construct(
        public string $name,
        public string $symbol,
        public string $line,
        public string $would,
        public string $changes,
        public array $situations,
        public array $new,
        public Edit $edit,
    ) {
    }
}
