<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** Series and parallel of up to four contacts, each input and wire once: for each truth the cheapest of different make. */
final readonly class Networks
{
    public const CONTACTS = 4;

    /** @param  array<int, list<Node>>  $byBits */
    private function __construct(private array $byBits)
    {
    }

    /** @param  list<Node>  $contacts */
    public static function of(array $contacts, int $most = self::CONTACTS): self
    {
        $sizes = [1 => Shelf::of($contacts)->all()];
        for ($size = 2; $size <= $most; $size++) {
            $shelf = new Shelf();
            for ($a = 1; $a <= intdiv($size, 2); $a++) {
                self::join($sizes[$a], $sizes[$size - $a], $shelf);
            }
            $sizes[$size] = $shelf->all();
        }

        return new self(Shelf::of(array_merge(...array_values($sizes)))->byBits());
    }

    /**
     * @param  list<Node>  $ones
     * @param  list<Node>  $others  the same list: each pair once
     */
    private static function join(array $ones, array $others, Shelf $shelf): void
    {
        $same = $ones === $others;
        $masks = self::masks($ones, $others);
        $otherMasks = array_map(fn (Node $n): int => self::mask($n, $masks), $others);
        $count = count($others);
        foreach ($ones as $n => $one) {
            $mask = self::mask($one, $masks);
            for ($k = $same ? $n + 1 : 0; $k < $count; $k++) {
                if (($mask & $otherMasks[$k]) === 0) {
                    self::offer($one, $others[$k], $shelf);
                }
            }
        }
    }

    /** What adds nothing to its halves is none, and what never conducts is not made from contacts. */
    private static function offer(Node $one, Node $other, Shelf $shelf): void
    {
        $cost = $one->cost + $other->cost;
        $and = $one->bits & $other->bits;
        if ($and !== $one->bits && $and !== $other->bits && $and !== 0 && $shelf->wants($and, $cost + Node::SERIES)) {
            $shelf->put($one->joined($other, 'and'));
        }
        $or = $one->bits | $other->bits;
        if ($or !== $one->bits && $or !== $other->bits && $shelf->wants($or, $cost + Node::PARALLEL)) {
            $shelf->put($one->joined($other, 'or'));
        }
    }

    /**
     * @param  list<Node>  ...$lists
     * @return array<string, int> a bit for each input and wire
     */
    private static function masks(array ...$lists): array
    {
        $masks = [];
        foreach ($lists as $list) {
            foreach ($list as $node) {
                foreach ($node->uses as $use) {
                    $masks[$use] ??= 1 << count($masks) % 62;
                }
            }
        }

        return $masks;
    }

    /** @param  array<string, int>  $masks */
    private static function mask(Node $node, array $masks): int
    {
        $mask = 0;
        foreach ($node->uses as $use) {
            $mask |= $masks[$use];
        }

        return $mask;
    }

    /** @return list<Node> */
    public function conducting(int $bits): array
    {
        return $this->byBits[$bits] ?? [];
    }

    /** @return array<int, list<Node>> */
    public function all(): array
    {
        return $this->byBits;
    }
}
