<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Mark;
use BenchGlow\Layout\Piece;

/**
 * Drain holes in the board a panel's sources sit on: open to water, closed to light (layout-harness.md 4).
 * A line from a source h above the board through a hole d wide in a sheet t thick is free while r ≤ d·h/t + d/2,
 * r from under the source to the middle of the hole.
 */
final class Drain
{
    /** Light leaves a strip's LEDs so high above the board, m. */
    private const ABOVE_M = 0.002;

    /**
     * @return list<array{n: int, mark: Mark, short_m: float}> holes that show a bare source, and by how much they are too near
     */
    public static function lit(Piece $piece, Laid $panel): array
    {
        $above = ($panel->light()?->part->numberOrNull('height_mm') ?? 1000 * self::ABOVE_M) / 1000;
        $all = [];
        foreach ($piece->marks as $n => $mark) {
            if ($mark->kind !== 'drain' || $mark->coveredBy !== '') {
                continue;
            }
            $wide = ($mark->drillMm ?? 5.0) / 1000;
            $free = ($wide * $above) / max(1e-4, $piece->thicknessMm / 1000) + $wide / 2;
            $near = self::nearest($panel, [$piece->leftM($mark), $mark->atM[1]]);
            if ($near <= $free) {
                $all[] = ['n' => $n, 'mark' => $mark, 'short_m' => $free - $near];
            }
        }

        return $all;
    }

    /** @param  array{float, float}  $hole  on the piece */
    private static function nearest(Laid $panel, array $hole): float
    {
        $dot = $panel->seen($hole);
        $least = INF;
        foreach ($panel->seats() as $source) {
            $least = min($least, hypot($source->x - $dot[0], $source->y - $dot[1]));
        }

        return $least;
    }
}
