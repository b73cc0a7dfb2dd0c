<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** What is thought of one wire now, and how surely. */
final readonly class Judged
{
    public const SURELY = 'surely';

    public const LIKELY = 'likely';

    public const OPEN = 'open';

    public const NEVER = 'never';

    /**
     * @param  string  $name  function, or electronics, with_load
     * @param  string  $function  the likeliest function of that name
     * @param  string|null  $second  the next best name
     * @param  array<string, float>  $names  name => p, the likeliest first
     * @param  array<string, float>  $own  name => p by its own readings alone
     * @param  string|null  $hangsOn  reading without which its own readings do not say so
     * @param  string  $tap  allowed · ask · never
     * @param  int  $hypothesis  the likeliest way it is built
     */
    public function __construct(
        public Wire $wire,
        public string $name,
        public string $function,
        public string $certainty,
        public float $p,
        public ?string $second,
        public array $names,
        public array $own,
        public bool $seenBothWays,
        public ?string $hangsOn,
        public string $tap,
        public Evidence $evidence,
        public int $hypothesis,
    ) {
    }

    public function isSure(): bool
    {
        return $this->certainty === self::SURELY;
    }

    /** By what the others are, not by its own readings. */
    public function byElimination(): bool
    {
        return $this->certainty === self::LIKELY && ($this->own[$this->name] ?? 0.0) < 0.8;
    }

    /** "brake", or "brake or running" while it is open. */
    public function words(): string
    {
        $words = Tables::words($this->name);

        return $this->certainty === self::OPEN && $this->second !== null
            ? "{$words} or ".Tables::words($this->second)
            : $words;
    }
}
