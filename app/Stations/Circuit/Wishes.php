<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Build\Input;

/** What was found for a wish. */
final readonly class Wishes
{
    /**
     * @param  list<WishCard>  $cards
     * @param  list<Input>  $untold  what nothing tells of
     */
    public function __construct(
        public array $cards,
        public int $fit,
        public int $tried,
        public ?string $whyNone,
        public array $untold,
    ) {
    }
}
