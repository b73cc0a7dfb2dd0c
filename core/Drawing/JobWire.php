<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;

/** The job as one wire: a band a sitting, its length by minutes, a tick an act, panels as brackets below it, waits between. */
final class JobWire
{
    public const W = 724.0;

    public const BAND = 84.0;

    private const X0 = 86.0;

    private const X1 = 650.0;

    /** Ticks stand no nearer; acts that would be share one. */
    private const APART = 24.0;

    /** Between what is done, and so many of it. */
    private const BEHIND = 14.0;

    private const DONE = 5;

    private const WIRE_Y = 34.0;

    private const DEPTH = 14.0;

    /** Depths of bracket that are drawn; more are folded into the last. */
    private const DEPTHS = 2;

    /**
     * @var list<array{
     *     y: float, words: string, hands: string, x1: float,
     *     runs: list<array{x: float, to: float, state: string, words: string|null}>,
     *     ticks: list<array{x: float, keys: list<string>, first: int, n: int, critical: bool, now: bool}>,
     *     brackets: list<array{x: float, to: float, y: float, words: string, open: bool, shut: bool}>,
     *     wait: string|null
     * }>
     */
    public readonly array $bands;

    /** @var list<array{x: float, key: string, title: string}> the newest of what is done, as filled ticks before the first band */
    public readonly array $behind;

    /** Where the first band begins: after what is done. */
    private readonly float $from;

    /** @param  string|null  $now  key of the act that is looked at */
    public function __construct(private readonly Plan $plan, private readonly ?string $now)
    {
        $this->behind = $this->done();
        $this->from = self::X0 + ($this->behind === [] ? 0.0 : self::BEHIND * (count($this->behind) + 1));
        $bands = [];
        $sittings = $plan->sittings();
        $longest = max([1.0, ...array_map($this->minutes(...), $sittings)]);
        $off = $this->offAlready();
        foreach ($sittings as $n => $acts) {
            $k = (self::X1 - $this->from) / $longest;
            $bands[] = $this->band($n, $acts, $k, $off, $sittings[$n + 1] ?? null);
        }
        $this->bands = $bands;
    }

    /** @return list<array{x: float, key: string, title: string}> */
    private function done(): array
    {
        $all = [];
        foreach (array_slice($this->plan->done->inOrder(), -self::DONE) as $n => $key) {
            $all[] = [
                'x' => self::X0 + self::BEHIND * ($n + 0.5),
                'key' => $key,
                'title' => $this->plan->steps->get($key)->title ?? 'A step of an earlier wiring',
            ];
        }

        return $all;
    }

    public function height(): float
    {
        return max(1, count($this->bands)) * self::BAND;
    }

    /** @param  list<Planned>  $acts */
    private function minutes(array $acts): float
    {
        return array_sum(array_map(fn (Planned $p): float => $p->act->minutes, $acts));
    }

    /** @return array<string, true> panels that are off before the first act */
    private function offAlready(): array
    {
        $off = [];
        foreach ($this->plan->build->panels as $panel) {
            $is = fn (string $verb): bool => isset($this->plan->done->keys["{$verb}:{$panel->id}"]);
            if ($is('open') && ! $is('close')) {
                $off[$panel->id] = true;
            }
        }

        return $off;
    }

    /**
     * @param  list<Planned>  $acts
     * @param  float  $k  px a minute
     * @param  array<string, true>  $off  panels off as it begins; as it ends, after
     * @param  list<Planned>|null  $next
     * @return array{
     *     y: float, words: string, hands: string, x1: float,
     *     runs: list<array{x: float, to: float, state: string, words: string|null}>,
     *     ticks: list<array{x: float, keys: list<string>, first: int, n: int, critical: bool, now: bool}>,
     *     brackets: list<array{x: float, to: float, y: float, words: string, open: bool, shut: bool}>,
     *     wait: string|null
     * }
     */
    private function band(int $n, array $acts, float $k, array &$off, ?array $next): array
    {
        $y = $n * self::BAND + self::WIRE_Y;
        $x = $n === 0 ? $this->from : self::X0;
        $runs = $ticks = [];
        // What is off already has been off before the first act to come.
        $begun = array_fill_keys(array_keys($off), self::X0);
        $brackets = [];
        $first = (int) array_search($acts[0], $this->plan->acts, true);
        foreach ($acts as $i => $planned) {
            $to = $x + $planned->act->minutes * $k;
            $runs = $this->run($runs, $x, $to, $planned->state);
            $ticks = $this->tick($ticks, ($x + $to) / 2, $planned, $first + $i);
            foreach ($planned->act->steps as $step) {
                if ($step->verb === 'open') {
                    $begun[$step->subject] = ($x + $to) / 2;
                    $off[$step->subject] = true;
                } elseif ($step->verb === 'close' && isset($begun[$step->subject])) {
                    $brackets[] = $this->bracket($step->subject, $begun[$step->subject], ($x + $to) / 2, $y, true);
                    unset($begun[$step->subject], $off[$step->subject]);
                }
            }
            $x = $to;
        }
        foreach ($begun as $panel => $from) {
            $brackets[] = $this->bracket((string) $panel, $from, $x, $y, false);
        }

        return [
            'y' => $y,
            'words' => $this->plan->calendar->words($acts[0]->from),
            'hands' => self::hours($this->minutes($acts)),
            'x1' => round($x, 1),
            'runs' => $runs,
            'ticks' => $ticks,
            'brackets' => $this->nested($brackets, $y),
            'wait' => $next === null ? null : $this->wait($next[0]),
        ];
    }

    /**
     * A bracket as path data: down from the wire where it opens, up to it where it is shut.
     *
     * @param  array{x: float, to: float, y: float, words: string, open: bool, shut: bool}  $bracket
     */
    public static function path(array $bracket, float $wireY): string
    {
        $top = $wireY + 8.0;

        return ($bracket['open'] ? "M{$bracket['x']} {$top}V{$bracket['y']}" : "M{$bracket['x']} {$bracket['y']}").
            "H{$bracket['to']}".
            ($bracket['shut'] ? "V{$top}" : '');
    }

    public static function hours(float $minutes): string
    {
        $m = (int) round($minutes);

        return $m < 60 ? "{$m} min" : intdiv($m, 60).' h '.str_pad((string) ($m % 60), 2, '0', STR_PAD_LEFT);
    }

    /**
     * @param  list<array{x: float, to: float, state: string, words: string|null}>  $runs
     * @return list<array{x: float, to: float, state: string, words: string|null}>
     */
    private function run(array $runs, float $x, float $to, string $state): array
    {
        $last = count($runs) - 1;
        if ($last >= 0 && $runs[$last]['state'] === $state) {
            $runs[$last]['to'] = round($to, 1);

            return $runs;
        }
        $words = ['live' => 'power on', 'fuse_out' => 'fuse out', 'dead' => 'power off'][$state] ?? $state;
        $clear = $last < 0 || $x - $runs[$last]['x'] > 60.0;

        return [
            ...$runs,
            ['x' => round($x, 1), 'to' => round($to, 1), 'state' => $state, 'words' => $clear ? $words : null],
        ];
    }

    /**
     * @param  list<array{x: float, keys: list<string>, first: int, n: int, critical: bool, now: bool}>  $ticks
     * @return list<array{x: float, keys: list<string>, first: int, n: int, critical: bool, now: bool}>
     */
    private function tick(array $ticks, float $x, Planned $planned, int $no): array
    {
        $last = count($ticks) - 1;
        $now = $planned->act->key === $this->now;
        if ($last >= 0 && $x - $ticks[$last]['x'] < self::APART) {
            $was = $ticks[$last];
            $ticks[$last] = [
                ...$was,
                'keys' => [...$was['keys'], $planned->act->key],
                'n' => $was['n'] + 1,
                'critical' => $was['critical'] || $planned->critical,
                'now' => $was['now'] || $now,
            ];

            return $ticks;
        }

        return [
            ...$ticks,
            [
                'x' => round($x, 1),
                'keys' => [$planned->act->key],
                'first' => $no,
                'n' => 1,
                'critical' => $planned->critical,
                'now' => $now,
            ],
        ];
    }

    /** @return array{x: float, to: float, y: float, words: string, open: bool, shut: bool} */
    private function bracket(string $panel, float $x, float $to, float $y, bool $shut): array
    {
        return [
            'x' => round($x, 1),
            'to' => round($to, 1),
            'y' => $y,
            'words' => ($this->plan->build->panels[$panel]->label ?? '').' off',
            'open' => $x > self::X0 + 0.5,
            'shut' => $shut,
        ];
    }

    /**
     * The shorter ones inside, the longer below.
     *
     * @param  list<array{x: float, to: float, y: float, words: string, open: bool, shut: bool}>  $brackets
     * @return list<array{x: float, to: float, y: float, words: string, open: bool, shut: bool}>
     */
    private function nested(array $brackets, float $y): array
    {
        usort($brackets, fn (array $a, array $b): int => $a['to'] - $a['x'] <=> $b['to'] - $b['x']);
        $ends = [];
        $all = [];
        foreach ($brackets as $one) {
            $depth = 0;
            while ($depth < self::DEPTHS - 1 && isset($ends[$depth]) && $this->meets($ends[$depth], $one)) {
                $depth++;
            }
            if (isset($ends[$depth]) && $this->meets($ends[$depth], $one)) {
                // A third depth is said in the list of what stands open.
                continue;
            }
            $ends[$depth][] = $one;
            $all[] = [...$one, 'y' => $y + 14.0 + $depth * self::DEPTH];
        }

        return $all;
    }

    /**
     * @param  list<array{x: float, to: float, y: float, words: string, open: bool, shut: bool}>  $there
     * @param  array{x: float, to: float, y: float, words: string, open: bool, shut: bool}  $one
     */
    private function meets(array $there, array $one): bool
    {
        foreach ($there as $other) {
            if ($one['x'] < $other['to'] + 8.0 && $other['x'] < $one['to'] + 8.0) {
                return true;
            }
        }

        return false;
    }

    /** Why the next sitting begins when it does. */
    private function wait(Planned $next): string
    {
        $at = $this->plan->calendar->words($next->from);
        foreach ($this->plan->waits() as $wait) {
            if ($wait['key'] === $next->act->key && $wait['lag_s'] > 3600.0) {
                return $wait['because'].($at === '' ? '' : ", {$at}");
            }
        }

        return $at === '' ? 'a rest' : "on {$at}";
    }
}
