<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use SplPriorityQueue;

/** Shortest ways through the stretches between places; ties go to what stands first in the build. */
final class Ways
{
    /** Counts where no stretch has a length yet, m. */
    private const UNKNOWN_M = 1.0;

    /** @var array<string, list<array{string, string, float}>> place => [stretch, place beyond, metres] */
    private array $next = [];

    /** @var array<string, array{array<string, float>, array<string, array{string, string}>}> from => metres and last step by place */
    private array $from = [];

    public function __construct(Build $build)
    {
        $known = array_filter(array_map(fn ($r): ?float => $r->lengthM, $build->routes), is_float(...));
        $mean = $known === [] ? self::UNKNOWN_M : array_sum($known) / count($known);
        foreach ($build->routes as $id => $route) {
            if ($route->from !== null && $route->to !== null) {
                $m = $route->lengthM ?? $mean;
                $this->next[$route->from][] = [(string) $id, $route->to, $m];
                $this->next[$route->to][] = [(string) $id, $route->from, $m];
            }
        }
    }

    /** Metres of the shortest way; null where there is none. */
    public function metres(string $from, string $to): ?float
    {
        return $from === $to ? 0.0 : $this->tree($from)[0][$to] ?? null;
    }

    /** @return list<string>|null stretches from → to; null where there is no way */
    public function between(string $from, string $to): ?array
    {
        if ($from === $to) {
            return [];
        }
        [$metres, $last] = $this->tree($from);
        if (! isset($metres[$to])) {
            return null;
        }
        $way = [];
        for ($at = $to; $at !== $from; $at = $last[$at][1]) {
            array_unshift($way, $last[$at][0]);
        }

        return $way;
    }

    /** @return array{array<string, float>, array<string, array{string, string}>} */
    private function tree(string $from): array
    {
        if (isset($this->from[$from])) {
            return $this->from[$from];
        }
        $metres = [$from => 0.0];
        $last = [];
        $done = [];
        $order = 0;
        $queue = new SplPriorityQueue();
        $queue->insert($from, [0.0, 0]);
        while (! $queue->isEmpty()) {
            $at = $queue->extract();
            if (! is_string($at) || isset($done[$at])) {
                continue;
            }
            $done[$at] = true;
            foreach ($this->next[$at] ?? [] as [$stretch, $to, $m]) {
                $sum = $metres[$at] + $m;
                if (! isset($metres[$to]) || $sum < $metres[$to] - 1e-12) {
                    $metres[$to] = $sum;
                    $last[$to] = [$stretch, $at];
                    $queue->insert($to, [-$sum, -++$order]);
                }
            }
        }

        return $this->from[$from] = [$metres, $last];
    }
}
