<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/**
 * Edges on any way between two places that passes no place twice: those of the block (biconnected component, Hopcroft and Tarjan
 * 1973) that holds an edge drawn between the two.
 */
final class OnTheWay
{
    private const TARGET = '>';

    /**
     * @param  array<int, array{string, string}>  $edges
     * @param  array<int, string>  $targets  places that count as one
     * @return list<int> places of the edges, in their order
     */
    public static function between(array $edges, string $from, array $targets): array
    {
        $target = array_fill_keys($targets, true);
        $at = [];
        foreach ($edges as $n => [$a, $b]) {
            [$a, $b] = [isset($target[$a]) ? self::TARGET : $a, isset($target[$b]) ? self::TARGET : $b];
            if ($a !== $b) {
                $at[$a][] = [$n, $b];
                $at[$b][] = [$n, $a];
            }
        }
        $found = [$from => 0, self::TARGET => 1];
        $low = [self::TARGET => 0];
        $stack = $used = [];
        $visit = function (string $place) use (&$visit, &$found, &$low, &$stack, &$used, $at): void {
            foreach ($at[$place] ?? [] as [$edge, $next]) {
                if (isset($used[$edge])) {
                    continue;
                }
                $used[$edge] = true;
                $depth = count($stack);
                $stack[] = $edge;
                if (isset($found[$next])) {
                    $low[$place] = min($low[$place], $found[$next]);

                    continue;
                }
                $low[$next] = $found[$next] = count($found);
                $visit($next);
                $low[$place] = min($low[$place], $low[$next]);
                if ($low[$next] >= $found[$place]) {
                    array_splice($stack, $depth);
                }
            }
        };
        $visit(self::TARGET);
        sort($stack);

        return $stack;
    }
}
