<?php

declare(strict_types=1);

namespace BenchGlow\Law;

final readonly class Resistor implements Law
{
    public float $siemens;

    public function __construct(public float $ohm)
    {
        $this->siemens = 1.0 / $ohm;
    }

    public function at(float $u): array
    {
        return [$u * $this->siemens, $this->siemens];
    }

    public function chord(): float
    {
        return $this->siemens;
    }
}
