<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Steps that are done in one go, without going away between them. */
final class Chains
{
    /** @return array<string, string> step => the first step of its chain */
    public static function of(StepList $steps): array
    {
        $group = [];
        foreach (array_keys($steps->job->build->holes) as $hole) {
            self::chain($steps, $group, "mark:{$hole}", "look:{$hole}", "drill:{$hole}", "dress:{$hole}");
        }
        foreach ($steps->of('join') as $join) {
            $id = $join->subject;
            self::chain($steps, $group, "sleeve:{$id}", $join->key, "pull:{$id}");
        }
        foreach ($steps->of('stick') as $stick) {
            self::chain($steps, $group, "clean:{$stick->subject}", $stick->key);
        }
        foreach ($steps->of('close') as $close) {
            self::chain($steps, $group, $close->key, "tighten:{$close->subject}");
        }
        foreach ($steps->job->assemblies->pieces as $key => $piece) {
            $flags = [];
            foreach ($piece->ends() as [$core, $end]) {
                $flags[] = "flag:{$piece->lead->id}.{$core}.".['from', 'to'][$end];
            }
            self::chain($steps, $group, "cut:{$key}", ...$flags);
            self::ends($steps, $group, $piece);
        }

        return $group;
    }

    /**
     * The cores of one end are made one after the other: crimped, then landed where they go.
     *
     * @param  array<string, string>  $group
     */
    private static function ends(StepList $steps, array &$group, Piece $piece): void
    {
        $pulls = $lands = [];
        foreach ($piece->ends() as [$core, $end]) {
            $at = "{$piece->lead->id}.{$core}.".['from', 'to'][$end];
            $pulls[] = "pull:{$at}";
            $land = $steps->get("land:{$at}");
            if ($land !== null) {
                $lands["{$end} {$land->reach} {$land->power} {$land->about[1]}"][] = $land->key;
            }
        }
        self::chain($steps, $group, ...$pulls);
        foreach ($lands as $keys) {
            self::chain($steps, $group, ...$keys);
        }
    }

    /** @param  array<string, string>  $group */
    private static function chain(StepList $steps, array &$group, string ...$keys): void
    {
        $there = array_values(array_filter($keys, fn (string $k): bool => $steps->get($k) !== null));
        foreach ($there as $key) {
            $group[$key] = $there[0];
        }
    }
}
