<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** An act in its place in the plan; a change of the power is one too. */
final readonly class Planned
{
    /**
     * @param  int|null  $index  in the network; null for a change of the power
     * @param  float  $from  seconds from the start
     * @param  float  $startMin  minutes of hands before it
     * @param  string  $state  of the power while it is done: live · fuse_out · dead
     * @param  list<array{key: string, rule: string, because: string, lag_s: float}>  $before  what must come before it
     */
    public function __construct(
        public Act $act,
        public ?int $index,
        public float $from,
        public float $to,
        public float $startMin,
        public string $state,
        public array $before = [],
        public bool $critical = false,
        public float $slackMin = 0.0,
    ) {
    }

    public function placed(bool $critical, float $slackMin): self
    {
        return new self(
            $this->act,
            $this->index,
            $this->from,
            $this->to,
            $this->startMin,
            $this->state,
            $this->before,
            $critical,
            $slackMin,
        );
    }
}
