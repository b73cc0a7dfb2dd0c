<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Lists\LoomList;
use BenchGlow\Loom\Stretch;
use WeakMap;

/** What rules of the loom ask, worked out once for all of them. */
final class LoomSeen
{
    /** The last one asked for: it names its analysis, so that a weak map would let go of none. */
    private static ?LoomList $last = null;

    /** @var WeakMap<Analysis, array<string, true>>|null */
    private static ?WeakMap $unfused = null;

    public static function of(Analysis $analysis): LoomList
    {
        if (self::$last?->analysis !== $analysis) {
            self::$last = new LoomList($analysis);
        }

        return self::$last;
    }

    /** @return array<string, Stretch> stretches with wires in them */
    public static function used(Analysis $analysis): array
    {
        return array_filter(self::of($analysis)->loom->stretches, fn (Stretch $s): bool => $s->leads !== []);
    }

    /** The circuit of a stretch where all its leads are of one. */
    public static function circuit(Analysis $analysis, Stretch $stretch): ?string
    {
        $all = array_unique(array_map(fn (string $l): ?string => $analysis->build->leads[$l]->circuit, $stretch->leads));

        return count($all) === 1 ? $all[0] : null;
    }

    /** @return array<string, true> leads that lie before the first fuse of what feeds a light */
    public static function unfused(Analysis $analysis): array
    {
        /** @var WeakMap<Analysis, array<string, true>> $known */
        $known = self::$unfused ??= new WeakMap();
        if (isset($known[$analysis])) {
            return $known[$analysis];
        }
        $all = [];
        foreach ($analysis->build->lights as $light) {
            foreach ($analysis->harness->wiredPins($light->id) as $pin) {
                foreach ($analysis->paths->feed($pin) ?? [] as $step) {
                    if (in_array($step->kind, ['fuse', 'host_fuse'], true)) {
                        break;
                    }
                    $lead = $analysis->build->leads[$step->lead] ?? null;
                    if ($lead !== null && ! self::hasFuse($lead)) {
                        $all[$lead->id] = true;
                    }
                }
            }
        }

        return $known[$analysis] = $all;
    }

    private static function hasFuse(Lead $lead): bool
    {
        foreach ($lead->inline as $thing) {
            if ($thing->kind === 'fuse') {
                return true;
            }
        }

        return false;
    }
}
