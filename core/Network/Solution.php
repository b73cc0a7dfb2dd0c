<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Volts per node, amps per branch and supply, and how well the equations are met. */
final readonly class Solution
{
    /**
     * @param  array<int, float|null>  $volts  per node; null where nothing feeds it
     * @param  array<int, float>  $amps  per branch of the network, from "from" to "to"
     * @param  array<int, float>  $sourceAmps  per supply, out of its plus
     * @param  array<int, float>  $leaving  amps leaving each node through branches and tails: what a fixed node delivers
     * @param  array<int, array<int, array<int, float>>>  $tailAmps  per tail, channel, unit
     * @param  array<int, array<int, array<int, float>>>  $tailVolts  per tail, channel, unit
     * @param  list<string>  $reasons
     * @param  array<int, int>  $floating  node => node of the live piece it hangs behind, with less than a microsiemens between
     */
    public function __construct(
        public bool $solved,
        public array $volts,
        public array $amps,
        public array $sourceAmps,
        public array $leaving,
        public array $tailAmps,
        public array $tailVolts,
        public int $newton,
        public float $residualA,
        public float $toleranceA,
        public array $reasons = [],
        public array $floating = [],
    ) {
    }

    /**
     * @param  list<string>  $reasons
     * @param  bool  $settled  whether what is iterated around the solve came to rest
     */
    public function because(array $reasons, bool $settled = true): self
    {
        return new self(
            $this->solved && $settled,
            $this->volts,
            $this->amps,
            $this->sourceAmps,
            $this->leaving,
            $this->tailAmps,
            $this->tailVolts,
            $this->newton,
            $this->residualA,
            $this->toleranceA,
            array_values(array_unique([...$this->reasons, ...$reasons])),
            $this->floating,
        );
    }
}
