<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** A reading that is asked for. */
final readonly class Test
{
    /**
     * @param  string  $test  volts · plus · lamp · lamp_plus · ohms
     * @param  float  $gain  bits it is expected to tell
     * @param  float  $seconds  it takes from where one stands
     * @param  array{string, string}  $parts  the two names it tells from each other
     * @param  list<string>  $wires  all it does that for, under the same condition
     */
    public function __construct(
        public string $wire,
        public Condition $condition,
        public string $test,
        public float $gain,
        public float $seconds,
        public array $parts,
        public array $wires,
    ) {
    }

    public function instrument(): string
    {
        return in_array($this->test, ['lamp', 'lamp_plus'], true) ? 'test_lamp' : 'meter';
    }

    public function to(): string
    {
        return in_array($this->test, ['plus', 'lamp_plus'], true) ? 'plus' : 'ground';
    }

    public function powered(): bool
    {
        return $this->test !== 'ohms';
    }

    public function kind(): string
    {
        return ['ohms' => 'ohms', 'lamp' => 'lamp', 'lamp_plus' => 'lamp'][$this->test] ?? 'volts';
    }
}
