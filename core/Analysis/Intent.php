<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Want;
use BenchGlow\Harness\Paths;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Scene;

/** A circuit's wants held against the solution in every state that exists (solving.md H). */
final readonly class Intent
{
    /**
     * @param  string  $verdict  met · not_met · unknown
     * @param  list<Mismatch>  $mismatches
     */
    private function __construct(public string $verdict, public array $mismatches, public ?string $reason)
    {
    }

    /**
     * @param  list<Scene>  $scenes
     * @param  list<string>  $held  inputs that act on the circuit and were not gone through
     */
    public static function judge(Build $build, Circuit $circuit, array $scenes, Paths $paths, array $held): self
    {
        $mismatches = [];
        $unknown =
            $held === [] ? null : 'too many positions to go through: '.implode(', ', $held).' stayed at rest';
        foreach (self::named($build, $circuit) as [$light, $emitter]) {
            foreach ($scenes as $scene) {
                $solved = $scene->lit->lights[$light][$emitter] ?? null;
                if (! $scene->solved() || $solved === null || $solved->flux === []) {
                    $unknown = $scene->solved() ? "`{$light}` has no way to a supply" : $scene->remark();

                    continue;
                }
                $miss = self::hold($build, $circuit, $scene, $light, $emitter, $solved, $paths);
                if ($miss !== null) {
                    $mismatches[] = $miss;
                }
            }
        }

        return new self(
            match (true) {
                $mismatches !== [] => 'not_met',
                $unknown !== null => 'unknown',
                default => 'met',
            },
            $mismatches,
            $unknown,
        );
    }

    /** Lit in one half of the flash and dark in the other. */
    public static function flashes(Build $build, Scene $scene, string $light, string $emitter): bool
    {
        $lit = $scene->lit->lights[$light][$emitter] ?? null;
        $dark = $scene->dark->lights[$light][$emitter] ?? null;

        return $lit !== null &&
            $dark !== null &&
            $lit->greatest() > $build->settings->darkTo !== $dark->greatest() > $build->settings->darkTo;
    }

    /** What is wrong with one emitter in one state; null: nothing. */
    public static function hold(
        Build $build,
        Circuit $circuit,
        Scene $scene,
        string $light,
        string $emitter,
        EmitterState $solved,
        Paths $paths,
    ): ?Mismatch {
        [$wanted, $flash] = self::wanted($build, $circuit, $scene, $light, $emitter);
        if ($wanted === 'free') {
            return null;
        }
        $level = $solved->level($build->settings);
        $flashes = self::flashes($build, $scene, $light, $emitter);
        $ok =
            match ($wanted) {
                'on' => in_array($level, ['low', 'on', 'high'], true),
                default => $level === $wanted,
            } &&
            ($wanted === 'dark' || $flash === $flashes);

        return $ok
            ? null
            : new Mismatch(
                $scene->inputs,
                $scene->supply,
                $solved->name,
                $wanted.($flash ? ', flashing' : ''),
                $level.($flashes ? ', flashing' : ''),
                self::because($scene, $light, $wanted, $level, $paths),
            );
    }

    /** @return array{string, bool} level and flash of the first want that holds, else dark */
    public static function wanted(Build $build, Circuit $circuit, Scene $scene, string $light, string $emitter): array
    {
        $rest = $build->restPositions();
        foreach ($circuit->wants as $want) {
            if (self::names($want, $light, $emitter) && $want->when->holds([...$rest, ...$scene->inputs], $rest)) {
                return [$want->level, $want->flash];
            }
        }

        return ['dark', false];
    }

    /** The contact on the light's way that is to blame: open where light is wanted, closed where it is not. */
    private static function because(Scene $scene, string $light, string $wanted, string $level, Paths $paths): string
    {
        if (in_array($wanted, ['low', 'high'], true) && ! in_array($level, ['dark', 'ghost'], true)) {
            return 'another way than the wanted one feeds it';
        }
        if ($wanted !== 'dark' && ! $paths->fed($light)) {
            return 'it has no way to a supply and back';
        }
        $first = self::toBlame($scene, $light, $wanted === 'dark', $paths);

        return match (true) {
            $first === null => $wanted === 'dark' ? 'nothing on its way opens' : 'no contact on its way is to blame',
            $wanted === 'dark' => "contact {$first} is made",
            default => "contact {$first} is broken",
        };
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

    /** The first contact on its way that is made, or broken. */
    private static function toBlame(Scene $scene, string $light, bool $made, Paths $paths): ?string
    {
        foreach ($paths->waysTo($light) as $steps) {
            foreach ($steps as $step) {
                if ($step->kind === 'contact' && isset($scene->closed[$step->id]) === $made) {
                    return $step->id;
                }
            }
        }

        return null;
    }
}
