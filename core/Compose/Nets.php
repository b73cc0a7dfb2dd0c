<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

/**
 * Whole circuits that glow as wished, by their truth: sources, what stands behind them, and where they go home.
 *
 * @phpstan-type Branch array{string, int, float, Node|null, int}
 */
final readonly class Nets
{
    private const TRIED = 24;

    private const ALIKE = 3;

    public function __construct(private Wish $wish, private Signals $signals, private Networks $networks)
    {
    }

    /** @return list<Net> cheapest first, at most 24, at most three of one make */
    public function all(): array
    {
        $nets = [];
        $branches = $this->branches();
        foreach ($this->signals->homes() as [$home, $homeBits, $homeCost, $node]) {
            foreach ($branches as $bits => $list) {
                if ($this->wish->fits($bits & $homeBits)) {
                    foreach ($list as $branch) {
                        $nets[] = $this->net([$branch], null, $home, $homeCost, $node);
                    }
                }
            }
            if ($node === null) {
                $nets = [...$nets, ...$this->joined($branches, $home, $homeBits, $homeCost)];
            }
        }
        $nets = array_values(array_filter($nets));
        usort($nets, fn (Net $a, Net $b): int => [$a->cost, $a->feeds] <=> [$b->cost, $b->feeds]);

        return $this->chosen($nets);
    }

    /** @return array<int, list<Branch>> by truth: source, truth, cost, what stands in it, when the source is live */
    private function branches(): array
    {
        $branches = [];
        foreach ($this->signals->sources() as [$source, $live, $cost]) {
            $branches[$live][] = [$source, $live, $cost + 1.0, null, $live];
            foreach ($this->networks->all() as $nodes) {
                foreach ($nodes as $node) {
                    $bits = $live & $node->bits;
                    $same = in_array($source, $node->uses, true);
                    // A contact that changes nothing of its source is none.
                    if (! $same && $bits !== $live && $bits !== 0) {
                        $branches[$bits][] = [$source, $bits, $cost + 1.0 + $node->cost, $node, $live];
                    }
                }
            }
        }

        return array_map(function (array $list): array {
            usort($list, fn (array $a, array $b): int => $a[2] <=> $b[2]);

            return array_slice($list, 0, 12);
        }, $branches);
    }

    /**
     * Two or three feeds that meet, and what stands behind where they do.
     *
     * @param  array<int, list<Branch>>  $branches
     * @param  string|array<array-key, mixed>  $home
     * @return list<Net|null>
     */
    private function joined(array $branches, string|array $home, int $homeBits, float $homeCost): array
    {
        $wanted = $this->wish->on;
        $free = $this->wish->free | ~$homeBits;
        // Only what never glows where it should not can be joined.
        $within = array_filter(
            $branches,
            fn (int $bits): bool => ($bits & ~$wanted & ~$free) === 0 && $bits !== 0,
            ARRAY_FILTER_USE_KEY,
        );
        $nets = [];
        $keys = array_keys($within);
        foreach ($keys as $n => $a) {
            foreach (array_slice($keys, $n + 1) as $b) {
                if ($this->wish->fits(($a | $b) & $homeBits)) {
                    foreach ($this->pairs($within[$a], $within[$b], $homeBits) as $pair) {
                        $nets[] = $this->net($pair, null, $home, $homeCost, null);
                    }
                }
            }
        }
        foreach ($this->triples(array_map(fn (array $list): array => $list[0], $within), $homeBits) as $feeds) {
            $nets[] = $this->net($feeds, null, $home, $homeCost, null);
        }

        return [...$nets, ...$this->behind($homeBits, $home, $homeCost)];
    }

    /**
     * Three that do it together and none of which could be left out, of four contacts at most.
     *
     * @param  array<int, Branch>  $cheapest  by truth
     * @return list<list<Branch>>
     */
    private function triples(array $cheapest, int $homeBits): array
    {
        $bits = array_keys($cheapest);
        $all = array_values($cheapest);
        $contacts = array_map(fn (array $b): int => $b[3]->contacts ?? 0, $all);
        $count = count($all);
        $triples = [];
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                $two = $bits[$a] | $bits[$b];
                if ($contacts[$a] + $contacts[$b] > Networks::CONTACTS || $two === $bits[$a] || $two === $bits[$b]) {
                    continue;
                }
                $left = Networks::CONTACTS - $contacts[$a] - $contacts[$b];
                for ($c = $b + 1; $c < $count; $c++) {
                    $three = $two | $bits[$c];
                    if (
                        $contacts[$c] <= $left &&
                        $three !== $two &&
                        $three !== ($bits[$a] | $bits[$c]) &&
                        $three !== ($bits[$b] | $bits[$c]) &&
                        $this->wish->fits($three & $homeBits)
                    ) {
                        $triples[] = [$all[$a], $all[$b], $all[$c]];
                    }
                }
            }
        }

        return $triples;
    }

    /**
     * @param  list<Branch>  $as
     * @param  list<Branch>  $bs
     * @return list<array{Branch, Branch}>
     */
    private function pairs(array $as, array $bs, int $homeBits): array
    {
        $pairs = [];
        foreach (array_slice($as, 0, 3) as $a) {
            foreach (array_slice($bs, 0, 3) as $b) {
                // A contact without which it would do the same is none.
                $idle =
                    ($a[3] !== null && $this->wish->fits(($a[4] | $b[1]) & $homeBits)) ||
                    ($b[3] !== null && $this->wish->fits(($a[1] | $b[4]) & $homeBits));
                if (! $idle) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return $pairs;
    }

    /**
     * Bare sources joined, with contacts behind where they meet.
     *
     * @param  string|array<array-key, mixed>  $home
     * @return list<Net|null>
     */
    private function behind(int $homeBits, string|array $home, float $homeCost): array
    {
        $nets = [];
        $sources = array_slice($this->signals->sources(), 1);
        foreach ($sources as $n => [$a, $aBits, $aCost]) {
            foreach (array_slice($sources, $n + 1) as [$b, $bBits, $bCost]) {
                foreach ($this->networks->all() as $bits => $nodes) {
                    $idle = $this->wish->fits(($aBits | $bBits) & $homeBits);
                    if ($idle || ! $this->wish->fits(($aBits | $bBits) & $bits & $homeBits)) {
                        continue;
                    }
                    foreach ($nodes as $node) {
                        $feeds = [[$a, $aBits, $aCost + 1.0, null, $aBits], [$b, $bBits, $bCost + 1.0, null, $bBits]];
                        $nets[] = $this->net($feeds, $node, $home, $homeCost, null);
                    }
                }
            }
        }

        return $nets;
    }

    /**
     * @param  list<Branch>  $feeds
     * @param  string|array<array-key, mixed>  $home
     */
    private function net(array $feeds, ?Node $behind, string|array $home, float $homeCost, ?Node $homeNode): ?Net
    {
        $nodes = array_values(array_filter([...array_column($feeds, 3), $behind, $homeNode]));
        $uses = array_merge([], ...array_map(fn (Node $n): array => $n->uses, $nodes));
        $sources = array_column($feeds, 0);
        $all = [...$uses, ...array_diff($sources, ['supply']), ...is_string($home) && $home !== 'home' ? [$home] : []];
        $contacts = array_sum(array_map(fn (Node $n): int => $n->contacts, $nodes));
        if (
            count($all) !== count(array_unique($all)) ||
            $contacts > Networks::CONTACTS ||
            count(array_unique($sources)) < min(2, count($sources))
        ) {
            return null;
        }
        $shape = implode(
            '+',
            array_map(fn (array $f): string => ($f[0] === 'supply' ? 's' : 'w').':'.($f[3]->shape ?? ''), $feeds),
        );

        return new Net(
            [
                'feeds' => array_map(
                    fn (array $f): array => ['from' => $f[0], ...$f[3] === null ? [] : ['through' => $f[3]->made]],
                    $feeds,
                ),
                ...$behind === null ? [] : ['behind' => $behind->made],
                'home' => $home,
            ],
            array_sum(array_column($feeds, 2)) + ($behind->cost ?? 0.0) + $homeCost + 0.6 * (count($feeds) - 1),
            $shape.
                '|'.
                ($behind->shape ?? '').
                '|'.
                ($homeNode->shape ?? (is_string($home) && $home !== 'home' ? 'g' : '')),
            count($feeds),
            array_sum(array_map(fn (Node $n): int => $n->holes, $nodes)),
        );
    }

    /**
     * @param  list<Net>  $nets
     * @return list<Net>
     */
    private function chosen(array $nets): array
    {
        $chosen = $alike = $seen = [];
        foreach ($nets as $net) {
            $key = json_encode($net->recipe, JSON_THROW_ON_ERROR);
            $alike[$net->shape] = ($alike[$net->shape] ?? 0) + (isset($seen[$key]) ? 0 : 1);
            if (! isset($seen[$key]) && $alike[$net->shape] <= self::ALIKE) {
                $chosen[] = $net;
            }
            $seen[$key] = true;
            if (count($chosen) === self::TRIED) {
                break;
            }
        }

        return $chosen;
    }
}
