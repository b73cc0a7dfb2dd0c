<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/** Series and parallel of up to four contacts, each input and wire once: for each truth the cheapest of different make. */
final readonly class Networks
{
    private const KEPT = 6;

    public const CONTACTS = 4;

    /** @param  array<int, list<Node>>  $byBits */
    private function __construct(private array $byBits)
    {
    }

    /** @param  list<Node>  $contacts */
    public static function of(array $contacts, int $most = self::CONTACTS): self
    {
        $all = [1 => self::kept($contacts)];
        for ($size = 2; $size <= $most; $size++) {
            $found = [];
            for ($a = 1; $a <= intdiv($size, 2); $a++) {
                foreach ($all[$a] ?? [] as $n => $one) {
                    // Of two of one size each pair once.
                    $others = $a * 2 === $size ? array_slice($all[$size - $a] ?? [], $n + 1) : $all[$size - $a] ?? [];
                    foreach ($others as $other) {
                        $found = [...$found, ...self::pair($one, $other)];
                    }
                }
            }
            $all[$size] = self::kept($found);
        }
        $byBits = [];
        foreach (array_merge(...array_values($all)) as $node) {
            $byBits[$node->bits][] = $node;
        }

        return new self(array_map(self::cheapest(...), $byBits));
    }

    /** @return list<Node> */
    private static function pair(Node $one, Node $other): array
    {
        if (array_intersect($one->uses, $other->uses) !== []) {
            return [];
        }
        $both = [];
        foreach (['and', 'or'] as $how) {
            $node = $one->joined($other, $how);
            // What adds nothing to its halves is none, and what never or always conducts is not made from contacts.
            if ($node->bits !== $one->bits && $node->bits !== $other->bits && $node->bits !== 0) {
                $both[] = $node;
            }
        }

        return $both;
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Node>
     */
    private static function kept(array $nodes): array
    {
        $byBits = [];
        foreach ($nodes as $node) {
            $byBits[$node->bits][] = $node;
        }

        return array_merge([], ...array_map(self::cheapest(...), array_values($byBits)));
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Node>
     */
    private static function cheapest(array $nodes): array
    {
        usort($nodes, fn (Node $a, Node $b): int => [$a->cost, $a->contacts] <=> [$b->cost, $b->contacts]);
        $kept = [];
        foreach ($nodes as $node) {
            $make = "{$node->shape} ".implode(' ', $node->uses);
            $kept[$make] ??= $node;
            if (count($kept) === self::KEPT) {
                break;
            }
        }

        return array_values($kept);
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
