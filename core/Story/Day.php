<?php

declare(strict_types=1);

namespace BenchGlow\Story;

/** What a story did to one circuit: minutes, amp-hours, the battery's course. */
final readonly class Day
{
    /**
     * @param  list<array{float, float, bool, bool}>  $spans  from, to, lit, wanted: the whole course, joined where nothing changes
     * @param  list<array{float, float}>  $battery  seconds, share of capacity left: corners of the course
     * @param  float  $ampHours  drawn from the supply in all
     * @param  float|null  $flatS  first moment under the usable limit
     * @param  int  $solves  networks solved for it
     */
    public function __construct(
        public array $spans,
        public array $battery,
        public float $darkS,
        public float $wastedS,
        public float $litS,
        public float $ampHours,
        public ?float $flatS,
        public int $solves,
        public ?string $unsolved,
    ) {
    }

    /** Share of its capacity the battery holds at the end; 1 where that is not counted. */
    public function left(): float
    {
        return $this->battery === [] ? 1.0 : $this->battery[count($this->battery) - 1][1];
    }
}
