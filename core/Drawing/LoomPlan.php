<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Lists\LoomList;
use BenchGlow\Loom\Stretch;

/**
 * The loom unrolled: x is metres from the source along the tree of stretches, lanes go down (layout-harness.md 14).
 * The child with most cores goes on in its parent's lane, the others below, each with its whole subtree, so that no
 * drop crosses a lane. Everything in px.
 */
final class LoomPlan
{
    public const W = 724;

    private const LEFT = 46.0;

    private const RIGHT = 128.0;

    /** Neighbouring places stand at least this far apart. */
    private const GAP = 30.0;

    public const TAPE_H = 44.0;

    private const FIRST_LANE = 112.0;

    public const LANE_H = 60.0;

    /** A thickness is drawn as 3 + 1.3 px per mm, within these. */
    private const THICK = [3.0, 1.3, 4.0, 28.0];

    /** px a letter of a caption takes. */
    private const LETTER = 6.6;

    /** @var array<string, float> place => metres from the source */
    public array $metres = [];

    /** @var array<string, int> place => lane */
    public array $lane = [];

    /** @var array<string, float> place => px */
    public array $x = [];

    /** @var array<string, array{0: string, 1: string, 2: bool}> stretch => near place, far place, whether it is a drop */
    public array $drawn = [];

    /** @var list<string> stretches that close a loop */
    public array $ties = [];

    public int $lanes = 0;

    /** @var array<string, list<string>> place => stretches that leave it */
    private array $next = [];

    /** A number on the tape needs so much room. */
    private const NUMBER = 40.0;

    /** @var list<array{m: float, x: float, zigzag: bool, said: bool}> marks of the tape; zigzag: the way to it is not to scale */
    public array $tape = [];

    /** @param  float  $width  px */
    public function __construct(public readonly LoomList $list, private readonly float $width = self::W)
    {
        foreach ($list->loom->stretches as $id => $stretch) {
            if ($stretch->route->from !== null && $stretch->route->to !== null) {
                $this->next[$stretch->route->from][] = (string) $id;
                $this->next[$stretch->route->to][] = (string) $id;
            }
        }
        foreach ($this->roots() as $root) {
            $this->tree($root);
        }
        $this->place();
    }

    /** @return list<string> where the tree begins, and what does not hang on it */
    private function roots(): array
    {
        $main = $this->list->build->mainSupply();
        $source = $main === null ? null : $this->list->loom->places->of($main->id);

        return array_values(
            array_unique([
                ...$source === null ? [] : [$source],
                ...array_map(strval(...), array_keys($this->list->build->places)),
            ]),
        );
    }

    private function tree(string $root): void
    {
        if (isset($this->metres[$root]) || ($this->next[$root] ?? []) === []) {
            return;
        }
        // Shortest first, as wires go.
        $this->metres[$root] = 0.0;
        $children = [];
        $open = [[0.0, $root]];
        $done = [];
        $via = [];
        while ($open !== []) {
            usort($open, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            [, $at] = array_shift($open);
            if (isset($done[$at])) {
                continue;
            }
            $done[$at] = true;
            if (isset($via[$at])) {
                $children[$via[$at][1]][] = [$via[$at][0], $at];
                $this->drawn[$via[$at][0]] = [$via[$at][1], $at, false];
            }
            foreach ($this->next[$at] as $stretch) {
                $to = (string) $this->list->build->routes[$stretch]->over($at);
                $m = $this->metres[$at] + max(0.05, $this->list->loom->stretches[$stretch]->lengthM ?: 0.5);
                if (! isset($done[$to]) && $m < ($this->metres[$to] ?? INF)) {
                    $this->metres[$to] = $m;
                    $via[$to] = [$stretch, $at];
                    $open[] = [$m, $to];
                }
            }
        }
        foreach (array_keys($done) as $at) {
            foreach ($this->next[$at] as $stretch) {
                if (! isset($this->drawn[$stretch]) && ! in_array($stretch, $this->ties, true)) {
                    $this->ties[] = $stretch;
                }
            }
        }
        $this->lanes = $this->laid($root, $children, $this->lanes);
    }

    /**
     * @param  array<string, list<array{string, string}>>  $children
     * @return int the first lane that is free below its subtree
     */
    private function laid(string $at, array $children, int $lane): int
    {
        $this->lane[$at] = $lane;
        $below = $children[$at] ?? [];
        usort($below, fn (array $a, array $b): int => $this->stretch($b[0])->cores <=> $this->stretch($a[0])->cores);
        $free = $lane + 1;
        foreach ($below as $n => [$stretch, $to]) {
            $this->drawn[$stretch][2] = $n > 0;
            $free = $n === 0 ? max($free, $this->laid($to, $children, $lane)) : $this->laid($to, $children, $free);
        }

        return $free;
    }

    public function stretch(string $id): Stretch
    {
        return $this->list->loom->stretches[$id];
    }

    /** Gaps get at least 30 px, what is left goes by metres: the widest true scale at which nothing overlaps. */
    private function place(): void
    {
        $all = array_values(array_unique(array_map(fn (float $m): float => round($m, 3), array_values($this->metres))));
        sort($all);
        $gaps = [];
        for ($i = 1; $i < count($all); $i++) {
            $gaps[$i] = $all[$i] - $all[$i - 1];
        }
        $room = $this->width - self::LEFT - self::RIGHT;
        $least = min(self::GAP, $gaps === [] ? self::GAP : $room / count($gaps));
        $k = self::scale($gaps, $room, $least);
        $x = $written = self::LEFT;
        $at = [];
        foreach ($all as $i => $m) {
            $true = $k * ($gaps[$i] ?? 0.0);
            $x += $i === 0 ? 0.0 : max($least, $true);
            $at[(string) $m] = round($x, 1);
            $said = $this->tape === [] || $x - $written > self::NUMBER;
            $written = $said ? $x : $written;
            $zigzag = $i > 0 && $true < $least - 0.5;
            $this->tape[] = ['m' => $m, 'x' => round($x, 1), 'zigzag' => $zigzag, 'said' => $said];
        }
        foreach ($this->metres as $place => $m) {
            $this->x[$place] = $at[(string) round($m, 3)];
        }
    }

    /**
     * px per metre so that all gaps, none under the least, fill the room.
     *
     * @param  array<int, float>  $gaps
     */
    public static function scale(array $gaps, float $room, float $least): float
    {
        $short = [];
        do {
            $long = array_diff_key($gaps, $short);
            $k = $long === [] ? 0.0 : ($room - $least * count($short)) / max(1e-9, array_sum($long));
            $more = array_filter($long, fn (float $m): bool => $k * $m < $least - 1e-9);
            $short += $more;
        } while ($more !== []);

        return $k;
    }

    public function y(string $place): float
    {
        return $this->laneY($this->lane[$place] ?? 0);
    }

    public function laneY(int $lane): float
    {
        return self::FIRST_LANE + self::LANE_H * $lane;
    }

    public function height(): float
    {
        return $this->laneY(max(0, $this->lanes - 1)) + 50.0;
    }

    public function thick(string $stretch): float
    {
        [$base, $perMm, $least, $most] = self::THICK;
        $mm = $this->list->bundleMm($stretch);

        return round(max($least, min($most, $base + $perMm * $mm)), 1);
    }

    /** The line of a stretch: along its lane, or down at its near place and then along. */
    public function path(string $stretch): string
    {
        [$near, $far, $drop] = $this->drawn[$stretch];
        [$x0, $y0, $x1, $y1] = [$this->x[$near], $this->y($near), $this->x[$far], $this->y($far)];

        return $drop
            ? "M{$x0} {$y0}V".($y1 - 10.0)."Q{$x0} {$y1} ".($x0 + 10.0)." {$y1}H{$x1}"
            : "M{$x0} {$y0}H{$x1}";
    }

    /** The dotted line that closes a loop between two places. */
    public function loop(string $a, string $b): string
    {
        [$x0, $y0, $x1, $y1] = [$this->x[$a], $this->y($a), $this->x[$b], $this->y($b)];

        return "M{$x0} {$y0}Q".($x0 + $x1) / 2 .' '.(max($y0, $y1) + 34.0)." {$x1} {$y1}";
    }

    /**
     * Where a place along a stretch lies.
     *
     * @param  float  $m  from its near end
     * @return array{float, float} px
     */
    public function along(string $stretch, float $m): array
    {
        [$near, $far] = $this->drawn[$stretch];
        $long = max(1e-9, $this->metres[$far] - $this->metres[$near]);
        $share = max(0.0, min(1.0, $m / $long));

        return [round($this->x[$near] + $share * ($this->x[$far] - $this->x[$near]), 1), $this->y($far)];
    }

    /** @return array{float, float} px */
    public function middle(string $stretch): array
    {
        [$near, $far] = $this->drawn[$stretch];

        return $this->along($stretch, ($this->metres[$far] - $this->metres[$near]) / 2);
    }

    /** What is cut of a place's name on its tag, letters. */
    private const TAG = [17, 24];

    /** Whether nothing goes on from a place. */
    public function isEnd(string $place): bool
    {
        foreach ($this->drawn as [$near]) {
            if ($near === $place) {
                return false;
            }
        }

        return true;
    }

    /**
     * The tag of a place: beside an end, below where something goes on.
     *
     * @return array{x: float, y: float, w: float, words: string} px
     */
    public function tag(string $place, string $label): array
    {
        $end = $this->isEnd($place);
        $most = self::TAG[$end ? 0 : 1];
        $words = mb_strlen($label) > $most ? rtrim(mb_substr($label, 0, $most - 1)).'…' : $label;

        return [
            'x' => $this->x[$place] + ($end ? 10.0 : -8.0),
            // Nothing lies above the source; below it branches go down.
            'y' => $this->y($place) + ($end ? -10.0 : ($this->metres[$place] <= 0.0 ? -38.0 : 15.0)),
            'w' => 8.0 + mb_strlen($words) * 6.7 + 21.0,
            'words' => $words,
        ];
    }

    /**
     * Words on the stretches, where they find room and stand on nothing; a number otherwise.
     *
     * @param  callable(string): string  $words
     * @param  array<string, string>  $labels  place => what stands on its tag
     * @param  list<array{float, float, float, float}>  $taken  boxes that something else stands in: from x to x, from y to y
     * @return array<string, array{x: float, y: float, words: string, number: int|null}>
     */
    public function captions(callable $words, array $labels = [], array $taken = []): array
    {
        foreach ($labels as $place => $label) {
            if (isset($this->x[$place])) {
                $tag = $this->tag((string) $place, $label);
                $taken[] = [$tag['x'] - 4.0, $tag['x'] + $tag['w'] + 4.0, $tag['y'] - 2.0, $tag['y'] + 22.0];
            }
        }
        $all = [];
        $n = 0;
        foreach ($this->drawn as $id => [$near, $far, $drop]) {
            $n++;
            $said = $words((string) $id);
            [$from, $to] = [$this->x[$near] + ($drop ? 12.0 : 4.0), $this->x[$far] - 4.0];
            $wide = mb_strlen($said) * self::LETTER;
            $y = $this->y($far) - max($this->thick((string) $id) / 2, 4.0) - 8.0;
            $at = self::room($taken, $from, $to, $wide, $y);
            if ($at !== null) {
                $taken[] = [$at - $wide / 2, $at + $wide / 2, $y - 13.0, $y + 3.0];
            }
            $all[(string) $id] = [
                'x' => round($at ?? ($from + $to) / 2, 1),
                'y' => round($y, 1),
                'words' => $at === null ? '' : $said,
                'number' => $at === null ? $n : null,
            ];
        }

        return $all;
    }

    /**
     * The middle of words on a line where nothing else stands: in its middle, else further right, else further left.
     *
     * @param  list<array{float, float, float, float}>  $taken  from x to x, from y to y
     */
    private static function room(array $taken, float $from, float $to, float $wide, float $y): ?float
    {
        $half = $wide / 2;
        $middle = ($from + $to) / 2;
        for ($aside = 0.0; $middle + $aside <= $to - $half + 0.01; $aside += 6.0) {
            foreach ([$middle + $aside, $middle - $aside] as $x) {
                $free = $x - $half >= $from - 0.01 && $x + $half <= $to + 0.01;
                foreach ($taken as [$x0, $x1, $y0, $y1]) {
                    $free = $free && ! ($y - 13.0 < $y1 && $y + 3.0 > $y0 && $x - $half < $x1 && $x + $half > $x0);
                }
                if ($free) {
                    return $x;
                }
            }
        }

        return null;
    }

    /**
     * Brackets round what leaves as one.
     *
     * @return array<string, array{x0: float, x1: float, y0: float, y1: float}> carrier => box
     */
    public function brackets(): array
    {
        $all = [];
        foreach ($this->list->plugs->all as $carrier => $line) {
            /** @var list<float> $xs */
            $xs = [];
            /** @var list<float> $ys */
            $ys = [];
            foreach ($this->list->build->places as $id => $place) {
                if ($place->carrier === $carrier && isset($this->x[$id])) {
                    $xs[] = $this->x[$id];
                    $ys[] = $this->y((string) $id);
                }
            }
            foreach ($line['stretches'] as $stretch) {
                if (isset($this->drawn[$stretch])) {
                    $xs[] = $this->middle($stretch)[0];
                }
            }
            if ($xs !== [] && $ys !== []) {
                $all[(string) $carrier] = [
                    'x0' => min($xs),
                    'x1' => min($this->width - 4.0, max($xs) + self::RIGHT - 14.0),
                    'y0' => min($ys) - 26.0,
                    'y1' => max($ys) + 26.0,
                ];
            }
        }

        return $all;
    }

    /**
     * Greedy packing of circles for a cut through a stretch; for the drawing only.
     *
     * @param  list<float>  $mm  across each
     * @return list<array{x: float, y: float, r: float}> mm from the middle, in the order given
     */
    public static function packed(array $mm): array
    {
        $order = array_keys($mm);
        usort($order, fn (int $a, int $b): int => $mm[$b] <=> $mm[$a]);
        $put = [];
        foreach ($order as $n) {
            $r = $mm[$n] / 2;
            [$cx, $cy] = self::middleOf($put);
            $best = [0.0, 0.0];
            $least = INF;
            foreach (self::seats($put, $r) as [$x, $y]) {
                $out = hypot($x - $cx, $y - $cy) + $r;
                if ($out < $least && self::free($put, $x, $y, $r)) {
                    [$least, $best] = [$out, [$x, $y]];
                }
            }
            $put[$n] = ['x' => $best[0], 'y' => $best[1], 'r' => $r];
        }
        ksort($put);
        [$cx, $cy] = self::middleOf($put);

        return array_map(
            fn (array $p): array => ['x' => $p['x'] - $cx, 'y' => $p['y'] - $cy, 'r' => $p['r']],
            array_values($put),
        );
    }

    /** Steps in which the middle of the least circle round all of them is found. */
    private const STEPS = 60;

    /**
     * Middle of the least circle round them: drawn toward what lies furthest out, by less each time.
     *
     * @param  array<int, array{x: float, y: float, r: float}>  $put
     * @return array{float, float}
     */
    private static function middleOf(array $put): array
    {
        [$x, $y] = [0.0, 0.0];
        for ($step = 1; $step <= self::STEPS && count($put) > 1; $step++) {
            $far = [-INF, 0.0, 0.0];
            foreach ($put as $p) {
                $out = hypot($p['x'] - $x, $p['y'] - $y) + $p['r'];
                $far = $out > $far[0] ? [$out, $p['x'], $p['y']] : $far;
            }
            $x += ($far[1] - $x) / ($step + 1);
            $y += ($far[2] - $y) / ($step + 1);
        }

        return [$x, $y];
    }

    /**
     * Touching one circle or two.
     *
     * @param  array<int, array{x: float, y: float, r: float}>  $put
     * @return list<array{float, float}>
     */
    private static function seats(array $put, float $r): array
    {
        $all = [];
        foreach ($put as $a) {
            $d = $a['r'] + $r;
            $all[] = [$a['x'] + $d, $a['y']];
            $all[] = [$a['x'] - $d, $a['y']];
            foreach ($put as $b) {
                $e = $b['r'] + $r;
                [$dx, $dy] = [$b['x'] - $a['x'], $b['y'] - $a['y']];
                $far = hypot($dx, $dy);
                if ($far < 1e-9 || $far > $d + $e) {
                    continue;
                }
                $along = ($d * $d - $e * $e + $far * $far) / (2 * $far);
                $up = sqrt(max(0.0, $d * $d - $along * $along));
                foreach ([1, -1] as $side) {
                    $all[] = [
                        $a['x'] + ($along * $dx - $side * $up * $dy) / $far,
                        $a['y'] + ($along * $dy + $side * $up * $dx) / $far,
                    ];
                }
            }
        }

        return $all;
    }

    /** @param  array<int, array{x: float, y: float, r: float}>  $put */
    private static function free(array $put, float $x, float $y, float $r): bool
    {
        foreach ($put as $p) {
            if (hypot($p['x'] - $x, $p['y'] - $y) < $p['r'] + $r - 1e-6) {
                return false;
            }
        }

        return true;
    }
}
