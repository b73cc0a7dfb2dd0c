<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A contact of a part, between two of its pins. */
final readonly class PartContact
{
    /**
     * @param  array<array-key, mixed>  $closedWhen  over the part's own position, senses and radio
     * @param  float|null  $duty  share of the PWM period it is closed; null: as the device is set
     */
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public array $closedWhen,
        public ?float $maxA,
        public ?float $ohm,
        public ?float $duty,
        public ?float $pwmHz,
        public ?float $flashHz,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('from'),
            $f->text('to'),
            $f->object('closed_when')->data,
            $f->numberOrNull('max_a'),
            $f->numberOrNull('ohm'),
            $f->text('duty') === 'set' ? null : $f->number('duty', 1.0),
            $f->numberOrNull('pwm_hz'),
            $f->numberOrNull('flash_hz'),
        );
    }

    /** The position in which it is made; '' where it is no matter of position alone. */
    public function madeAt(): string
    {
        $at = $this->closedWhen['at'] ?? '';

        return is_string($at) ? $at : '';
    }
}
