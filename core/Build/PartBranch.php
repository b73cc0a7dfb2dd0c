<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** One passive branch between two pins or inner nodes of a part. */
final readonly class PartBranch
{
    private function __construct(
        public string $id,
        public string $kind,
        public string $from,
        public string $to,
        public Fields $fields,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self($f->text('id'), $f->text('kind'), $f->text('from'), $f->text('to'), $f);
    }

    /** A coil or an input: it pulls in and drops out. */
    public function isSense(): bool
    {
        return $this->kind === 'sense';
    }

    /** Two names for one point. */
    public function isLink(): bool
    {
        return $this->kind === 'link';
    }

    /** Takes what a coil gives back when it lets go. */
    public function quenches(): bool
    {
        return in_array($this->kind, ['diode', 'resistor', 'string'], true);
    }

    public function isDiode(): bool
    {
        return $this->kind === 'diode';
    }

    /** LEDs with their resistor. */
    public function isString(): bool
    {
        return $this->kind === 'string';
    }

    /** Gives light. */
    public function isEmitter(): bool
    {
        return in_array($this->kind, ['string', 'linear', 'switching'], true);
    }

    public function ohm(): float
    {
        return $this->fields->number('ohm');
    }

    public function pullInV(): float
    {
        return $this->fields->number('pull_in_v');
    }

    public function dropOutV(): float
    {
        return $this->fields->number('drop_out_v');
    }

    /** Constant watts above its start volts. */
    public function isSwitching(): bool
    {
        return $this->kind === 'switching';
    }

    /** Amps, or watts of a switching one, at full light; null: it gives none. */
    public function rated(): ?float
    {
        return match ($this->kind) {
            'string' => $this->fields->number('if_a'),
            'linear' => $this->fields->number('amps'),
            'switching' => $this->fields->number('watts'),
            default => null,
        };
    }
}
