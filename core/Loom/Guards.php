<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** Grommets and glands: the bore fits the bundle, at most a fifth wider (layout-harness.md 11). */
final class Guards
{
    /**
     * The least on the shelf that takes a bundle.
     *
     * @param  string  $style  grommet · gland
     */
    public static function for(float $bundleMm, string $style = 'grommet'): ?Fields
    {
        $best = null;
        foreach (Catalogue::shelf('guards') as $entry) {
            $guard = $entry->object('part');
            [$least, $most] = [
                ...array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $guard->items('wires_mm')),
                0.0,
                0.0,
            ];
            $fits = $guard->text('style') === $style && $bundleMm >= $least - 1e-9 && $bundleMm <= $most + 1e-9;
            if ($fits && ($best === null || $guard->number('hole_mm') < $best->number('hole_mm'))) {
                $best = $guard;
            }
        }

        return $best;
    }
}
