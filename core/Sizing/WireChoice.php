<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;

/** The thinnest wire that keeps the drop, bears its fuse and is not too thin to move (electrics.md 4). */
final readonly class WireChoice
{
    private function __construct(
        public ?Gauge $gauge,
        public ?float $dropV,
        public ?float $dropFraction,
        public ?float $allowedA,
        public ?FuseWindow $fuse,
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
        float $insulationC = 105.0,
        float $ambientC = 30.0,
        int $bundle = 1,
        bool $moves = false,
        string $material = 'copper',
    ): self {
        if ($ambientC >= $insulationC) {
            return new self(
                null,
                null,
                null,
                null,
                null,
                "The place is hotter ({$ambientC} °C) than the insulation bears ({$insulationC} °C).",
            );
        }
        $fuse = FuseWindow::smallestFor($amps, $ambientC);
        if ($fuse === null) {
            return new self(
                null,
                null,
                null,
                null,
                null,
                'No blade fuse is made for this load. Split it over several circuits.',
            );
        }
        $place = new ThinnestWire($ambientC, $ambientC, $insulationC, $bundle, $material, $moves);
        $metres = $outM + $backM;
        $gauge = $place->find($system, $amps, $metres, $dropTarget * $volts, $fuse);
        if ($gauge === null) {
            $thickest = array_slice(Copper::sizes($system), -1)[0];
            $keeps = $place->dropV($thickest, $amps, $metres) <= $dropTarget * $volts * (1 + 1e-12);

            return new self(
                null,
                null,
                null,
                null,
                null,
                $keeps
                    ? 'No size in the table bears this load with its fuse in this place.'
                    : 'No size in the table keeps the drop within the target. Shorten the way, split the load or raise the supply.',
            );
        }
        $drop = $place->dropV($gauge, $amps, $metres);
        $allowed = $place->allowedA($gauge);

        return new self($gauge, $drop, $drop / $volts, $allowed, FuseWindow::of($amps, $allowed, $ambientC), null);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'recommended' => $this->gauge->awg ?? $this->gauge?->areaMm2,
            'drop_v' => $this->dropV,
            'drop_fraction' => $this->dropFraction,
            'amps_allowed' => $this->allowedA,
            'fuse' => $this->fuse === null
                    ? null
                    : [
                        'recommended_a' => $this->fuse->recommendedA,
                        'low_a' => $this->fuse->lowA,
                        'high_a' => $this->fuse->highA,
                    ],
            ...$this->reason === null ? [] : ['reason' => $this->reason],
        ];
    }
}
