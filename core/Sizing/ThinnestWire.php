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
     * @param  float  $leastMm2  copper it has at least, whatever runs through it
     */
    public function __construct(
        public float $meanC,
        public float $ambientC,
        public float $insulationC = Copper::INSULATION_C,
        public int $bundle = 1,
        public string $material = 'copper',
        public float $leastMm2 = 0.5,
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
                $this->fuseA($gauge) >= $leastA &&
                $gauge->areaMm2 >= $this->leastMm2 - 1e-9
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

    /** The largest fuse it may lie behind: what it bears here, and never more than its copper's ceiling (electrics.md 11 a). */
    public function fuseA(Gauge $gauge): float
    {
        return min($this->allowedA($gauge), Copper::ceilingA($gauge->areaMm2));
    }
}
