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
     * @param  list<Scene>  $either  where a contact chatters: the same with it held each way
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
        public array $either = [],
    ) {
    }

    /** A short or a load too weak to start is solved, with a remark; a relay that chatters or an unsolved phase is not. */
    public function solved(): bool
    {
        return $this->lit->solved && ($this->dark === null || $this->dark->solved) && $this->reason === null;
    }

    public function remark(): ?string
    {
        $dark = $this->dark?->solved === false ? "{$this->dark->reason}, in the dark half of the flash" : null;
        $said = $this->reason ?? ($this->lit->reason ?? ($dark ?? ($this->remarks[0] ?? null)));

        return $said === null ? null : (string) $said;
    }
}
