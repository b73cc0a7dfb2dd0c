<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** For each truth the six cheapest of different make; of equals the one put first. */
final class Shelf
{
    private const KEPT = 6;

    /** @var array<int, array<string, Node>> by truth and make */
    private array $nodes = [];

    /** @var array<int, float> from this cost on a full place takes nothing more */
    private array $full = [];

    /** @param  list<Node>  $nodes */
    public static function of(array $nodes): self
    {
        $shelf = new self();
        foreach ($nodes as $node) {
            $shelf->put($node);
        }

        return $shelf;
    }

    public function wants(int $bits, float $cost): bool
    {
        return $cost < ($this->full[$bits] ?? INF);
    }

    public function put(Node $node): void
    {
        if (! $this->wants($node->bits, $node->cost)) {
            return;
        }
        $make = "{$node->shape} ".implode(' ', $node->uses);
        $there = $this->nodes[$node->bits][$make] ?? null;
        if ($there !== null && $there->cost <= $node->cost) {
            return;
        }
        $this->nodes[$node->bits][$make] = $node;
        $place = $this->nodes[$node->bits];
        if (count($place) < self::KEPT) {
            return;
        }
        uasort($place, self::cheaper(...));
        $place = array_slice($place, 0, self::KEPT, true);
        $this->nodes[$node->bits] = $place;
        $this->full[$node->bits] = max([0.0, ...array_values(array_map(fn (Node $n): float => $n->cost, $place))]);
    }

    private static function cheaper(Node $a, Node $b): int
    {
        return [$a->cost, $a->contacts] <=> [$b->cost, $b->contacts];
    }

    /** @return array<int, list<Node>> cheapest first */
    public function byBits(): array
    {
        return array_map(function (array $place): array {
            uasort($place, self::cheaper(...));

            return array_values($place);
        }, $this->nodes);
    }

    /** @return list<Node> */
    public function all(): array
    {
        return array_merge([], ...array_values($this->byBits()));
    }
}
