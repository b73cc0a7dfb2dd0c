<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

/** One pattern of contacts within a state: a phase of the PWM period, or the dark half of the flash. */
final readonly class Moment
{
    /**
     * @param  string  $name  in words: "steady", "40 % of the dimming period", "dark half of the flash"
     * @param  float  $share  of the period it lasts
     * @param  array<string, true>  $closed  contacts closed
     */
    public function __construct(public string $name, public float $share, public State $state, public array $closed)
    {
    }

    public function called(string $name): self
    {
        return new self($name, $this->share, $this->state, $this->closed);
    }
}
