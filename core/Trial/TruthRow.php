<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

/** One situation: the positions that make it, what should happen and what does. */
final readonly class TruthRow
{
    /**
     * @param  array<string, string>  $inputs
     * @param  list<string>  $says
     * @param  list<string>  $because  contacts to blame
     */
    public function __construct(
        public array $inputs,
        public string $when,
        public array $says,
        public bool $right,
        public bool $judged,
        public array $because,
    ) {
    }

    /** Mismatches first, then what can't be judged. */
    public function rank(): int
    {
        return $this->right ? ($this->judged ? 2 : 1) : 0;
    }
}
