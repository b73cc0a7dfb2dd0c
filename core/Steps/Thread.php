<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Whether what is made on an assembly goes through the narrowest hole on its way (build-handover.md 4, thread first). */
final class Thread
{
    private const PLUG_MM = 8.0;

    private const WAY_MM = 3.0;

    /** The narrowest hole an assembly goes through, mm; null where it goes through none. */
    public static function narrowest(Job $job, Assembly $one): ?float
    {
        $least = null;
        foreach ($job->build->holes as $hole) {
            $through = in_array($hole->for, $one->stretches, true) || in_array($hole->for, $one->about(), true);
            if ($through) {
                $least = min($least ?? INF, $hole->mm);
            }
        }

        return $least;
    }

    /** How wide a plug is: as its part says, else by its ways. */
    public static function plugMm(Job $job, string $plug): float
    {
        $part = $job->build->devices[$plug]->part->fields;
        $ways = $part->integer('ways', 2);

        return $part->numberOrNull('width_mm') ?? self::PLUG_MM + self::WAY_MM * $ways;
    }

    /** Plugs of an assembly that are made only after it was laid. */
    public static function isThreaded(Job $job, Assembly $one, string $plug): bool
    {
        $hole = self::narrowest($job, $one);

        return $hole !== null && self::plugMm($job, $plug) > $hole;
    }
}
