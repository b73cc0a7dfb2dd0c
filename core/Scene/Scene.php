<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

/** One combination of inputs at one supply, solved: the lit half, and the dark half where something flashes. */
final readonly class Scene
{
    /**
     * @param  array<string, string>  $inputs
     * @param  array<string, true>  $closed  contacts closed in the lit half
     * @param  array<string, true>  $pulled  senses pulled
     * @param  Remark|null  $reason  why nothing settles
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public array $inputs,
        public string $supply,
        public State $lit,
        public ?State $dark,
        public array $closed,
        public array $pulled,
        public ?Remark $reason,
        public array $remarks,
        public int $solves,
    ) {
    }

    /** A short or a load too weak to start is solved, with a remark; a relay that chatters is not. */
    public function solved(): bool
    {
        return $this->lit->solved && $this->reason === null;
    }

    public function remark(): ?string
    {
        $said = $this->reason ?? ($this->lit->reason ?? ($this->remarks[0] ?? null));

        return $said === null ? null : (string) $said;
    }
}
