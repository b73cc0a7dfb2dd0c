<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\UseWay;
use BenchGlow\Ways\Way;

/** A ready way of switching tried on a circuit. */
final readonly class WayCard
{
    /**
     * @param  UseWay|null  $edit  null: it does not suit
     * @param  list<string>  $breaks  facts of the brief it goes against
     */
    public function __construct(
        public Way $way,
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

    public function parts(): string
    {
        return $this->parts.' part'.($this->parts === 1 ? '' : 's');
    }

    /** What it costs more or less than what is on the bench. */
    public function price(): string
    {
        return $this->price === '' ? 'nothing to add' : $this->price;
    }

    public function holes(): string
    {
        $holes = $this->way->holes();

        return $holes === 0 ? 'nothing to drill' : "{$holes} hole".($holes === 1 ? '' : 's').' to drill';
    }
}
