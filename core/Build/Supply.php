<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A source of the build. Volts are at no load (electrics.md 6). */
final readonly class Supply
{
    /** Internal ohms nobody states (solving.md, "Resistances nobody states"). */
    private const OHM = [
        'lead_acid_12v' => 0.02,
        'lead_acid_24v' => 0.04,
        'lifepo4_12v' => 0.01,
        'lifepo4_24v' => 0.02,
        'driver_12v' => 0.05,
        'driver_24v' => 0.1,
        'usb_5v' => 0.1,
        'block_9v' => 2.0,
        'tool_18v' => 0.1,
        'no_battery_12v' => 0.3,
        'other' => 0.02,
    ];

    /** A USB outlet that does not say. */
    private const USB_A = 2.4;

    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public float $minV,
        public float $nominalV,
        public float $maxV,
        public float $ohm,
        public ?float $capacityAh,
        public float $usableFraction,
        public ?float $maxCurrentA,
        public ?float $ratedW,
        public float $peukert = 1.0,
    ) {
    }

    public static function of(Fields $f): self
    {
        $kind = $f->text('kind');

        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $kind,
            $f->number('min_v'),
            $f->number('nominal_v'),
            $f->number('max_v'),
            $f->number('internal_ohm', self::OHM[$kind] ?? 0.02),
            $f->numberOrNull('capacity_ah'),
            $f->number('usable_fraction', str_starts_with($kind, 'lead') ? 0.5 : 0.8),
            $f->numberOrNull('max_current_a'),
            $f->numberOrNull('rated_w'),
            $f->number('peukert', 1.0),
        );
    }

    public function volts(string $state): float
    {
        return match ($state) {
            'min' => $this->minV,
            'max' => $this->maxV,
            default => $this->nominalV,
        };
    }

    /**
     * Hours from full to the usable limit at a steady draw, amps; INF where the capacity is not known. Peukert's exponent counts
     * from the 20-hour rate (electrics.md 6).
     */
    public function hours(float $amps): float
    {
        if ($this->capacityAh === null || $amps <= 0.0) {
            return INF;
        }

        return (($this->usableFraction * $this->capacityAh) / $amps) *
            ($this->capacityAh / (20.0 * $amps)) ** ($this->peukert - 1.0);
    }

    public function isDriver(): bool
    {
        return str_starts_with($this->kind, 'driver_');
    }

    /** Amps that electronics inside it let out at most: a driver, a USB bank, a bench supply; null: nothing in it limits. */
    public function limitA(): ?float
    {
        return match (true) {
            $this->isDriver() => $this->maxCurrentA ??
                ($this->ratedW === null ? null : $this->ratedW / $this->nominalV),
            $this->kind === 'usb_5v' => $this->maxCurrentA ?? self::USB_A,
            $this->kind === 'bench_supply' => $this->maxCurrentA,
            default => null,
        };
    }

    /** Amps it can push into a short (electrics.md 11 f); INF: only its own resistance and the wires say. */
    public function faultA(): float
    {
        $limit = $this->limitA();

        return match (true) {
            $limit !== null => 1.2 * $limit,
            // A block's own resistance keeps it this weak.
            $this->kind === 'block_9v' => $this->maxV / $this->ohm,
            default => INF,
        };
    }
}
