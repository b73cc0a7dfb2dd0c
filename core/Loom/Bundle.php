<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

/** Round things side by side in a stretch, and the sleeve round them (layout-harness.md 8, bundle and sleeve). */
final class Bundle
{
    /** How much wider than √Σd² equal circles pack, by their number. */
    private const PACKS = [1 => 1.0, 2 => 1.414, 3 => 1.244, 4 => 1.207, 5 => 1.208, 6 => 1.225, 7 => 1.134];

    private const MANY = 1.2;

    /** Inside of sleeves that are sold, mm. */
    public const SLEEVES_MM = [5.0, 6.5, 8.0, 10.0, 13.0, 16.0, 19.0, 25.0, 32.0, 38.0];

    /** A bundle is pulled into a sleeve that is at least this much wider. */
    private const GOES_IN = 0.95;

    /**
     * Least circle around them, mm.
     *
     * @param  list<float>  $mm  outside of each
     */
    public static function around(array $mm): float
    {
        if ($mm === []) {
            return 0.0;
        }
        rsort($mm);
        $two = $mm[0] + ($mm[1] ?? 0.0);

        return max($two, self::packs(count($mm)) * sqrt(self::squares($mm)));
    }

    public static function packs(int $n): float
    {
        return self::PACKS[$n] ?? self::MANY;
    }

    /**
     * Share of a sleeve's area that is filled.
     *
     * @param  list<float>  $mm
     */
    public static function fill(array $mm, float $insideMm): float
    {
        return self::squares($mm) / ($insideMm * $insideMm);
    }

    /**
     * @param  list<float>  $mm
     * @param  float  $most  fill that is borne
     */
    public static function fits(array $mm, float $insideMm, float $most): bool
    {
        return self::fill($mm, $insideMm) <= $most + 1e-9 && self::around($mm) <= self::GOES_IN * $insideMm + 1e-9;
    }

    /**
     * The least sleeve that takes them; null where none that is sold does.
     *
     * @param  list<float>  $mm
     * @param  bool  $grows  one larger, for what is promised to come
     */
    public static function sleeve(array $mm, float $most, bool $grows = false): ?float
    {
        foreach (self::SLEEVES_MM as $n => $inside) {
            if (self::fits($mm, $inside, $most)) {
                return $grows ? self::SLEEVES_MM[$n + 1] ?? null : $inside;
            }
        }

        return null;
    }

    /** @param  list<float>  $mm */
    private static function squares(array $mm): float
    {
        return array_sum(array_map(fn (float $d): float => $d * $d, $mm));
    }
}
