<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** Something that opens and closes between two pins: a switch pole, a relay's contact, a controller's channel, a live host wire. */
final readonly class Contact
{
    /**
     * @param  string  $id  thing.contact
     * @param  array<array-key, mixed>|null  $closedWhen  over the part's own position, senses and radio; null: over $liveWhen
     * @param  array<array-key, mixed>|null  $liveWhen  over inputs; null: always
     * @param  float  $duty  share of the PWM period it is closed
     */
    public function __construct(
        public string $id,
        public string $thing,
        public string $from,
        public string $to,
        public float $ohm,
        public ?float $maxA,
        public ?array $closedWhen,
        public ?array $liveWhen,
        public float $duty = 1.0,
        public ?float $flashHz = null,
        public ?string $power = null,
    ) {
    }
}
