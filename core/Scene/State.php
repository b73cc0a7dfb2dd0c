<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

/** The build solved at one supply: volts by pin, amps by wire and thing, every light. */
final readonly class State
{
    /**
     * @param  array<string, float|null>  $volts  by pin
     * @param  array<string, float>  $amps  by wire segment and inline thing, from its first pin to its second
     * @param  array<string, float>  $supplyAmps
     * @param  array<string, array<string, EmitterState>>  $lights  light => emitter => state
     * @param  array<string, string>  $floating  pin without volts => why: "floating behind <pin>"; absent: fed by nothing
     */
    public function __construct(
        public string $name,
        public bool $solved,
        public ?string $reason,
        public float $residualA,
        public int $newton,
        public array $volts,
        public array $amps,
        public array $supplyAmps,
        public array $lights,
        public array $floating = [],
    ) {
    }

    public function between(string $a, string $b): ?float
    {
        $va = $this->volts[$a] ?? null;
        $vb = $this->volts[$b] ?? null;

        return $va === null || $vb === null ? null : $va - $vb;
    }

    /** Why a pin has no volts; null: it has. */
    public function why(string $pin): ?string
    {
        return ($this->volts[$pin] ?? null) !== null ? null : $this->floating[$pin] ?? 'fed by nothing';
    }

    public function totalA(): float
    {
        return array_sum($this->supplyAmps);
    }
}
