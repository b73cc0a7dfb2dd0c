<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\Paths;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Sizing\FuseWindow;
use BenchGlow\Sizing\ThinnestWire;

/** The leads of a build: the recommended wire of each and what it carries (electrics.md 4). */
final class Leads
{
    /**
     * @param  array<string, LeadWire>  $thick
     * @param  array<string, float>  $nominal  most amps by wire at the normal supply
     * @param  array<string, float>  $max  the same at any supply
     * @return array<string, array{Gauge|null, string|null}> recommended size and the reason where there is none
     */
    public static function recommend(
        Build $build,
        Harness $harness,
        Paths $paths,
        array $thick,
        array $nominal,
        array $max,
        string $system,
    ): array {
        $pathM = self::pathLengths($build, $harness, $paths);
        $fuseA = Fuses::fuseDemand($build, $harness, $paths, $thick, $max);
        $volts = $build->supplies === [] ? 12.0 : min(array_map(fn ($s): float => $s->nominalV, $build->supplies));
        $choices = [];
        foreach ($build->leads as $id => $lead) {
            $wire = $thick[$id];
            $amps = self::leadAmps($harness, $id, $nominal);
            $need = max(
                $fuseA[$id] ?? 0.0,
                FuseWindow::smallestFor(self::leadAmps($harness, $id, $max), $wire->ambientC) ?? INF,
            );
            $place = new ThinnestWire(
                $wire->meanC,
                $wire->ambientC,
                $wire->insulationC,
                $wire->bundle,
                $wire->material,
                $wire->leastMm2,
            );
            $gauge = $place->find($system, $amps, $pathM[$id] ?? 0.0, $build->settings->dropTarget * $volts, $need);
            $choices[$id] = [
                $gauge,
                match (true) {
                    $gauge !== null => null,
                    $wire->ambientC >= $wire->insulationC => 'the place is hotter than the insulation bears',
                    default => 'no size in the table does',
                },
            ];
        }

        return $choices;
    }

    /**
     * The longest way out and back of any light behind each lead, metres.
     *
     * @return array<string, float>
     */
    private static function pathLengths(Build $build, Harness $harness, Paths $paths): array
    {
        $longest = [];
        foreach ($build->lights as $light) {
            $steps = [];
            $out = 0.0;
            $back = 0.0;
            foreach ($harness->wiredPins($light->id) as $pin) {
                $feed = $paths->feed($pin);
                $return = $paths->back($pin);
                $out = max($out, $feed === null ? 0.0 : (float) $paths->metresFromPlus($pin));
                $back = max($back, $return === null ? 0.0 : (float) $paths->metresFromMinus($pin));
                array_push($steps, ...$feed ?? [], ...$return ?? []);
            }
            foreach ($steps as $step) {
                $longest[$step->lead] = max($longest[$step->lead] ?? 0.0, $out + $back);
            }
        }
        foreach ($build->leads as $id => $lead) {
            $longest[$id] ??= 2 * Harness::lengthM($build, $lead);
        }

        return $longest;
    }

    /**
     * Most amps of any core of a lead.
     *
     * @param  array<string, float>  $peak
     */
    private static function leadAmps(Harness $harness, string $lead, array $peak): float
    {
        $amps = 0.0;
        foreach ($harness->wires as $wire) {
            if ($wire->lead === $lead) {
                $amps = max($amps, $peak[$wire->id] ?? 0.0);
            }
        }

        return $amps;
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  array<string, array{Gauge|null, string|null}>  $choices
     * @param  array<string, float>  $nominal  most amps by wire at the normal supply
     * @param  array<string, float>  $peak  the same at any supply
     * @return array<string, LeadFigures>
     */
    public static function figures(
        Build $build,
        Harness $harness,
        Paths $paths,
        array $wiring,
        array $choices,
        array $nominal,
        array $peak,
    ): array {
        $figures = [];
        foreach ($build->leads as $id => $lead) {
            $figures[$id] = new LeadFigures(
                $id,
                $wiring[$id],
                $choices[$id][0],
                $choices[$id][1],
                Harness::lengthM($build, $lead),
                Loom::of($build)->leads[$id]->lengthM !== null,
                self::dropV($harness, $paths, $wiring[$id], $id, $nominal),
                self::leadAmps($harness, $id, $peak),
                $wiring[$id]->allowedA(),
            );
        }

        return $figures;
    }

    /**
     * Volts lost in a lead at the normal supply: its worst core out plus its worst core back.
     *
     * @param  array<string, float>  $nominal
     */
    private static function dropV(Harness $harness, Paths $paths, LeadWire $wire, string $lead, array $nominal): float
    {
        $cores = ['out' => [], 'back' => []];
        foreach ($harness->wires as $segment) {
            if ($segment->lead === $lead) {
                // A core that no plus reaches without a light between brings the amps back.
                $side =
                    $paths->metresFromPlus($segment->from) === null && $paths->metresFromPlus($segment->to) === null
                        ? 'back'
                        : 'out';
                $cores[$side][$segment->core] =
                    ($cores[$side][$segment->core] ?? 0.0) +
                    ($nominal[$segment->id] ?? 0.0) * max(1e-3, $wire->ohmPerM() * $segment->lengthM);
            }
        }

        return Extreme::greatest($cores['out']) + Extreme::greatest($cores['back']);
    }
}
