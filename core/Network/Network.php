<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/**
 * Nodes, branches, supplies and strip tails (solving.md A3). Nodes are numbers 0 … count−1 with a name each; merging by
 * ideal joints has been done before this value exists.
 */
final readonly class Network
{
    /**
     * @param  list<string>  $nodes  one name per node, for reports
     * @param  array<int, Branch>  $branches
     * @param  list<Source>  $sources
     * @param  list<Tail>  $tails
     * @param  array<int, true>  $leaks  branches that only keep nodes regular
     * @param  array<int, float>  $fixed  nodes held at a voltage from outside (an ideal bench supply)
     */
    public function __construct(
        public array $nodes,
        public array $branches,
        public array $sources,
        public array $tails = [],
        public array $fixed = [],
        public array $leaks = [],
    ) {
    }
}
