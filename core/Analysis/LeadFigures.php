<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Harness\LeadWire;
use BenchGlow\Quantity\Gauge;

/** A lead's wire: what it is, what it carries, what would do. */
final readonly class LeadFigures
{
    public function __construct(
        public string $id,
        public LeadWire $wire,
        public ?Gauge $recommended,
        public ?string $reason,
        public float $lengthM,
        public bool $lengthKnown,
        public float $dropV,
        public float $amps,
        public float $allowedA,
    ) {
    }
}
