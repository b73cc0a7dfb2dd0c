<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/**
 * An order of acts that holds: a serial scheme over what is ready in this state of the power, tried with several weights and a
 * little noise drawn from the document, so that the same document gives the same order (build-handover.md 9).
 */
final class Scheduler
{
    private const ALPHAS = [0.2, 0.5, 1.0, 2.0, 4.0, 8.0];

    private const NOISY = 18;

    /** A small job is looked through more closely: it costs next to nothing. */
    private const FEW = 24;

    private const NOISY_FEW = 120;

    /** A noisy pass wins only by so much, s, or by this share of a short job. */
    private const GAIN_S = 900.0;

    private const SHARE = 0.01;

    public const SWITCH_MIN = 2.0;

    private const OTHER_PLACE = 3.0;

    private const OTHER_TOOL = 1.5;

    private const OTHER_SIDE = 2.0;

    /** What a change of the power counts, in the same. */
    private const SWITCH = 2.0;

    private const OPENING = 2.0;

    private const OPEN_OVER_NIGHT = 8.0;

    private const NOISE = 4.0;

    private const PATIENT = 14.0;

    private readonly Power $power;

    /** @var array<int, float> hours from an act's beginning to the end of all, by the longest way */
    private array $tail = [];

    /** @var array<int, float> earliest moment of an act by what is on its way or still cures */
    private array $release;

    private int $seed = 1;

    /** @var array<int, array<string, bool>> act => state => whether it may be done there */
    private array $goes = [];

    /** @var array<int, array{string, string, string|null, bool}> place, tool, side, whether it opens a panel */
    private array $traits = [];

    /** @var array<int, list<string>> act => windows it has to lie in: helper, dry */
    private array $wants = [];

    /**
     * @param  array<int, float>  $release  seconds from the start
     * @param  string  $state  of the power at the start
     * @param  Nights|null  $nights  what is closed every evening and opened again, where the host is used between sittings
     */
    public function __construct(
        private readonly Network $network,
        private readonly Calendar $calendar,
        array $release,
        private readonly string $state = 'live',
        private readonly ?Nights $nights = null,
        private readonly int $people = 1,
    ) {
        $this->power = new Power($network);
        $this->release = $release;
        foreach ($network->acts as $i => $act) {
            foreach (Power::STATES as $power) {
                $this->goes[$i][$power] = $act->goesIn($power);
            }
            $this->wants[$i] = array_values(
                array_filter([
                    $act->hands > $people && $calendar->hasWindows('helper') ? 'helper' : '',
                    $act->main->dry && $calendar->hasWindows('dry') ? 'dry' : '',
                ]),
            );
            $this->traits[$i] = [$act->main->place, $act->main->tool, $act->main->side, $act->is('open')];
        }
        $this->tails();
    }

    public function fewest(): int
    {
        return $this->power->fewest(str_repeat('0', count($this->network->acts)), $this->state);
    }

    /** Hours of the longest way, lags included. */
    public function longestH(): float
    {
        return max([0.0, ...$this->tail]);
    }

    private function tails(): void
    {
        $n = count($this->network->acts);
        $left = array_map(count(...), $this->network->after);
        $ready = array_keys($left, 0, true);
        $this->tail = array_fill(0, $n, 0.0);
        while ($ready !== []) {
            $i = array_pop($ready);
            $own = $this->network->acts[$i]->minutes / 60;
            $rest = 0.0;
            foreach ($this->network->after[$i] as $edge) {
                $rest = max($rest, $edge->lagS / 3600 + $this->tail[$edge->to]);
            }
            $this->tail[$i] = $own + $rest;
            foreach ($this->network->before[$i] as $edge) {
                if (--$left[$edge->from] === 0) {
                    $ready[] = $edge->from;
                }
            }
        }
    }

    /** @return list<array{int|null, string}> act, or null where the power changes; state of the power */
    public function best(string $hash): array
    {
        $best = null;
        foreach (self::ALPHAS as $alpha) {
            $best = $this->better($best, $this->pass($alpha, 0.0), 0.0);
        }
        $passes = count($this->network->acts) <= self::FEW ? self::NOISY_FEW : self::NOISY;
        for ($n = 0; $n < $passes; $n++) {
            $this->seed = (int) hexdec(substr(hash('crc32b', "{$hash}{$n}"), 0, 7)) + 1;
            $best = $this->better(
                $best,
                $this->pass(self::ALPHAS[$n % count(self::ALPHAS)], self::NOISE * (1 + ($n % 4))),
                self::GAIN_S,
            );
        }

        return $best['order'];
    }

    /**
     * @param  array{order: list<array{int|null, string}>, worth: list<float>}|null  $best
     * @param  list<array{int|null, string}>  $order
     * @param  float  $gain  seconds by which it has to end earlier, where it was made with noise
     * @return array{order: list<array{int|null, string}>, worth: list<float>}
     */
    private function better(?array $best, array $order, float $gain): array
    {
        $order = $this->sink($order);
        $worth = $this->worth($order);
        if ($best === null) {
            return ['order' => $order, 'worth' => $worth];
        }
        $was = $best['worth'];
        $wins =
            $gain > 0.0
                ? $worth[0] <= $was[0] - min($gain, self::SHARE * $was[0]) ||
                    ($worth[0] <= $was[0] && ($worth[1] < $was[1] || $worth[2] < $was[2]))
                : ($worth <=> $was) < 0;

        return $wins && $worth[1] <= $was[1] ? ['order' => $order, 'worth' => $worth] : $best;
    }

    /** @return list<array{int|null, string}> */
    private function pass(float $alpha, float $noise): array
    {
        $left = array_map(count(...), $this->network->before);
        $readyAt = $this->release;
        $open = array_fill_keys(array_keys($left, 0, true), true);
        $done = str_repeat('0', count($this->network->acts));
        $state = $this->state;
        $t = 0.0;
        $last = null;
        $order = [];
        while ($open !== []) {
            [$pick, $to] = $this->pick($open, $readyAt, $done, $state, $t, $last, $alpha, $noise);
            if ($to !== $state) {
                $state = $to;
                $order[] = [null, $state];
                $t = $this->calendar->end($this->calendar->begin($t, 120.0), self::SWITCH_MIN * 60);

                continue;
            }
            [, $t] = $this->span($pick, max($t, $readyAt[$pick]));
            $order[] = [$pick, $state];
            $done[$pick] = '1';
            unset($open[$pick]);
            $last = $this->traits[$pick];
            foreach ($this->network->after[$pick] as $edge) {
                $readyAt[$edge->to] = max($readyAt[$edge->to], $t + $edge->lagS);
                if (--$left[$edge->to] === 0) {
                    $open[$edge->to] = true;
                }
            }
        }

        return $order;
    }

    /** @return array{float, float} when an act begins and ends, from a moment on */
    private function span(int $i, float $t): array
    {
        $act = $this->network->acts[$i];
        $seconds = $act->minutes * 60;
        if ($act->main->dark) {
            $from = $this->calendar->dark($t);

            return [$from, $from + $seconds];
        }
        $from =
            $this->wants[$i] === []
                ? $this->calendar->begin($t, $seconds)
                : $this->calendar->within($t, $seconds, $this->wants[$i]);

        return [$from, $this->calendar->end($from, $seconds)];
    }

    /**
     * The next act in this state of the power, or the state to change to.
     *
     * @param  array<int, true>  $open
     * @param  array<int, float>  $readyAt
     * @param  array{string, string, string|null, bool}|null  $last
     * @return array{int, string}
     */
    private function pick(
        array $open,
        array $readyAt,
        string $done,
        string $state,
        float $t,
        ?array $last,
        float $alpha,
        float $noise,
    ): array {
        $now = $this->calendar->begin($t, 60.0);
        $best = $wait = $other = null;
        $elsewhere = [];
        foreach ($open as $i => $_) {
            $waits = max(0.0, $readyAt[$i] - $now);
            $score =
                $this->score($this->traits[$i], $last, $now) -
                $alpha * $this->tail[$i] +
                $noise * $this->random() +
                $i * 1e-6;
            if (! $this->goes[$i][$state]) {
                $elsewhere[] = [$i, $waits];
                $other = $waits <= 1.0 && ($other === null || $score < $other[0]) ? [$score, $i] : $other;
            } elseif ($waits > 1.0 && $noise > self::PATIENT) {
                // Some tries wait for what presses, though something else could be done.
                $best = $best === null || $score + $waits / 60 < $best[0] ? [$score + $waits / 60, $i] : $best;
            } elseif ($waits > 1.0) {
                $score += 1000.0 + $waits / 60;
                $wait = $wait === null || $score < $wait[0] ? [$score, $i, $waits] : $wait;
            } else {
                $best = $best === null || $score < $best[0] ? [$score, $i] : $best;
            }
        }
        if ($best !== null) {
            $early =
                $other !== null && $best[0] > $other[0] + self::SWITCH ? $this->early($other[1], $done, $state) : null;

            return $early === null ? [$best[1], $state] : [-1, $early];
        }

        return $this->change($elsewhere, $done, $state, $wait, $noise > self::NOISE);
    }

    /** The state in which an act that presses can be done at once, where changing now costs no change more in all. */
    private function early(int $i, string $done, string $state): ?string
    {
        $from = $this->power->fewest($done, $state);
        foreach (Power::STATES as $to) {
            if ($to !== $state && $this->goes[$i][$to] && $this->power->fewest($done, $to) < $from) {
                return $to;
            }
        }

        return null;
    }

    /**
     * Nothing is ready here: change the power where that costs no change more, else wait.
     *
     * @param  list<array{int, float}>  $elsewhere  acts that another state wants, with how long they wait
     * @param  array{float, int, float}|null  $wait  score, act and wait of what is done next here
     * @param  bool  $most  among equal states the one that lets most be done
     * @return array{int, string}
     */
    private function change(array $elsewhere, string $done, string $state, ?array $wait, bool $most): array
    {
        $from = $this->power->fewest($done, $state);
        $best = null;
        foreach (Power::STATES as $to) {
            if ($to === $state) {
                continue;
            }
            $there = array_filter($elsewhere, fn (array $e): bool => $this->goes[$e[0]][$to]);
            if ($there === []) {
                continue;
            }
            $soon = min(array_column($there, 1));
            $changes = $this->power->fewest($done, $to);
            if ($wait !== null && ($soon >= $wait[2] || $changes >= $from)) {
                continue;
            }
            $rank = [$changes, $soon, $most ? -count($there) : 0];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $to];
            }
        }

        return $best === null ? [$wait[1] ?? -1, $state] : [-1, $best[1]];
    }

    /**
     * @param  array{string, string, string|null, bool}  $act
     * @param  array{string, string, string|null, bool}|null  $last
     */
    private function score(array $act, ?array $last, float $now): float
    {
        $score = 0.0;
        if ($last !== null) {
            $score += $last[0] !== $act[0] ? self::OTHER_PLACE : 0.0;
            $score += $act[1] !== '' && $last[1] !== $act[1] ? self::OTHER_TOOL : 0.0;
            $score += $last[2] !== $act[2] ? self::OTHER_SIDE : 0.0;
        }
        if ($act[3]) {
            $window = $this->calendar->window($now);
            $late = $window !== null && $window[1] - $now < 3600.0;
            $score += self::OPENING + ($late ? self::OPEN_OVER_NIGHT : 0.0);
        }

        return $score;
    }

    private function random(): float
    {
        // Park and Miller's minimal standard: the same everywhere.
        $this->seed = ($this->seed * 48_271) % 2_147_483_647;

        return $this->seed / 2_147_483_647;
    }

    /**
     * A panel comes off just before its first user.
     *
     * @param  list<array{int|null, string}>  $order
     * @return list<array{int|null, string}>
     */
    private function sink(array $order): array
    {
        for ($n = count($order) - 1; $n >= 0; $n--) {
            $i = $order[$n][0];
            if ($i === null || ! $this->network->acts[$i]->is('open')) {
                continue;
            }
            $users = array_map(fn (Edge $e): int => $e->to, $this->network->after[$i]);
            for ($m = $n + 1; $m < count($order) && ! in_array($order[$m][0], $users, true); $m++);
            if ($m - 1 > $n && $m < count($order) && $this->goes[$i][$order[$m][1]]) {
                array_splice($order, $m, 0, [[$i, $order[$m][1]]]);
                array_splice($order, $n, 1);
            }
        }

        return $order;
    }

    /**
     * The order held against the clock.
     *
     * @param  list<array{int|null, string}>  $order
     * @return list<array{int|null, string, float, float}> act, state, from, to
     */
    public function decode(array $order): array
    {
        $readyAt = $this->release;
        $t = 0.0;
        $rows = [];
        $this->nights?->begin();
        foreach ($order as [$i, $state]) {
            if ($i === null) {
                $from = $this->calendar->begin($t, self::SWITCH_MIN * 60);
                $t = $this->calendar->end($from, self::SWITCH_MIN * 60);
                $rows[] = [null, $state, $from, $t];

                continue;
            }
            [$from, $t] =
                $this->nights === null || $this->network->acts[$i]->main->dark
                    ? $this->span($i, max($t, $readyAt[$i]))
                    : $this->nights->span($this->calendar, $this->network->acts[$i], $t, $readyAt[$i]);
            $rows[] = [$i, $state, $from, $t];
            foreach ($this->network->after[$i] as $edge) {
                $readyAt[$edge->to] = max($readyAt[$edge->to], $t + $edge->lagS);
            }
        }

        return $rows;
    }

    /**
     * What an order is worth, less is better: end, power changes, unsafe rests, hours the host stands open, places and tools.
     *
     * @param  list<array{int|null, string}>  $order
     * @return list<float>
     */
    private function worth(array $order): array
    {
        $end = $openS = 0.0;
        $changes = $switches = $unsafe = 0;
        $opened = [];
        $last = null;
        $fed = false;
        foreach ($this->decode($order) as [$i, $state, $from, $to]) {
            $window = $this->calendar->window($end);
            // A sitting that ends with something landed and not proven, and the power on, is no safe rest.
            $unsafe += (int) ($window !== null && $from > $window[1] && $fed && $state === 'live');
            $end = $to;
            if ($i === null) {
                $changes++;

                continue;
            }
            $act = $this->network->acts[$i];
            $fed = $act->is('fuse') || ($fed && ! $act->is('open_test') && ! $act->is('closed_test'));
            if ($act->is('open')) {
                $opened[$act->main->subject] = $from;
            } elseif ($act->is('close')) {
                $openS += $to - ($opened[$act->main->subject] ?? $to);
            }
            $switches += (int) ($last !== null && $last->place !== $act->main->place);
            $switches += (int) ($last !== null && $last->tool !== $act->main->tool);
            $last = $act->main;
        }

        return [round($end), (float) $changes, (float) $unsafe, round($openS / 60), (float) $switches];
    }
}
