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
     * @param  list<Share>  $shares  what every pattern of positions gave: the sums above are theirs added up
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
        public array $shares = [],
    ) {
    }

    /** Share of its capacity the battery holds at the end; 1 where that is not counted. */
    public function left(): float
    {
        return $this->battery === [] ? 1.0 : $this->battery[count($this->battery) - 1][1];
    }

    /**
     * Two days of the same story laid over each other.
     *
     * @return array{both: float, this: float, other: float} seconds in which both glow, only this one, only the other
     */
    public function against(self $other): array
    {
        $edges = [];
        foreach ([...$this->spans, ...$other->spans] as [$from, $to]) {
            $edges[] = $from;
            $edges[] = $to;
        }
        $edges = array_values(array_unique($edges));
        sort($edges);
        $sums = ['both' => 0.0, 'this' => 0.0, 'other' => 0.0];
        for ($n = 1; $n < count($edges); $n++) {
            $middle = ($edges[$n - 1] + $edges[$n]) / 2.0;
            $kind = [self::litAt($this->spans, $middle), self::litAt($other->spans, $middle)];
            $name = match ($kind) {
                [true, true] => 'both',
                [true, false] => 'this',
                [false, true] => 'other',
                default => null,
            };
            if ($name !== null) {
                $sums[$name] += $edges[$n] - $edges[$n - 1];
            }
        }

        return $sums;
    }

    /** @param  list<array{float, float, bool, bool}>  $spans */
    private static function litAt(array $spans, float $at): bool
    {
        foreach ($spans as [$from, $to, $lit]) {
            if ($at >= $from && $at < $to) {
                return $lit;
            }
        }

        return false;
    }
}
