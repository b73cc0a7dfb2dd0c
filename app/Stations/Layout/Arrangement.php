<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Edit\Edit;

/** One way of laying it, tried: what it gives, what it takes, and the act that takes it. */
final readonly class Arrangement
{
    /**
     * @param  string  $figure  0.84
     * @param  string  $of  darkest to mean
     * @param  string  $takes  price, joints, heat
     * @param  string  $less  what one step less gives
     * @param  Edit|null  $edit  null: it lies so already
     * @param  string  $png  its light, small, base64
     * @param  array{float, int, float}|array{}  $order  less is better, of ways of laying a strip
     */
    public function __construct(
        public string $title,
        public string $figure,
        public string $of,
        public string $takes,
        public string $less,
        public ?Edit $edit,
        public bool $holds,
        public string $png,
        public float $wide,
        public float $high,
        public array $order = [],
    ) {
    }
}
