<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\Paths;
use BenchGlow\Harness\Step;
use BenchGlow\Parts\Copper;
use BenchGlow\Sizing\FuseWindow;

/** The fuses of a build: what each protects, its window, and whether a short at the far end opens it (electrics.md 5). */
final class Fuses
{
    /** @return array<string, array{string, float|null, string}> fuse => lead, chosen amps, form */
    public static function fuseIds(Build $build): array
    {
        $all = [];
        foreach ($build->leads as $id => $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $all[$thing->id] = [$id, $thing->fuseA, $thing->form];
                }
            }
        }

        return $all;
    }

    /**
     * The fuse each lead must bear: the smallest value for what runs through the fuse before it.
     *
     * @param  array<string, LeadWire>  $thick
     * @param  array<string, float>  $peak  most amps by wire and thing
     * @return array<string, float>
     */
    public static function fuseDemand(Build $build, Harness $harness, Paths $paths, array $thick, array $peak): array
    {
        $demand = [];
        foreach (self::fuseIds($build) as $fuse => [$lead, , $form]) {
            $value = FuseWindow::smallestFor($peak[$fuse] ?? 0.0, $thick[$lead]->ambientC, $form) ?? INF;
            foreach ([...$paths->behind($fuse)[0]] as $wire) {
                $behind = $harness->wires[$wire]->lead;
                $demand[$behind] = max($demand[$behind] ?? 0.0, $value);
            }
        }

        return $demand;
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  array<string, float>  $peak  most amps by wire and thing
     * @return array<string, FuseFigures>
     */
    public static function fuseFigures(Build $build, Harness $harness, Paths $paths, array $wiring, array $peak): array
    {
        $figures = [];
        foreach (self::fuseIds($build) as $fuse => [$lead, $chosen, $form]) {
            [$behind, $lights] = $paths->behind($fuse);
            $allowed = INF;
            $thinnest = null;
            foreach ($behind as $wire) {
                $a = $wiring[$harness->wires[$wire]->lead]->fuseA();
                if ($a < $allowed) {
                    [$allowed, $thinnest] = [$a, $harness->wires[$wire]->lead];
                }
            }
            $load = $peak[$fuse] ?? 0.0;
            $in = $harness->things[$fuse]->pins;
            $figures[$fuse] = new FuseFigures(
                $fuse,
                $lead,
                $chosen,
                FuseWindow::of(
                    $load,
                    is_finite($allowed) ? $allowed : $wiring[$lead]->fuseA(),
                    $wiring[$lead]->ambientC,
                    $form,
                ),
                self::shortA($build, $harness, $paths, $wiring, $fuse, $lights),
                $load,
                min($paths->metresFromPlus($in[0]) ?? 0.0, $paths->metresFromPlus($in[1]) ?? 0.0),
                $behind,
                $lights,
                $thinnest,
            );
        }

        return $figures;
    }

    /**
     * Least amps of a dead short at the far pins behind a fuse: lowest supply, copper as hot as its insulation bears. A resistor in
     * line is left out: what is shorted behind it burns no wire.
     *
     * @param  array<string, LeadWire>  $wiring
     * @param  list<string>  $lights
     */
    private static function shortA(
        Build $build,
        Harness $harness,
        Paths $paths,
        array $wiring,
        string $fuse,
        array $lights,
    ): ?float {
        $least = null;
        foreach ($lights as $light) {
            [$out, $back, $supply] = [null, null, null];
            foreach ($harness->wiredPins($light) as $pin) {
                $feed = $paths->feed($pin);
                $return = $paths->back($pin);
                if ($feed !== null && in_array($fuse, array_map(fn (Step $s): string => $s->id, $feed), true)) {
                    $out = max($out ?? 0.0, self::hotOhm($build, $wiring, $harness, $feed));
                    $supply = $build->supplies[explode('.', $feed[0]->from)[0]] ?? $supply;
                }
                if ($return !== null) {
                    $back = max($back ?? 0.0, self::hotOhm($build, $wiring, $harness, $return));
                }
            }
            if ($out !== null && $back !== null && $supply !== null) {
                $amps = min($supply->faultA(), $supply->minV / (max($supply->ohm, 1e-3) + $out + $back));
                $least = min($least ?? INF, $amps);
            }
        }

        return $least;
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  list<Step>  $steps
     */
    private static function hotOhm(Build $build, array $wiring, Harness $harness, array $steps): float
    {
        $ohm = 0.0;
        foreach ($steps as $step) {
            $wire = $wiring[$step->lead] ?? null;
            $ohm += match ($step->kind) {
                'wire' => $wire === null
                    ? 0.0
                    : max(1e-3, Copper::ohmPerM($wire->areaMm2, $wire->insulationC, $wire->material) * $step->lengthM),
                'fuse' => 1e-3,
                'contact' => 0.01,
                'plug_way' => 0.01,
                default => 0.0,
            };
        }

        return $ohm;
    }
}
