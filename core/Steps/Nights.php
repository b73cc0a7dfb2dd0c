<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/**
 * The host is used between sittings: what it can't be used without goes back every evening and comes off again, and both take
 * their time (build-handover.md 10).
 */
final class Nights
{
    /** @var array<string, float> panel that is off and needed => seconds to close it */
    private array $off = [];

    /** Seconds it takes over all nights. */
    public float $seconds = 0.0;

    public int $count = 0;

    /**
     * @param  array<string, array{float, float}>  $needed  panel that the host is not used without => seconds to open and close
     * @param  list<string>  $open  of them, off at the start
     */
    public function __construct(private readonly array $needed, private readonly array $open)
    {
    }

    public static function of(StepList $steps, Done $done): ?self
    {
        if (! $steps->job->choices->usable) {
            return null;
        }
        $needed = $open = [];
        foreach ($steps->job->build->panels as $id => $panel) {
            [$off, $back] = [$steps->get("open:{$id}"), $steps->get("close:{$id}")];
            if (! $panel->neededToUse || $off === null || $back === null) {
                continue;
            }
            $needed[(string) $id] = [$off->minutes * 60, $back->minutes * 60];
            if (isset($done->keys[$off->key]) && ! isset($done->keys[$back->key])) {
                $open[] = (string) $id;
            }
        }

        return $needed === [] ? null : new self($needed, $open);
    }

    /** Before an order is held against the clock. */
    public function begin(): void
    {
        $this->off = array_map(
            fn (array $s): float => $s[1],
            array_intersect_key($this->needed, array_flip($this->open)),
        );
        $this->seconds = 0.0;
        $this->count = 0;
    }

    /**
     * When an act begins and ends that leaves room to close what is off by then, and opens it again in another sitting.
     *
     * @return array{float, float}
     */
    public function span(Calendar $calendar, Act $act, float $after, float $ready): array
    {
        $seconds = $act->minutes * 60;
        $panel = $act->main->subject;
        $off = $this->off;
        if ($act->is('open') && isset($this->needed[$panel])) {
            $off[$panel] = $this->needed[$panel][1];
        } elseif ($act->is('close')) {
            unset($off[$panel]);
        }
        $from = $calendar->begin(max($after, $ready), $seconds + array_sum($off));
        $sitting = $calendar->window($after);
        if ($this->off !== [] && $sitting !== null && $from >= $sitting[1]) {
            $again = array_sum(array_map(fn (string $p): float => $this->needed[$p][0], array_keys($this->off)));
            $from = $calendar->end($from, $again);
            $this->seconds += $again + array_sum($this->off);
            $this->count++;
        }
        $this->off = $off;

        return [$from, $calendar->end($from, $seconds)];
    }
}
