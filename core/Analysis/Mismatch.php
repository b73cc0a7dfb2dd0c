<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

/** One emitter that is not as it should be in one state. */
final readonly class Mismatch
{
    /** @param  array<string, string>  $inputs */
    public function __construct(
        public array $inputs,
        public string $supply,
        public string $emitter,
        public string $wanted,
        public string $solved,
        public string $because,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'inputs' => (object) $this->inputs,
            'supply' => $this->supply,
            'emitter' => $this->emitter,
            'wanted' => $this->wanted,
            'solved' => $this->solved,
            'because' => $this->because,
        ];
    }
}
