<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;

/** What a host of its place can usually switch, and the build does not know of yet. */
final readonly class HostSwitches
{
    /**
     * @param  callable(string): string  $free  an id nothing has yet, near a wish
     * @return list<Fields> inputs
     */
    public static function missing(Build $build, string $place, callable $free): array
    {
        $there = array_map(Condition::kind(...), $build->inputs);
        $missing = [];
        foreach (array_diff(Tables::hostInputs($place), $there) as $kind) {
            [$label, $positions] = Tables::input($kind);
            $missing[] = new Fields([
                'id' => $free($kind),
                'label' => $label,
                'kind' => self::kind($kind),
                'positions' => $positions,
            ]);
        }

        return $missing;
    }

    /** The kind of the file for a kind of its own here. */
    public static function kind(string $kind): string
    {
        return ['charger' => 'load', 'dimmer' => 'other'][$kind] ?? $kind;
    }
}
