<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;
use BenchGlow\Loom\Loom;
use BenchGlow\Scene\Scene;

/** How many cores of a stretch carry at once: what warms what (layout-harness.md 8; electrics.md 4). */
final class Loaded
{
    /** A core that carries less than this share of the stretch's largest warms nothing. */
    private const SHARE = 0.1;

    private const LEAST_A = 0.05;

    /**
     * The most, over all states.
     *
     * @param  list<Scene>  $scenes  at the highest supply
     * @return array<string, int> stretch => cores that carry
     */
    public static function cores(Build $build, Harness $harness, array $scenes): array
    {
        $wires = [];
        foreach ($harness->wires as $id => $wire) {
            $wires[$wire->lead][$wire->core][] = (string) $id;
        }
        $most = [];
        foreach (Loom::of($build)->stretches as $stretch => $laid) {
            $most[$stretch] = 0;
            $cores = [];
            foreach ($laid->leads as $lead) {
                array_push($cores, ...array_values($wires[$lead] ?? []));
            }
            foreach ($cores === [] ? [] : $scenes as $scene) {
                $most[$stretch] = max($most[$stretch], self::carrying($cores, $scene->lit->amps));
            }
        }

        return $most;
    }

    /**
     * @param  list<list<string>>  $cores  wires of each core
     * @param  array<string, float>  $amps
     */
    public static function carrying(array $cores, array $amps): int
    {
        $peaks = [];
        foreach ($cores as $wires) {
            $peaks[] = max(0.0, ...array_map(fn (string $w): float => abs($amps[$w] ?? 0.0), $wires));
        }
        $largest = max(0.0, ...$peaks);

        return count(
            array_filter($peaks, fn (float $a): bool => $a >= self::LEAST_A && $a >= self::SHARE * $largest - 1e-12),
        );
    }

    /**
     * Wires that warm each lead where it lies closest: the first pair does not warm itself twice.
     *
     * @param  array<string, int>  $cores
     * @return array<string, int> lead => bundle number
     */
    public static function bundles(Build $build, array $cores): array
    {
        $all = [];
        foreach (Loom::of($build)->leads as $id => $way) {
            $all[$id] = 1;
            foreach ($way->stretches ?? [] as $stretch) {
                $all[$id] = max($all[$id], ($cores[$stretch] ?? 0) - 1);
            }
        }

        return $all;
    }
}
