<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Elimination order: always the node with the fewest neighbours left, ties by number. A ladder comes out linear by itself. */
final class MinimumDegree
{
    /**
     * @param  list<array{int, int}>  $pairs  off-diagonal places
     * @return array<int, int> node numbers in the order of elimination
     */
    public static function order(int $n, array $pairs): array
    {
        $near = array_fill(0, $n, []);
        foreach ($pairs as [$i, $j]) {
            $near[$i][$j] = true;
            $near[$j][$i] = true;
        }
        /** @var \SplMinHeap<array{int, int}> $queue */
        $queue = new \SplMinHeap();
        foreach ($near as $i => $set) {
            $queue->insert([count($set), $i]);
        }
        $order = [];
        $done = array_fill(0, $n, false);
        while (count($order) < $n) {
            [$degree, $v] = $queue->extract();
            if ($done[$v] || $degree !== count($near[$v])) {
                continue; // an older entry of the same node
            }
            $order[] = $v;
            $done[$v] = true;
            $around = array_keys($near[$v]);
            foreach ($around as $i) {
                unset($near[$i][$v]);
                foreach ($around as $j) {
                    if ($i !== $j) {
                        $near[$i][$j] = true;
                    }
                }
            }
            foreach ($around as $i) {
                $queue->insert([count($near[$i]), $i]);
            }
        }

        return $order;
    }
}
