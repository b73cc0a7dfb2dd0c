<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Quantity\Gauge;

/** Conductors: ohms, allowed amps and the ladder of sizes (electrics.md 4). */
final class Copper
{
    /** Free-air amps by AWG: one conductor, 105 °C insulation, 30 °C ambient. */
    public const AMPS = [
        28 => 3.0,
        26 => 4.5,
        24 => 7.0,
        22 => 10.0,
        20 => 12.0,
        18 => 20.0,
        16 => 25.0,
        14 => 35.0,
        12 => 45.0,
        10 => 60.0,
        8 => 80.0,
    ];

    /** What a wire's insulation bears unless the wire says more (electrics.md 11 b), °C. */
    public const INSULATION_C = 80.0;

    /** Largest fuse by least copper, whatever the insulation bears: wires lie in looms and trim (electrics.md 11 a). */
    public const CEILING_A = [
        [0.08, 1.0],
        [0.2, 2.0],
        [0.32, 5.0],
        [0.5, 7.5],
        [0.75, 10.0],
        [1.0, 15.0],
        [1.5, 20.0],
        [2.5, 30.0],
        [4.0, 40.0],
        [6.0, 60.0],
        [10.0, 80.0],
    ];

    public const METRIC_MM2 = [0.22, 0.35, 0.5, 0.75, 1.0, 1.5, 2.5, 4.0, 6.0];

    /** Outside of a single insulated wire by AWG, mm. */
    private const OUTSIDE_MM = [
        28 => 1.0,
        26 => 1.2,
        24 => 1.4,
        22 => 1.6,
        20 => 1.9,
        18 => 2.3,
        16 => 2.7,
        14 => 3.3,
        12 => 3.9,
        10 => 4.8,
        8 => 6.3,
    ];

    /** Outside of a single wire, mm: linear in ln(area) between the gauges of the table, held at its ends. */
    public static function outsideMm(float $areaMm2): float
    {
        $x = log(max(1e-6, $areaMm2));
        $before = null;
        foreach (self::OUTSIDE_MM as $awg => $mm) {
            $at = log(Gauge::areaOfAwg($awg));
            if ($x <= $at) {
                return $before === null
                    ? $mm
                    : $before[1] + (($mm - $before[1]) * ($x - $before[0])) / ($at - $before[0]);
            }
            $before = [$at, $mm];
        }

        return self::OUTSIDE_MM[8];
    }

    private const OHM_MM2_PER_M = 0.017241;

    private const PER_KELVIN = 0.00393;

    private const ALUMINIUM = 1.55;

    public static function ohmPerM(float $areaMm2, float $celsius = 20.0, string $material = 'copper'): float
    {
        return (self::OHM_MM2_PER_M / $areaMm2) *
            (1 + self::PER_KELVIN * ($celsius - 20.0)) *
            ($material === 'copper' ? 1.0 : self::ALUMINIUM);
    }

    /** Free-air amps by area: linear in ln(area) between the gauges of the table, and no further than its ends by that slope. */
    public static function freeAirA(float $areaMm2): float
    {
        $points = [];
        foreach (self::AMPS as $awg => $amps) {
            $points[] = [log(Gauge::areaOfAwg($awg)), $amps];
        }
        $x = log($areaMm2);
        foreach (array_slice($points, 1) as $i => [$x1, $a1]) {
            [$x0, $a0] = $points[$i];
            if ($x <= $x1 + 1e-12) {
                // Below the thinnest gauge the line would cross zero; amps then follow the area.
                return $x < $x0 ? $a0 * exp($x - $x0) : $a0 + (($a1 - $a0) * ($x - $x0)) / ($x1 - $x0);
            }
        }

        return $points[count($points) - 1][1];
    }

    /** The largest fuse that may stand before this much copper (electrics.md 11 a), amps; under the table by its area. */
    public static function ceilingA(float $areaMm2): float
    {
        $ceiling = (self::CEILING_A[0][1] * $areaMm2) / self::CEILING_A[0][0];
        foreach (self::CEILING_A as [$least, $amps]) {
            if ($areaMm2 >= $least - 1e-9) {
                $ceiling = $amps;
            }
        }

        return $ceiling;
    }

    /**
     * The least copper of a lead by where it lies (electrics.md 11 c): on a boat ISO 10133 asks for more. What it moves on adds
     * nothing to the area but wants fine strands.
     *
     * @param  int  $cores  of its cable; more than one count as sheathed together
     */
    public static function leastMm2(string $place, int $cores = 1): float
    {
        return $place !== 'boat' ? 0.5 : ($cores > 1 ? 0.75 : 1.0);
    }

    /**
     * Amps allowed in this place. 0 where the place is hotter than the insulation bears.
     *
     * @param  int  $bundle  loaded wires side by side
     */
    public static function allowedA(
        float $areaMm2,
        float $insulationC = self::INSULATION_C,
        float $ambientC = 30.0,
        int $bundle = 1,
    ): float {
        if ($ambientC >= $insulationC) {
            return 0.0;
        }
        $ambient = $insulationC > 30.0 ? min(1.0, sqrt(($insulationC - $ambientC) / ($insulationC - 30.0))) : 0.0;
        $insulation = sqrt(max(0.0, $insulationC - 30.0) / 75.0);
        $together = match (true) {
            $bundle <= 1 => 1.0,
            $bundle <= 3 => 0.7,
            $bundle <= 6 => 0.6,
            default => 0.5,
        };

        return self::freeAirA($areaMm2) * $ambient * $insulation * $together;
    }

    /** @return list<Gauge> thinnest first */
    public static function sizes(string $system): array
    {
        return $system === 'awg'
            ? array_map(Gauge::awg(...), array_keys(self::AMPS))
            : array_map(Gauge::mm2(...), self::METRIC_MM2);
    }
}
