<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Which nodes hang together; pieces without a supply are not solved (solving.md F1). */
final class Islands
{
    /** @var array<int, int> */
    private array $root;

    public function __construct(int $n)
    {
        $this->root = $n > 0 ? range(0, $n - 1) : [];
    }

    /** @param  bool  $leaks whether leaks join too */
    public static function of(Network $network, bool $leaks = true): self
    {
        $islands = new self(count($network->nodes));
        foreach ($network->branches as $k => $branch) {
            if ($leaks || ! isset($network->leaks[$k])) {
                $islands->join($branch->from, $branch->to);
            }
        }
        foreach ($network->sources as $source) {
            $islands->join($source->plus, $source->minus);
        }
        foreach ($network->tails as $tail) {
            foreach ($tail->channels as $node) {
                $islands->join($node, $tail->common);
            }
        }

        return $islands;
    }

    public function join(int $a, int $b): void
    {
        [$a, $b] = [$this->find($a), $this->find($b)];
        // The lower number leads, so that results do not depend on the order of joining.
        $this->root[max($a, $b)] = min($a, $b);
    }

    public function find(int $a): int
    {
        while ($this->root[$a] !== $a) {
            $this->root[$a] = $this->root[$this->root[$a]];
            $a = $this->root[$a];
        }

        return $a;
    }

    /**
     * Nodes whose volts are given: those held from outside, and the minus of each island's first supply at 0 V.
     *
     * @return array<int, float>
     */
    public function anchors(Network $network): array
    {
        $anchors = $network->fixed;
        $anchored = [];
        foreach (array_keys($network->fixed) as $node) {
            $anchored[$this->find($node)] = true;
        }
        foreach ($network->sources as $source) {
            if (! isset($anchored[$this->find($source->minus)])) {
                $anchored[$this->find($source->minus)] = true;
                $anchors[$source->minus] = 0.0;
            }
        }

        return $anchors;
    }
}
