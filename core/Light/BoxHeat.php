<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** How warm a closed box of light gets: ΔT = P/(6·outside area), W and m² (layout-harness.md 5). */
final class BoxHeat
{
    private const W_PER_M2_K = 6.0;

    /** What is left between the box and where its material softens, K (electrics.md 10). */
    public const MARGIN_K = 15.0;

    public static function rise(float $watts, float $areaM2): float
    {
        return $areaM2 <= 0.0 ? 0.0 : $watts / (self::W_PER_M2_K * $areaM2);
    }
}
