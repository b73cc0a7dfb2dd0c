<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** What to look at or measure next: what it costs in trouble, what it would say. */
final readonly class NextTry
{
    /**
     * @param  string  $kind  look · volts · amps · ohms · fuse
     * @param  array<string, string>  $with  inputs
     * @param  list<array{value: float|null, word: string|null, suspect: string, key: string}>  $expects  by suspicion, the likelier first
     */
    public function __construct(
        public string $kind,
        public string $at,
        public int $state,
        public array $with,
        public string $act,
        public float $gain,
        public float $trouble,
        public array $expects,
    ) {
    }

    /** @return array{string, string} where the red tip goes and where the black one */
    public function tips(string $minus): array
    {
        if ($this->kind === 'ohms') {
            return ["{$this->at}.2", $minus];
        }

        return str_ends_with($this->at, '.end') ? ["{$this->at}.plus", "{$this->at}.minus"] : [$this->at, $minus];
    }

    public function worth(): float
    {
        return $this->gain / $this->trouble;
    }
}
