<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Acts with what comes before what (build-handover.md 5, 9). */
final class Network
{
    /** @var list<Act> */
    public readonly array $acts;

    /** @var list<list<Edge>> edges into each act */
    public readonly array $before;

    /** @var list<list<Edge>> edges out of each act */
    public readonly array $after;

    /** @var list<string> titles of a circle that the builder's own order made; the pairs in it are left out */
    public readonly array $circle;

    /** @var array<string, int> step => act */
    public readonly array $actOf;

    /** @var array<string, list<array{Edge, string}>> first step done already => edges out of it, with the later step */
    public readonly array $fromDone;

    /** @var list<array{string, string, float, Before}> */
    private array $pairs = [];

    /** @param  array<string, true>  $done  keys of steps that are behind us */
    public function __construct(public readonly StepList $steps, array $done = [])
    {
        foreach (Order::ALL as $class) {
            $rule = new $class();
            foreach ($rule->pairs($steps) as $pair) {
                if ($pair[0] !== $pair[1]) {
                    $this->pairs[] = [$pair[0]->key, $pair[1]->key, $pair[2] ?? 0.0, $rule];
                }
            }
        }
        $open = array_filter($steps->all, fn (Step $s): bool => ! isset($done[$s->key]));
        $group = Chains::of($steps);
        $without = [];
        do {
            [$acts, $of] = self::acts($open, $group);
            $edges = $this->edges($of, $without);
            $stuck = self::circle(count($acts), $edges);
            $torn = array_filter($stuck, fn (int $i): bool => count($acts[$i]->steps) > 1);
            foreach ($torn as $i) {
                // A chain that would make a circle is split.
                foreach ($acts[$i]->steps as $step) {
                    $group[$step->key] = $step->key;
                }
            }
            $circle ??=
                $torn === [] && $stuck !== [] ? array_map(fn (int $i): string => $acts[$i]->main->title, $stuck) : null;
            if ($torn === [] && $stuck !== []) {
                $without = [...$without, ...$this->weakest($stuck, $of, $without)];
            }
        } while ($stuck !== []);
        $this->acts = $acts;
        $this->actOf = $of;
        $this->circle = $circle ?? [];
        $before = $after = array_fill(0, count($acts), []);
        foreach ($edges as $edge) {
            $before[$edge->to][] = $edge;
            $after[$edge->from][] = $edge;
        }
        $this->before = $before;
        $this->after = $after;
        $this->fromDone = $this->leftBehind($done, $of);
    }

    /**
     * @param  array<string, Step>  $open
     * @param  array<string, string>  $group
     * @return array{list<Act>, array<string, int>}
     */
    private static function acts(array $open, array $group): array
    {
        $chains = [];
        foreach ($open as $key => $step) {
            $chains[$group[$key] ?? $key][] = $step;
        }
        $acts = $of = [];
        foreach ($chains as $steps) {
            foreach ($steps as $step) {
                $of[$step->key] = count($acts);
            }
            $acts[] = new Act($steps);
        }

        return [$acts, $of];
    }

    /**
     * @param  array<string, int>  $of
     * @param  list<int>  $without  pairs that are left out
     * @return list<Edge>
     */
    private function edges(array $of, array $without): array
    {
        $edges = [];
        $left = array_flip($without);
        foreach ($this->pairs as $n => [$first, $then, $lag, $rule]) {
            $a = $of[$first] ?? null;
            $b = $of[$then] ?? null;
            if ($a === null || $b === null || $a === $b || isset($left[$n])) {
                continue;
            }
            $key = $a * 100_000 + $b;
            if (! isset($edges[$key]) || $edges[$key]->lagS < $lag) {
                $edges[$key] = new Edge($a, $b, $lag, $rule->id(), $rule->because());
            }
        }

        return array_values($edges);
    }

    /**
     * Acts that can't be put in order; empty where all can.
     *
     * @param  list<Edge>  $edges
     * @return list<int>
     */
    private static function circle(int $n, array $edges): array
    {
        $in = array_fill(0, $n, 0);
        $out = array_fill(0, $n, []);
        $back = array_fill(0, $n, []);
        foreach ($edges as $edge) {
            $in[$edge->to]++;
            $out[$edge->from][] = $edge->to;
            $back[$edge->to][] = $edge->from;
        }
        $ready = array_keys($in, 0, true);
        $left = array_fill(0, $n, true);
        while ($ready !== []) {
            $i = array_pop($ready);
            $left[$i] = false;
            foreach ($out[$i] as $j) {
                if (--$in[$j] === 0) {
                    $ready[] = $j;
                }
            }
        }
        $left = array_keys($left, true, true);
        if ($left === []) {
            return [];
        }
        // Back along what is stuck until an act comes twice: those between are the way round.
        $way = [$left[0]];
        while (true) {
            $prior = array_values(
                array_filter($back[$way[count($way) - 1]], fn (int $p): bool => in_array($p, $left, true)),
            );
            $at = array_search($prior[0], $way, true);
            if ($at !== false) {
                return array_reverse(array_slice($way, $at));
            }
            $way[] = $prior[0];
        }
    }

    /**
     * Pairs of a circle that give way: the builder's own, else the last rule's.
     *
     * @param  list<int>  $stuck
     * @param  array<string, int>  $of
     * @param  list<int>  $without
     * @return list<int>
     */
    private function weakest(array $stuck, array $of, array $without): array
    {
        $in = array_flip($stuck);
        $last = [];
        foreach ($this->pairs as $n => [$first, $then, , $rule]) {
            $a = $of[$first] ?? null;
            $b = $of[$then] ?? null;
            if (in_array($n, $without, true) || $a === null || $b === null || $a === $b) {
                continue;
            }
            $next = $stuck[(($in[$a] ?? -1) + 1) % count($stuck)];
            if (isset($in[$a], $in[$b]) && $b === $next) {
                $last[$rule->id()][] = $n;
            }
        }

        return $last['own'] ?? (array_values($last)[count($last) - 1] ?? []);
    }

    /**
     * What done steps still ask of those that are left: a cure that runs.
     *
     * @param  array<string, true>  $done
     * @param  array<string, int>  $of
     * @return array<string, list<array{Edge, string}>>
     */
    private function leftBehind(array $done, array $of): array
    {
        $all = [];
        foreach ($this->pairs as [$first, $then, $lag, $rule]) {
            if ($lag > 0.0 && isset($done[$first], $of[$then])) {
                $all[$first][] = [new Edge(-1, $of[$then], $lag, $rule->id(), $rule->because()), $then];
            }
        }

        return $all;
    }

    /**
     * @param  array<string, true>  $done
     * @return list<array{string, string, Before}> pairs whose later step is done and whose earlier one is not
     */
    public function skipped(array $done): array
    {
        $all = [];
        foreach ($this->pairs as [$first, $then, , $rule]) {
            if (isset($done[$then]) && ! isset($done[$first])) {
                $all[] = [$first, $then, $rule];
            }
        }

        return $all;
    }
}
