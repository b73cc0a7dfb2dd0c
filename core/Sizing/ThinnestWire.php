<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;

/** The thinnest wire that does in a place (electrics.md 3): what every recommendation of a wire goes by. */
final readonly class ThinnestWire
{
    /**
     * @param  float  $meanC  what its copper resists at
     * @param  float  $ambientC  the hottest it lies in
     * @param  int  $bundle  wires that lie together, itself among them
     * @param  bool  $moves  it bends in use: 0.5 mm² or 20 AWG at least
     */
    public function __construct(
        public float $meanC,
        public float $ambientC,
        public float $insulationC = 105.0,
        public int $bundle = 1,
        public string $material = 'copper',
        public bool $moves = false,
    ) {
    }

    /**
     * @param  string  $system  awg · mm2
     * @param  float  $metres  out and back
     * @param  float  $leastA  amps it must bear: those of its fuse
     * @return Gauge|null  null: no size in the table does
     */
    public function find(string $system, float $amps, float $metres, float $mostDropV, float $leastA): ?Gauge
    {
        foreach (Copper::sizes($system) as $gauge) {
            if (
                $this->dropV($gauge, $amps, $metres) <= $mostDropV * (1 + 1e-12) &&
                $this->allowedA($gauge) >= $leastA &&
                ! ($this->moves && self::isTooThinToMove($gauge))
            ) {
                return $gauge;
            }
        }

        return null;
    }

    public function dropV(Gauge $gauge, float $amps, float $metres): float
    {
        return $amps * Copper::ohmPerM($gauge->areaMm2, $this->meanC, $this->material) * $metres;
    }

    public function allowedA(Gauge $gauge): float
    {
        return Copper::allowedA($gauge->areaMm2, $this->insulationC, $this->ambientC, $this->bundle);
    }

    private static function isTooThinToMove(Gauge $gauge): bool
    {
        return $gauge->awg !== null ? $gauge->awg > 20 : $gauge->areaMm2 < 0.5;
    }
}
