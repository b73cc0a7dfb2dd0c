<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;

/** The thinnest wire that keeps the drop, bears its fuse and has the least copper of its place (electrics.md 4, 11). */
final readonly class WireChoice
{
    /** @param  FuseWindow  $fuse  without a wire only its low end means anything */
    private function __construct(
        public ?Gauge $gauge,
        public ?float $dropV,
        public ?float $dropFraction,
        public ?float $allowedA,
        public FuseWindow $fuse,
        public ?string $reason,
    ) {
    }

    /**
     * @param  float  $volts  nominal
     * @param  string  $system  awg · mm2
     */
    public static function of(
        string $system,
        float $volts,
        float $amps,
        float $outM,
        float $backM,
        float $dropTarget = 0.03,
        float $insulationC = Copper::INSULATION_C,
        float $ambientC = 30.0,
        int $bundle = 1,
        float $leastMm2 = 0.5,
        string $material = 'copper',
    ): self {
        $low = FuseWindow::of($amps, 0.0, $ambientC);
        if ($ambientC >= $insulationC) {
            return self::none(
                $low,
                "The place is hotter ({$ambientC} °C) than the insulation bears ({$insulationC} °C).",
            );
        }
        $fuse = FuseWindow::smallestFor($amps, $ambientC);
        if ($fuse === null) {
            return self::none($low, 'No blade fuse is made for this load. Split it over several circuits.');
        }
        $place = new ThinnestWire($ambientC, $ambientC, $insulationC, $bundle, $material, $leastMm2);
        $metres = $outM + $backM;
        $gauge = $place->find($system, $amps, $metres, $dropTarget * $volts, $fuse);
        if ($gauge === null) {
            $thickest = array_slice(Copper::sizes($system), -1)[0];
            $keeps = $place->dropV($thickest, $amps, $metres) <= $dropTarget * $volts * (1 + 1e-12);

            return self::none(
                $low,
                $keeps
                    ? 'No size in the table bears this load with its fuse in this place.'
                    : 'No size in the table keeps the drop within the target. Shorten the way, split the load or raise the supply.',
            );
        }
        $drop = $place->dropV($gauge, $amps, $metres);

        return new self(
            $gauge,
            $drop,
            $drop / $volts,
            $place->allowedA($gauge),
            FuseWindow::of($amps, $place->fuseA($gauge), $ambientC),
            null,
        );
    }

    private static function none(FuseWindow $low, string $reason): self
    {
        return new self(null, null, null, null, $low, $reason);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'recommended' => $this->gauge->awg ?? $this->gauge?->areaMm2,
            'drop_v' => $this->dropV,
            'drop_fraction' => $this->dropFraction,
            'amps_allowed' => $this->allowedA,
            'fuse' => [
                'recommended_a' => $this->gauge === null ? null : $this->fuse->recommendedA,
                'low_a' => $this->fuse->lowA,
                'high_a' => $this->gauge === null ? null : $this->fuse->highA,
            ],
            ...$this->reason === null ? [] : ['reason' => $this->reason],
        ];
    }
}
