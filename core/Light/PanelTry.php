<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** Rows and depth of a panel as they were tried: how even, and what they take. */
final readonly class PanelTry
{
    public function __construct(
        public int $rows,
        public float $depthM,
        public float $evenness,
        public int $units,
        public float $metres,
        public float $watts,
    ) {
    }

    /** @return array{rows: int, depth_m: float, evenness: float, units: int, metres: float, watts: float} */
    public function toArray(): array
    {
        return [
            'rows' => $this->rows,
            'depth_m' => $this->depthM,
            'evenness' => $this->evenness,
            'units' => $this->units,
            'metres' => $this->metres,
            'watts' => $this->watts,
        ];
    }
}
