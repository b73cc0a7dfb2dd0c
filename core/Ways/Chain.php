<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Harness\OnTheWay;

/**
 * What lies between the sources and the lights on one side of a circuit, parted into blocks at the places every way has to
 * pass (cut nodes).
 *
 * @phpstan-type Element array{a: string, b: string, kind: string, thing: string, lead: string}
 */
final readonly class Chain
{
    public const START = '<';

    private const END = '>';

    /**
     * @param  list<list<Element>>  $blocks  from the start on
     * @param  list<string>  $cuts  the place before each block but the first
     * @param  array<string, true>  $starts  pins that are the start
     */
    private function __construct(public array $blocks, public array $cuts, public array $starts)
    {
    }

    /**
     * @param  list<Element>  $elements
     * @param  array<string, true>  $starts
     * @param  array<string, true>  $ends
     * @param  array<string, true>  $shut  places that are left out
     */
    public static function of(array $elements, array $starts, array $ends, array $shut): self
    {
        $place = fn (string $pin): string => isset($starts[$pin])
            ? self::START
            : (isset($ends[$pin])
                ? self::END
                : $pin);
        $kept = $edges = [];
        foreach ($elements as $e) {
            [$a, $b] = [$place($e['a']), $place($e['b'])];
            if ($a !== $b && ! isset($shut[$e['a']]) && ! isset($shut[$e['b']])) {
                $kept[] = $e;
                $edges[] = [$a, $b];
            }
        }
        $on = [];
        foreach (OnTheWay::between($edges, self::START, [self::END]) as $n) {
            if (isset($edges[$n])) {
                $on[$n] = $edges[$n];
            }
        }

        return self::parted($on, $kept, $starts);
    }

    /**
     * @param  array<int, array{string, string}>  $edges
     * @param  list<Element>  $elements
     * @param  array<string, true>  $starts
     */
    private static function parted(array $edges, array $elements, array $starts): self
    {
        if ($edges === []) {
            return new self([], [], $starts);
        }
        $cuts = self::cuts($edges);
        $bounds = [
            self::START => 0,
            ...array_combine($cuts, array_map(fn (int $n): int => $n + 1, array_keys($cuts))),
            self::END => count($cuts) + 1,
        ];
        // A place inside a block is labelled by the first bound that reaches it.
        $block = [];
        foreach (array_keys($bounds) as $bound) {
            $open = [$bound];
            while (($at = array_pop($open)) !== null) {
                foreach (self::beside($edges, (string) $at) as $next) {
                    if (! isset($bounds[$next]) && ! isset($block[$next])) {
                        $block[$next] = $bounds[$bound];
                        $open[] = $next;
                    }
                }
            }
        }
        $blocks = array_fill(0, count($cuts) + 1, []);
        foreach ($edges as $n => [$a, $b]) {
            $of = min(
                $block[$a] ?? PHP_INT_MAX,
                $block[$b] ?? PHP_INT_MAX,
                max($bounds[$a] ?? 0, $bounds[$b] ?? 0) - 1,
            );
            $inside = $block[$a] ?? ($block[$b] ?? null);
            $blocks[$inside ?? max(0, $of)][] = $elements[$n];
        }

        return new self($blocks, $cuts, $starts);
    }

    /**
     * @param  array<int, array{string, string}>  $edges
     * @return list<string> without each of which the end is out of reach, nearest to the start first
     */
    private static function cuts(array $edges): array
    {
        $far = self::distances($edges, null);
        $cuts = [];
        foreach ($far as $node => $steps) {
            $node = (string) $node;
            if ($node !== self::START && $node !== self::END && ! isset(self::distances($edges, $node)[self::END])) {
                $cuts[$node] = $steps;
            }
        }
        asort($cuts);

        return array_map(strval(...), array_keys($cuts));
    }

    /**
     * @param  array<int, array{string, string}>  $edges
     * @return array<string, int> steps from the start
     */
    private static function distances(array $edges, ?string $without): array
    {
        $far = [self::START => 0];
        $open = [self::START];
        while (($at = array_shift($open)) !== null) {
            foreach (self::beside($edges, $at) as $next) {
                if ($next !== $without && ! isset($far[$next])) {
                    $far[$next] = $far[$at] + 1;
                    $open[] = $next;
                }
            }
        }

        return $far;
    }

    /**
     * @param  array<int, array{string, string}>  $edges
     * @return list<string>
     */
    private static function beside(array $edges, string $node): array
    {
        $beside = [];
        foreach ($edges as [$a, $b]) {
            if ($a === $node) {
                $beside[] = $b;
            } elseif ($b === $node) {
                $beside[] = $a;
            }
        }

        return $beside;
    }
}
