<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** A network and where the things of the harness went in it. */
final readonly class Compiled
{
    /**
     * @param  array<string, int>  $nodeOf  pin => node
     * @param  array<string, int>  $branchOf  wire or inline thing => branch
     * @param  array<string, int>  $sourceOf  supply => source
     * @param  array<string, LadderPlaces>  $ladders  strip light => its units
     * @param  array<string, list<EmitterPlace>>  $emitters  other light => its emitters
     * @param  Structure|null  $structure  of another state of the same network; null: made when it is solved
     */
    public function __construct(
        public Network $network,
        public array $nodeOf,
        public array $branchOf,
        public array $sourceOf,
        public array $ladders,
        public array $emitters,
        public ?Structure $structure = null,
    ) {
    }

    /** Another state: the same things at the same nodes, so one structure serves all. */
    public function with(Network $network): self
    {
        return new self(
            $network,
            $this->nodeOf,
            $this->branchOf,
            $this->sourceOf,
            $this->ladders,
            $this->emitters,
            $this->structure ?? Structure::of($this->network),
        );
    }
}
