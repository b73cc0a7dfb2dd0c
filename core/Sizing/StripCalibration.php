<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripFit;
use BenchGlow\Parts\StripLadder;
use BenchGlow\Parts\StripType;
use BenchGlow\Quantity\Extreme;

/**
 * Rail resistance of a real piece from volts at both ends and amps, the piece lit and fed at one end (electrics.md 3). The
 * label's watts are scaled until the amps agree, and the rails until the far volts do; channel and common rails keep their ratio.
 */
final readonly class StripCalibration
{
    private function __construct(public float $railOhmPerM, public float $commonOhmPerM, public float $wattsPerM)
    {
    }

    /** @throws NotFitted where no resistance explains the readings */
    public static function fit(StripType $strip, float $lengthM, float $fedV, float $farV, float $amps): self
    {
        $units = StripFit::of($strip, $lengthM)->units;
        if ($units < 2) {
            throw new NotFitted('The piece is shorter than two cut units; its ends read the same.');
        }
        if ($farV >= $fedV || $farV <= 0.0) {
            throw new NotFitted('The far end must read less than the fed end and more than 0 V.');
        }
        $scale = 1.0;
        $rails = 1.0;
        for ($round = 0; $round < 30; $round++) {
            $rails = self::railsFor($strip, $units, $fedV, $farV, $scale);
            [$solvedA] = self::ends($strip, $units, $fedV, $rails, $scale);
            $next = ($scale * $amps) / $solvedA;
            $done = abs($next - $scale) < 1e-9 * $scale;
            $scale = $next;
            if ($done) {
                break;
            }
        }

        return new self($rails * $strip->railOhmPerM, $rails * $strip->commonOhmPerM, $scale * $strip->wattsPerM);
    }

    /** Bisection on the common factor of both rails: the far volts fall steadily as it grows. */
    private static function railsFor(StripType $strip, int $units, float $fedV, float $farV, float $scale): float
    {
        [$low, $high] = [1e-3, 1e3];
        if (
            self::ends($strip, $units, $fedV, $high, $scale)[1] > $farV ||
            self::ends($strip, $units, $fedV, $low, $scale)[1] < $farV
        ) {
            throw new NotFitted(
                'No rail resistance between a thousandth and a thousand times the stated one gives these readings. Read the volts again with the piece lit.',
            );
        }
        for ($i = 0; $i < 60; $i++) {
            $mid = sqrt($low * $high);
            if (self::ends($strip, $units, $fedV, $mid, $scale)[1] > $farV) {
                $low = $mid;
            } else {
                $high = $mid;
            }
        }

        return sqrt($low * $high);
    }

    /** @return array{float, float} amps in, volts at the far cut mark (no current flows past the last tap, so its own volts) */
    private static function ends(StripType $strip, int $units, float $fedV, float $rails, float $scale): array
    {
        $scaled = new StripType(
            $strip->nominalV,
            $strip->wattsPerM * $scale,
            $strip->ledsPerM,
            $strip->ledsPerCut,
            $strip->vfV,
            $strip->railOhmPerM * $rails,
            $strip->commonOhmPerM * $rails,
            $strip->seriesLeds,
        );
        $builder = new NetworkBuilder();
        $builder->hold('common', 0.0);
        $builder->hold('channel', $fedV);
        $mark = [];
        foreach (range(0, $strip->channels() - 1) as $c) {
            $builder->join('channel', "c{$c}");
            $mark[] = "c{$c}";
        }
        $ladder = $scaled->ladder();
        $places = $builder->ladder('s', new StripLadder($ladder->laws, $ladder->ohm, $ladder->commonOhm), $units, [
            0 => [...$mark, 'common'],
        ]);
        $network = $builder->build();
        $solution = Solver::solve($network);

        return [
            $solution->leaving[$builder->places()['channel']],
            Extreme::least(array_map(fn (array $row): float => $row[$units - 1], $places->volts($network, $solution))),
        ];
    }
}
