<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Harness\Paths;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Scene;

/** One emitter in one state held against its want: as it should be, not so, or not to be told and why. */
final readonly class Judgement
{
    /**
     * @param  Mismatch|null  $miss  what is wrong; null: nothing, or it can't be told
     * @param  string|null  $why  why it can't be told; null: it can
     */
    private function __construct(public ?Mismatch $miss, public ?string $why)
    {
    }

    public static function of(
        Build $build,
        Circuit $circuit,
        Scene $scene,
        string $light,
        string $emitter,
        Paths $paths,
    ): self {
        $solved = $scene->lit->lights[$light][$emitter] ?? null;
        if ($solved === null || $solved->flux === [] || ! $paths->fed($light)) {
            return new self(null, "`{$light}` has no way to a supply");
        }
        if ($scene->solved()) {
            return new self(self::missed($build, $circuit, $scene, $light, $emitter, $solved, $paths), null);
        }
        $each = array_map(
            fn (Scene $s): self => self::of($build, $circuit, $s, $light, $emitter, $paths),
            $scene->either,
        );
        $told = array_values(array_unique(array_map(fn (self $j): string => $j->told(), $each)));

        // Whichever way the chattering contact stands: what is alike both ways is so.
        return count($told) === 1 && $each[0]->why === null
            ? $each[0]
            : new self(null, $scene->remark() ?? 'not solved');
    }

    private function told(): string
    {
        return $this->why ?? ($this->miss === null ? '' : "{$this->miss->wanted} {$this->miss->solved}");
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
    public static function missed(
        Build $build,
        Circuit $circuit,
        Scene $scene,
        string $light,
        string $emitter,
        EmitterState $solved,
        Paths $paths,
    ): ?Mismatch {
        [$wanted, $flash] = Wanted::of($build, $circuit, $scene, $light, $emitter);
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
                Blame::of($build, $scene, $light, $emitter, $wanted, $flash, $paths)->because(),
            );
    }
}
