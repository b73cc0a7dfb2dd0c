<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

/** One lead in the loom: its way and its length. */
final readonly class LeadWay
{
    /**
     * @param  list<string>|null  $stretches  from → to; null where it has no way
     * @param  float|null  $rawM  way, slack, reach, make-up and loops; null where it has no way
     * @param  array{float, float}  $endM  reach, make-up and loop of each end
     * @param  array{string|null, string|null}  $ends  places
     * @param  string  $from  derived · stated · strung · supplied · guess
     * @param  float|null  $lengthM  what it is cut to; null where nobody knows
     */
    public function __construct(
        public string $id,
        public ?array $stretches,
        public bool $stated,
        public float $wayM,
        public ?float $rawM,
        public array $endM,
        public array $ends,
        public string $from,
        public ?float $lengthM,
    ) {
    }

    /** Cut to the next step up of what was derived. */
    public function derivedM(float $step): ?float
    {
        return $this->rawM === null ? null : round(ceil($this->rawM / $step - 1e-9) * $step, 6);
    }
}
