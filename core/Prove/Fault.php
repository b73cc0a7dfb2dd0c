<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** One thing that can be wrong with what was built: how likely before anything was seen, and how it changes the network. */
final readonly class Fault
{
    /**
     * @param  string  $key  kind:subject, as it is planted: open:feed.1.to
     * @param  list<string>  $places  pins, wires or things it sits at
     * @param  string  $says  "the joint at strip start + is open"
     * @param  float  $weight  how often against the others (probe-prove.md 13)
     */
    public function __construct(
        public string $key,
        public string $kind,
        public array $places,
        public string $says,
        public float $weight,
        public Overlay $overlay,
    ) {
    }
}
