<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

/** How long it takes to lay a stretch (layout-harness.md 8, ways). */
final class Hours
{
    private const PER_M = ['open' => 3.0, 'panel' => 8.0, 'buried' => 15.0];

    private const CONDUIT_MIN = 5.0;

    /** Minutes as stated, else by its length and how it is reached. */
    public static function minutes(Stretch $stretch): float
    {
        return $stretch->route->minutes ??
            $stretch->lengthM * self::PER_M[$stretch->route->access] +
                ($stretch->route->pull === 'conduit' ? self::CONDUIT_MIN : 0.0);
    }

    /** The same way laid in the open, minutes. */
    public static function open(Stretch $stretch): float
    {
        return $stretch->lengthM * self::PER_M['open'];
    }
}
