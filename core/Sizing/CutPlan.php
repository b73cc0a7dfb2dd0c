<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/**
 * Which piece comes out of which offcut or reel (layout-harness.md 13). Lengths in whole mm; a piece is never joined.
 * Up to 12 pieces exactly: least new reels (so least money: they are alike), then fewest offcuts broken. More: the
 * longest into where it leaves least, with the bound of Martello and Toth (L2) beside it.
 */
final readonly class CutPlan
{
    public const EXACT = 12;

    /** More reels than there are. */
    private const NEVER = 1 << 30;

    /**
     * @param  list<array{offcut: int|null, length: int, pieces: list<int>, left: int}>  $bins  offcut: its place in the stock, null for a new reel; pieces: places in the list asked for
     * @param  list<int>  $over  pieces longer than anything there is
     * @param  int  $bound  reels that are needed at least
     */
    private function __construct(public array $bins, public array $over, public bool $exact, public int $bound)
    {
    }

    /**
     * @param  list<int>  $pieces  mm
     * @param  list<int>  $offcuts  mm
     * @param  int  $reel  mm of a new one; 0 where none is sold
     * @param  list<int|string>  $groups  pieces of one light or pair share a word: from one reel where that costs nothing
     */
    public static function of(array $pieces, array $offcuts, int $reel, array $groups = []): self
    {
        $longest = max(0, $reel, ...$offcuts);
        $over = array_keys(array_filter($pieces, fn (int $mm): bool => $mm > $longest));
        $fit = array_diff_key($pieces, array_flip($over));
        $plan = self::planned($fit, $offcuts, $reel);
        $together = self::glued($fit, $groups);
        if (
            $together !== null &&
            max([0, ...array_map(fn (array $g): int => self::sum($fit, $g), $together)]) <= $longest
        ) {
            $sums = array_map(fn (array $g): int => self::sum($fit, $g), $together);
            $glued = self::planned($sums, $offcuts, $reel);
            if (self::worth($glued) <= self::worth($plan)) {
                $plan = array_map(
                    fn (array $bin): array => [
                        ...$bin,
                        'pieces' => array_merge(...array_map(fn (int $g): array => $together[$g], $bin['pieces'])),
                    ],
                    $glued,
                );
            }
        }
        $left = array_sum($fit) - array_sum($offcuts);

        return new self(
            $plan,
            $over,
            count($fit) <= self::EXACT,
            $offcuts === [] ? self::bound(array_values($fit), $reel) : max(0, (int) ceil($left / max(1, $reel))),
        );
    }

    /**
     * @param  list<array{offcut: int|null, length: int, pieces: list<int>, left: int}>  $bins
     * @return array{int, int} new reels, offcuts broken
     */
    private static function worth(array $bins): array
    {
        $new = count(array_filter($bins, fn (array $b): bool => $b['offcut'] === null));

        return [$new, count($bins) - $new];
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int>  $group
     */
    private static function sum(array $pieces, array $group): int
    {
        return array_sum(array_map(fn (int $n): int => $pieces[$n], $group));
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int|string>  $groups
     * @return list<list<int>>|null null where no two belong together
     */
    private static function glued(array $pieces, array $groups): ?array
    {
        $all = [];
        foreach (array_keys($pieces) as $n) {
            $all[(string) ($groups[$n] ?? "#{$n}")][] = $n;
        }

        return count($all) === count($pieces) ? null : array_values($all);
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int>  $offcuts
     * @return list<array{offcut: int|null, length: int, pieces: list<int>, left: int}>
     */
    private static function planned(array $pieces, array $offcuts, int $reel): array
    {
        return count($pieces) <= self::EXACT
            ? self::exactly($pieces, $offcuts, $reel)
            : self::closely($pieces, $offcuts, $reel);
    }

    /**
     * Over subsets of the pieces. First what offcuts can take and with how few of them, then the fewest reels for the rest.
     *
     * @param  array<int, int>  $pieces
     * @param  list<int>  $offcuts
     * @return list<array{offcut: int|null, length: int, pieces: list<int>, left: int}>
     */
    private static function exactly(array $pieces, array $offcuts, int $reel): array
    {
        $keys = array_keys($pieces);
        $mm = array_values($pieces);
        $n = count($mm);
        $full = (1 << $n) - 1;
        $sum = [0];
        for ($mask = 1; $mask <= $full; $mask++) {
            $low = $mask & -$mask;
            $sum[$mask] = $sum[$mask ^ $low] + $mm[self::bit($low)];
        }
        $reels = self::reels($mm, $n, $reel);
        [$reached, $steps] = self::fromOffcuts($sum, $mm, $n, $offcuts);
        $best = null;
        foreach ($reached as $mask => $broken) {
            $rest = $reels[0][$full ^ $mask];
            if ($best === null || [$rest, $broken] < [$best[0], $best[1]]) {
                $best = [$rest, $broken, $mask];
            }
        }
        $bins = [];
        foreach ($steps[$best[2] ?? 0] as [$offcut, $set]) {
            $bins[] = self::bin($offcut, $offcuts[$offcut], $set, $keys, $sum);
        }
        usort($bins, fn (array $a, array $b): int => $a['offcut'] <=> $b['offcut']);
        for ($mask = $full ^ ($best[2] ?? 0); $mask !== 0;) {
            $took = self::lastReel($reels, $mm, $mask, $reel);
            $bins[] = self::bin(null, $reel, $took, $keys, $sum);
            $mask ^= $took;
        }

        return $bins;
    }

    private static function bit(int $power): int
    {
        return (int) round(log($power, 2));
    }

    /**
     * Fewest reels of every subset, and least used of the last of them: pieces are put one after the other.
     *
     * @param  list<int>  $mm
     * @return array{array<int, int>, array<int, int>, array<int, int>} reels, used of the last, piece put last
     */
    private static function reels(array $mm, int $n, int $reel): array
    {
        $count = [0];
        $used = [$reel];
        $last = [-1];
        for ($mask = 1; $mask < 1 << $n; $mask++) {
            $best = [self::NEVER, self::NEVER, -1];
            for ($i = 0; $i < $n; $i++) {
                $before = $mask ^ (1 << $i);
                if ((($mask >> $i) & 1) === 0 || $mm[$i] > $reel || $count[$before] >= self::NEVER) {
                    continue;
                }
                $fits = $reel >= $used[$before] + $mm[$i];
                $try = [$count[$before] + ($fits ? 0 : 1), $fits ? $used[$before] + $mm[$i] : $mm[$i], $i];
                if ($try[0] < $best[0] || ($try[0] === $best[0] && $try[1] < $best[1])) {
                    $best = $try;
                }
            }
            [$count[$mask], $used[$mask], $last[$mask]] = $best;
        }

        return [$count, $used, $last];
    }

    /**
     * What the last reel of a subset holds.
     *
     * @param  array{array<int, int>, array<int, int>, array<int, int>}  $reels
     * @param  list<int>  $mm
     */
    private static function lastReel(array $reels, array $mm, int $mask, int $reel): int
    {
        $took = 0;
        $sum = $reels[1][$mask];
        for ($filled = 0; $filled < $sum;) {
            $i = $reels[2][$mask];
            $took |= 1 << $i;
            $filled += $mm[$i];
            $mask ^= 1 << $i;
        }

        return $took;
    }

    /**
     * Every set of pieces that some offcuts take, each as full as it gets, with the fewest offcuts.
     *
     * @param  array<int, int>  $sum
     * @param  list<int>  $mm
     * @param  list<int>  $offcuts
     * @return array{array<int, int>, array<int, list<array{int, int}>>} set => offcuts broken; set => each with what comes out of it
     */
    private static function fromOffcuts(array $sum, array $mm, int $n, array $offcuts): array
    {
        $full = (1 << $n) - 1;
        $reached = [0 => 0];
        $steps = [0 => []];
        $order = array_keys($offcuts);
        usort($order, fn (int $a, int $b): int => $offcuts[$b] <=> $offcuts[$a]);
        // No more than one offcut a piece is ever broken: the longest that many are enough to look at.
        foreach (array_slice($order, 0, 2 * self::EXACT) as $k) {
            if ($mm === [] || $offcuts[$k] < min($mm)) {
                continue;
            }
            // As it was before this offcut: it is broken once.
            $before = $steps;
            foreach ($reached as $mask => $broken) {
                foreach (self::fullest($sum, $mm, $full ^ $mask, $n, $offcuts[$k]) as $set) {
                    $now = $mask | $set;
                    if (! isset($reached[$now]) || $broken + 1 < $reached[$now]) {
                        $reached[$now] = $broken + 1;
                        $steps[$now] = [...$before[$mask], [$k, $set]];
                    }
                }
            }
        }

        return [$reached, $steps];
    }

    /**
     * Sets out of what is left that go into a length, to which nothing that is left can be added.
     *
     * @param  array<int, int>  $sum
     * @param  list<int>  $mm
     * @return list<int>
     */
    private static function fullest(array $sum, array $mm, int $left, int $n, int $length): array
    {
        $all = [];
        for ($set = $left; $set !== 0; $set = ($set - 1) & $left) {
            if ($sum[$set] > $length) {
                continue;
            }
            $room = $length - $sum[$set];
            $more = false;
            for ($i = 0; $i < $n && ! $more; $i++) {
                $more = ((($left ^ $set) >> $i) & 1) === 1 && $mm[$i] <= $room;
            }
            if (! $more) {
                $all[] = $set;
            }
        }

        return $all;
    }

    /**
     * @param  list<int>  $keys
     * @param  array<int, int>  $sum
     * @return array{offcut: int|null, length: int, pieces: list<int>, left: int}
     */
    private static function bin(?int $offcut, int $length, int $mask, array $keys, array $sum): array
    {
        $pieces = [];
        foreach ($keys as $i => $key) {
            if ((($mask >> $i) & 1) === 1) {
                $pieces[] = $key;
            }
        }

        return ['offcut' => $offcut, 'length' => $length, 'pieces' => $pieces, 'left' => $length - $sum[$mask]];
    }

    /**
     * Best fit of the longest first: offcuts are open from the start, a reel is opened when nothing else takes a piece.
     *
     * @param  array<int, int>  $pieces
     * @param  list<int>  $offcuts
     * @return list<array{offcut: int|null, length: int, pieces: list<int>, left: int}>
     */
    private static function closely(array $pieces, array $offcuts, int $reel): array
    {
        arsort($pieces);
        $bins = [];
        foreach ($offcuts as $k => $mm) {
            $bins[] = ['offcut' => $k, 'length' => $mm, 'pieces' => [], 'left' => $mm];
        }
        foreach ($pieces as $key => $mm) {
            $best = null;
            foreach ($bins as $b => $bin) {
                if ($bin['left'] >= $mm && ($best === null || $bin['left'] < $bins[$best]['left'])) {
                    $best = $b;
                }
            }
            if ($best === null) {
                $best = count($bins);
                $bins[] = ['offcut' => null, 'length' => $reel, 'pieces' => [], 'left' => $reel];
            }
            $bin = $bins[$best];
            $bins[$best] = [...$bin, 'pieces' => [...$bin['pieces'], $key], 'left' => $bin['left'] - $mm];
        }

        return array_values(array_filter($bins, fn (array $b): bool => $b['pieces'] !== []));
    }

    /**
     * Reels that no plan goes below (Martello and Toth, L2).
     *
     * @param  list<int>  $mm
     */
    public static function bound(array $mm, int $reel): int
    {
        if ($reel <= 0 || $mm === []) {
            return 0;
        }
        $best = (int) ceil(array_sum($mm) / $reel);
        foreach (array_unique([0, ...array_filter($mm, fn (int $m): bool => 2 * $m <= $reel)]) as $small) {
            $alone = array_filter($mm, fn (int $m): bool => $m > $reel - $small);
            $half = array_filter($mm, fn (int $m): bool => $m <= $reel - $small && 2 * $m > $reel);
            $rest = array_filter($mm, fn (int $m): bool => 2 * $m <= $reel && $m >= $small);
            $room = count($half) * $reel - array_sum($half);
            $more = max(0, (int) ceil((array_sum($rest) - $room) / $reel));
            $best = max($best, count($alone) + count($half) + $more);
        }

        return $best;
    }
}
