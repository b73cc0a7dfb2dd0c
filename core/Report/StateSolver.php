<?php

declare(strict_types=1);

namespace BenchGlow\Report;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Compiler;
use BenchGlow\Network\Solution;
use BenchGlow\Network\Solver;
use BenchGlow\Scene\Bodies;

/** Compiles and solves one supply state and reads the answer back into pins, wires and lights. */
final class StateSolver
{
    /** A supply pushing this many times its rated amps, or half its short-circuit amps, is shorted (solving.md F7). */
    private const SHORT_TIMES = 3.0;

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  array<string, true>  $closed  contacts that are closed
     */
    public static function solve(Build $build, Harness $harness, array $wiring, string $name, ?Bodies $bodies = null, array $closed = []): State
    {
        $compiled = Compiler::compile($build, $harness, $wiring, $name, $bodies, $closed);
        $solution = Solver::solve($compiled->network);
        $volts = array_map(fn (int $node): ?float => isset($solution->floating[$node]) ? null : $solution->volts[$node], $compiled->nodeOf);
        $floating = array_map(fn (int $node): string => 'floating behind '.$compiled->network->nodes[$solution->floating[$node]],
            array_filter($compiled->nodeOf, fn (int $node): bool => isset($solution->floating[$node])));
        $supplyAmps = array_map(fn (int $k): float => $solution->sourceAmps[$k], $compiled->sourceOf);

        return new State(
            $name, $solution->solved, self::reason($build, $solution, $supplyAmps, $name), $solution->residualA, $solution->newton, $volts,
            array_map(fn (int $k): float => $solution->amps[$k], $compiled->branchOf), $supplyAmps, self::lights($build, $compiled, $solution), $floating,
        );
    }

    /** @param  array<string, float>  $supplyAmps */
    private static function reason(Build $build, Solution $solution, array $supplyAmps, string $name): ?string
    {
        $reasons = $solution->reasons;
        foreach ($build->supplies as $id => $supply) {
            $limit = $supply->maxCurrentA !== null ? self::SHORT_TIMES * $supply->maxCurrentA : 0.5 * $supply->volts($name) / max($supply->ohm, 1e-3);
            if ($supplyAmps[$id] > $limit) {
                $reasons[] = "short through {$id}";
            }
        }

        return $reasons === [] ? null : implode('; ', $reasons);
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
                $amps = $ladder->amps($compiled->network, $solution);
                $volts = $ladder->volts($compiled->network, $solution);
                foreach (array_keys($emitters) as $c => $emitter) {
                    $all[$light->id][$emitter] = self::emitter($light->emitterName($emitter), $emitters[$emitter],
                        array_map(fn (float $a): float => $a / $unitA, $amps[$c]), $amps[$c], $volts[$c]);
                }

                continue;
            }
            foreach ($emitters as $emitter => $colour) {
                [$flux, $amps, $volts] = [[], [], []];
                foreach ($compiled->emitters[$light->id] ?? [] as $place) {
                    if ($place->emitter !== $emitter) {
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
                $all[$light->id][$emitter] = self::emitter($light->emitterName($emitter), $colour, $flux, $amps, $volts);
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
        return new EmitterState($name, $colour, array_map(fn (float $f): float => max(0.0, $f), $flux), $volts,
            array_sum(array_map(fn (float $a, float $v): float => $a * $v, $amps, $volts)));
    }
}
