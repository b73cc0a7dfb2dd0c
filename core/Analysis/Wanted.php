<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Want;
use BenchGlow\Scene\Scene;

/** What a circuit's wants ask of an emitter in a state (solving.md H). */
final class Wanted
{
    /** @return array{string, bool} level and flash of the first want that holds, else dark */
    public static function of(Build $build, Circuit $circuit, Scene $scene, string $light, string $emitter): array
    {
        $rest = $build->restPositions();
        foreach ($circuit->wants as $want) {
            if (self::names($want, $light, $emitter) && $want->when->holds([...$rest, ...$scene->inputs], $rest)) {
                return [$want->level, $want->flash];
            }
        }

        return ['dark', false];
    }

    private static function names(Want $want, string $light, string $emitter): bool
    {
        return in_array($light, $want->glow, true) || in_array("{$light}.{$emitter}", $want->glow, true);
    }

    /**
     * Light and emitter of everything the wants name.
     *
     * @return list<array{string, string}>
     */
    public static function named(Build $build, Circuit $circuit): array
    {
        $named = [];
        foreach ($build->lights as $light) {
            foreach (array_keys($light->emitters()) as $emitter) {
                foreach ($circuit->wants as $want) {
                    if (self::names($want, $light->id, $emitter)) {
                        $named["{$light->id}.{$emitter}"] = [$light->id, $emitter];
                    }
                }
            }
        }

        return array_values($named);
    }
}
