<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

/** A joint: one pin, any number of leads. */
final readonly class JointDevice extends Device
{
    /** Amps it shall have left for later. */
    public function spareA(): float
    {
        return $this->fields->number('spare_a');
    }

    public function kind(): string
    {
        return 'joint';
    }

    public function pins(): array
    {
        return [''];
    }

    public function symbol(): string
    {
        return 'joint';
    }

    /** solder · crimp · idc_tap · terminal · screw · bus_bar */
    public function style(): string
    {
        return $this->fields->text('style');
    }

    /** A tap that cuts through the insulation of a wire that goes on. */
    public function isTap(): bool
    {
        return $this->style() === 'idc_tap';
    }

    /** How it is closed, as stated; null where nothing is said. */
    public function seal(): ?string
    {
        return $this->fields->textOrNull('seal');
    }

    /** Its terminal, where one is chosen. */
    public function terminal(): ?string
    {
        return $this->fields->textOrNull('part');
    }

    public function row(): ?array
    {
        $style = $this->style() ?: 'solder';

        return $style === 'solder' ? null : ["joint_{$style}", str_replace('_', ' ', $style).' joint', null];
    }
}
