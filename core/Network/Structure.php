<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** What every state of a network shares: its islands, the order of elimination, and where each branch is stamped (F6). */
final class Structure
{
    /** @var array{string, Ldl}|null the last order made: trials of one build have its structure too */
    private static ?array $order = null;

    /**
     * @param  array<int, float>  $anchors  node => volts that are given
     * @param  list<int>  $unknown  node => unknown, −1 where the volts are given or nothing feeds the node
     * @param  list<array{int, int, int}>  $stamps  unknowns and slot of each branch and supply; −1 where there is none
     * @param  list<list<array{int, int, int, int}>>  $tailStamps  per tail: row, column, unknown or slot, whether both are unknown
     */
    private function __construct(
        public readonly array $anchors,
        public readonly array $unknown,
        public readonly int $count,
        public readonly Ldl $ldl,
        public readonly array $stamps,
        public readonly array $tailStamps,
    ) {
    }

    public static function of(Network $network): self
    {
        $islands = Islands::of($network);
        $anchors = $islands->anchors($network);
        $live = [];
        foreach (array_keys($anchors) as $node) {
            $live[$islands->find($node)] = true;
        }
        $unknown = [];
        $count = 0;
        foreach (array_keys($network->nodes) as $node) {
            $unknown[] = isset($anchors[$node]) || ! isset($live[$islands->find($node)]) ? -1 : $count++;
        }
        $pairs = self::pairs($network, $unknown);
        $key = $count.' '.md5(serialize($pairs));
        if (self::$order === null || self::$order[0] !== $key) {
            self::$order = [$key, new Ldl($count, $pairs)];
        }
        $ldl = self::$order[1];
        $stamp = function (int $a, int $b) use ($unknown, $ldl): array {
            [$i, $j] = [$unknown[$a], $unknown[$b]];

            return [$i, $j, $i >= 0 && $j >= 0 && $i !== $j ? $ldl->slot($i, $j) : -1];
        };
        $stamps = $tailStamps = [];
        foreach ($network->branches as $b) {
            $stamps[] = $stamp($b->from, $b->to);
        }
        foreach ($network->sources as $s) {
            $stamps[] = $stamp($s->plus, $s->minus);
        }
        foreach ($network->tails as $tail) {
            $all = [];
            $nodes = [...$tail->channels, $tail->common];
            foreach ($nodes as $a => $i) {
                foreach ($nodes as $b => $j) {
                    if ($a <= $b) {
                        [$ui, $uj, $slot] = $stamp($i, $j);
                        $all[] = [$a, $b, $a === $b ? $ui : $slot, $ui >= 0 && $uj >= 0 ? 1 : 0];
                    }
                }
            }
            $tailStamps[] = $all;
        }

        return new self($anchors, $unknown, $count, $ldl, $stamps, $tailStamps);
    }

    /**
     * @param  list<int>  $unknown
     * @return list<array{int, int}>
     */
    private static function pairs(Network $network, array $unknown): array
    {
        $pairs = [];
        foreach ($network->branches as $b) {
            $pairs[] = [$unknown[$b->from], $unknown[$b->to]];
        }
        foreach ($network->sources as $s) {
            $pairs[] = [$unknown[$s->plus], $unknown[$s->minus]];
        }
        foreach ($network->tails as $tail) {
            $nodes = [...$tail->channels, $tail->common];
            foreach ($nodes as $a => $i) {
                foreach (array_slice($nodes, $a + 1) as $j) {
                    $pairs[] = [$unknown[$i], $unknown[$j]];
                }
            }
        }

        return array_values(array_filter($pairs, fn (array $p): bool => $p[0] >= 0 && $p[1] >= 0 && $p[0] !== $p[1]));
    }
}
