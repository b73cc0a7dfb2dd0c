<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

/** Heat-shrink over a joint (layout-harness.md 9; electrics.md 10). */
final class Tubes
{
    /** Supplied and recovered, mm; 2:1. */
    public const PLAIN = [
        [1.6, 0.8],
        [2.4, 1.2],
        [3.2, 1.6],
        [4.8, 2.4],
        [6.4, 3.2],
        [9.5, 4.8],
        [12.7, 6.4],
        [19.0, 9.5],
        [25.4, 12.7],
    ];

    /** The same, lined with glue; 3:1. */
    public const LINED = [[3.0, 1.0], [6.0, 2.0], [9.0, 3.0], [12.0, 4.0], [18.0, 6.0], [24.0, 8.0]];

    /** Goes over with this much room, and shrinks to this share of the joint at least. */
    private const OVER = 1.25;

    private const GRIPS = 0.8;

    /** Glue fills a gap this much wider than the thinner side. */
    private const GLUED = 1.1;

    private const EACH_END_MM = 10.0;

    private const STEP_MM = 5.0;

    /** Width of a joint by its copper, mm. */
    public static function jointMm(float $areasMm2): float
    {
        return 1.6 * sqrt((4 * $areasMm2) / M_PI);
    }

    /**
     * All that fit, the plain ones first unless a lined one is wanted.
     *
     * @param  list<float>  $sidesMm  bundle of each side
     * @return list<array{supplied_mm: float, recovered_mm: float, lined: bool}>
     */
    public static function fits(float $jointMm, array $sidesMm, bool $lined = false): array
    {
        $thinner = $sidesMm === [] ? 0.0 : min($sidesMm);
        $widest = max($jointMm, ...$sidesMm, ...[0.0]);
        $all = [];
        foreach ($lined ? [true] : [false, true] as $glue) {
            foreach ($glue ? self::LINED : self::PLAIN as [$supplied, $recovered]) {
                $holds = $recovered <= $thinner * ($glue ? self::GLUED : 1.0) + 1e-9;
                if ($supplied >= self::OVER * $widest - 1e-9 && $recovered <= self::GRIPS * $widest + 1e-9 && $holds) {
                    $all[] = ['supplied_mm' => $supplied, 'recovered_mm' => $recovered, 'lined' => $glue];
                }
            }
        }

        return $all;
    }

    /** Cut so long, to 5 mm. */
    public static function lengthMm(float $jointLongMm): int
    {
        return (int) (ceil(($jointLongMm + 2 * self::EACH_END_MM) / self::STEP_MM - 1e-9) * self::STEP_MM);
    }
}
