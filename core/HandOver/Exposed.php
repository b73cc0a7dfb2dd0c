<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** Things of one kind in use, together: how long, how many failed, and within what the true rate lies. */
final readonly class Exposed
{
    /** Fewer failures than this rank nothing. */
    public const LEAST = 3;

    /**
     * @param  string  $group  joint · fixing · part · wire, with its kind: "soldered joint outside"
     * @param  float  $years  thing-years
     * @param  float  $low  per 1,000 thing-years, 5 %
     * @param  float  $high  95 %
     */
    public function __construct(
        public string $group,
        public int $things,
        public int $failed,
        public float $years,
        public float $low,
        public float $high,
    ) {
    }

    public static function of(string $group, int $things, int $failed, float $years): self
    {
        [$low, $high] = Poisson::bounds($failed, 0.9);
        $scale = $years > 0.0 ? 1000.0 / $years : 0.0;

        return new self($group, $things, $failed, $years, $low * $scale, $high * $scale);
    }

    /** Per 1,000 thing-years. */
    public function rate(): float
    {
        return $this->years > 0.0 ? (1000.0 * $this->failed) / $this->years : 0.0;
    }

    public function ranks(): bool
    {
        return $this->failed >= self::LEAST;
    }
}
