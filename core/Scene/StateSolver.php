<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Solution;
use BenchGlow\Network\Solver;

/** Compiles and solves one supply state and reads the answer back into pins, wires and lights. */
final class StateSolver
{
    /** A supply pushing this many times its rated amps, or half its short-circuit amps, is shorted (solving.md F7). */
    private const SHORT_TIMES = 3.0;

    /** A fuse carrying this many times its value is part of a short. */
    private const FUSE_TIMES = 10.0;

    /** @param  string  $name  min · nominal · max, as it was compiled for */
    public static function solve(Build $build, Compiled $compiled, string $name): State
    {
        $solution = Solver::solve($compiled->network, $compiled->structure);
        $volts = array_map(
            fn (int $node): ?float => isset($solution->floating[$node]) ? null : $solution->volts[$node],
            $compiled->nodeOf,
        );
        $floating = array_map(
            fn (int $node): string => 'floating behind '.$compiled->network->nodes[$solution->floating[$node]],
            array_filter($compiled->nodeOf, fn (int $node): bool => isset($solution->floating[$node])),
        );
        $supplyAmps = array_map(fn (int $k): float => $solution->sourceAmps[$k], $compiled->sourceOf);

        $amps = array_map(fn (int $k): float => $solution->amps[$k], $compiled->branchOf);
        $lights = self::lights($build, $compiled, $solution);

        return new State(
            $name,
            $solution->solved,
            self::reason($build, $solution, $supplyAmps, $amps, $name, $lights),
            $solution->residualA,
            $solution->newton,
            $volts,
            $amps,
            $supplyAmps,
            $lights,
            $floating,
        );
    }

    /**
     * @param  array<string, float>  $supplyAmps
     * @param  array<string, float>  $amps  by wire and thing
     * @param  array<string, array<string, EmitterState>>  $lights
     */
    private static function reason(
        Build $build,
        Solution $solution,
        array $supplyAmps,
        array $amps,
        string $name,
        array $lights,
    ): ?string {
        $reasons = $solution->reasons;
        foreach ($build->supplies as $id => $supply) {
            $given = $supplyAmps[$id];
            $half = (0.5 * $supply->volts($name)) / max($supply->ohm, 1e-3);
            $limited = $supply->limitA() !== null;
            $short = $limited || $supply->maxCurrentA === null ? $half : self::SHORT_TIMES * $supply->maxCurrentA;
            if ($given > $short) {
                $reasons[] = 'short through '.self::through($build, $amps)." from {$id}";
            } elseif ($given > $supply->faultA()) {
                // Its own limit lets the volts fall before anything burns: an overload, not a short (electrics.md 11 f).
                $reasons[] = "{$id} is overloaded";
            }
        }
        $shorted = $reasons === $solution->reasons ? self::shorted($build, $amps, $lights) : null;
        if ($shorted !== null) {
            $reasons[] = "short through {$shorted}";
        }

        return $reasons === [] ? null : implode('; ', $reasons);
    }

    /**
     * The fuse a short runs through, of several in a row the one that opens first; else the lead that carries most.
     *
     * @param  array<string, float>  $amps
     */
    private static function through(Build $build, array $amps): string
    {
        $most = ['', 0.0];
        foreach ($build->leads as $lead) {
            foreach (array_keys($lead->cores) as $c) {
                $a = abs($amps["{$lead->id}.".($c + 1).'.1'] ?? 0.0);
                $most = $a > $most[1] ? [$lead->id, $a] : $most;
            }
        }
        $fuse = null;
        foreach (self::fuses($build) as $id => [$branch, $value]) {
            if (abs($amps[$branch] ?? 0.0) > 0.5 * $most[1] && ($fuse === null || $value < $fuse[1])) {
                $fuse = [$id, $value];
            }
        }

        return $fuse[0] ?? $most[0];
    }

    /** @return array<string, array{string, float}> everything with a fuse: the branch of it and its amps; INF: not chosen */
    private static function fuses(Build $build): array
    {
        $all = [];
        foreach ($build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $all[$thing->id] = [$thing->id, $thing->fuseA ?? INF];
                }
            }
        }
        foreach ($build->ways as $way) {
            if ($way->fuseA !== null) {
                $all[$way->id] = ["{$way->id}.fuse", $way->fuseA];
            }
        }
        foreach ($build->devices as $id => $device) {
            if ($device instanceof FuseTapDevice) {
                $all[$id] = ["{$id}.fuse", $device->fuseA() ?? INF];
            }
        }

        return $all;
    }

    /** @return array<string, array<string, EmitterState>> */
    private static function lights(Build $build, Compiled $compiled, Solution $solution): array
    {
        $all = [];
        foreach ($build->lights as $light) {
            $emitters = $light->emitters();
            $all[$light->id] = [];
            $ladder = $compiled->ladders[$light->id] ?? null;
            if ($ladder !== null) {
                $unitA = $light->strip()->unitA();
                $amps = $ladder->amps($solution);
                $volts = $ladder->volts($compiled->network, $solution);
                foreach (array_keys($emitters) as $c => $emitter) {
                    $flux = [];
                    $watts = 0.0;
                    foreach ($amps[$c] as $k => $a) {
                        $flux[] = $a > 0.0 ? $a / $unitA : 0.0;
                        $watts += $a * $volts[$c][$k];
                    }
                    $all[$light->id][$emitter] = new EmitterState(
                        $light->emitterName((string) $emitter),
                        $emitters[$emitter],
                        $flux,
                        $volts[$c],
                        $watts,
                    );
                }

                continue;
            }
            foreach ($emitters as $emitter => $colour) {
                [$flux, $amps, $volts] = [[], [], []];
                foreach ($compiled->emitters[$light->id] ?? [] as $place) {
                    if ($place->emitter !== (string) $emitter) {
                        continue;
                    }
                    $branch = $compiled->network->branches[$place->branch];
                    $u = ($solution->volts[$branch->from] ?? 0.0) - ($solution->volts[$branch->to] ?? 0.0);
                    $a = $solution->amps[$place->branch] / $place->parallel;
                    for ($n = 0; $n < $place->parallel; $n++) {
                        $flux[] = ($place->byWatts ? $a * $u : $a) / $place->rated;
                        $amps[] = $a;
                        $volts[] = $u;
                    }
                }
                $all[$light->id][$emitter] = self::emitter(
                    $light->emitterName((string) $emitter),
                    $colour,
                    $flux,
                    $amps,
                    $volts,
                );
            }
        }

        return $all;
    }

    /**
     * @param  list<float>  $flux
     * @param  list<float>  $amps
     * @param  list<float>  $volts
     */
    private static function emitter(string $name, string $colour, array $flux, array $amps, array $volts): EmitterState
    {
        // The leak of a dark junction is no light; reverse current counts as none.
        return new EmitterState(
            $name,
            $colour,
            array_map(fn (float $f): float => max(0.0, $f), $flux),
            $volts,
            array_sum(array_map(fn (float $a, float $v): float => $a * $v, $amps, $volts)),
        );
    }

    /**
     * The first fuse that opens at once, by more than what glows behind it explains: a fuse far too small for its lights is no short.
     *
     * @param  array<string, float>  $amps
     * @param  array<string, array<string, EmitterState>>  $lights
     */
    private static function shorted(Build $build, array $amps, array $lights): ?string
    {
        $watts = 0.0;
        foreach (array_merge([], ...array_values($lights)) as $emitter) {
            $watts += $emitter->watts;
        }
        $loadA = $watts / max(1.0, $build->mainSupply()->minV ?? 12.0);
        foreach (self::fuses($build) as $id => [$branch, $value]) {
            $a = abs($amps[$branch] ?? 0.0);
            if ($a > self::FUSE_TIMES * $value && $a > self::SHORT_TIMES * $loadA + 1.0) {
                return $id;
            }
        }

        return null;
    }
}
