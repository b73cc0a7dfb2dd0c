<?php

declare(strict_types=1);

namespace BenchGlow\Options;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\Preferred;
use BenchGlow\Sizing\SeriesOption;
use BenchGlow\Sizing\SeriesResistor;

/** A row of LEDs with its resistors, at the volts its own pins get. */
final class LedRow
{
    /** Resistors are bought to ±5 %. */
    private const TOLERANCE = 0.05;

    /** Amps of the worse string at the highest supply, resistor low, forward volts low. */
    public static function worstA(Analysis $analysis, Light $light): float
    {
        return max(array_map(fn (array $s): float => $s['amps'], self::strings($analysis, $light)) ?: [0.0]);
    }

    public static function hottestW(Analysis $analysis, Light $light): float
    {
        return max(
            array_map(
                fn (array $s): float => $s['amps'] ** 2 * $s['ohm'] * (1 - self::TOLERANCE),
                self::strings($analysis, $light),
            ) ?: [0.0],
        );
    }

    /** @return list<array{amps: float, ohm: float}> the full string and a shorter last one, worst case */
    private static function strings(Analysis $analysis, Light $light): array
    {
        $volts = $analysis->litState($light->id, 'max')->between("{$light->id}.plus", "{$light->id}.minus");
        if ($volts === null) {
            return [];
        }
        [$full, $last] = $light->strings();
        $led = $light->led();
        $ohm = $light->fields->number('ohm');
        $rows = $full > 0 ? [[intdiv($light->count() - $last, $full), $ohm]] : [];
        if ($last > 0) {
            $rows[] = [$last, $light->fields->number('last_ohm', $ohm)];
        }

        return array_map(
            fn (array $r): array => [
                'amps' => $led->string($r[0], $r[1] * (1 - self::TOLERANCE), -$led->vfToleranceV)->amps($volts),
                'ohm' => $r[1],
            ],
            $rows,
        );
    }

    public static function nominalV(Analysis $analysis, Light $light): ?float
    {
        return $analysis->litState($light->id, 'nominal')->between("{$light->id}.plus", "{$light->id}.minus");
    }

    /**
     * Every string length for this row at the supply that feeds it.
     *
     * @return list<SeriesOption>
     */
    public static function options(Analysis $analysis, Light $light): array
    {
        foreach ($analysis->harness->wiredPins($light->id) as $pin) {
            $feed = $analysis->paths->feed($pin);
            if ($feed !== null && $feed !== []) {
                $supply = $analysis->build->supplies[explode('.', $feed[0]->from)[0]];

                return (new SeriesResistor(
                    new Envelope($supply->minV, $supply->nominalV, $supply->maxV),
                    $light->led(),
                    $light->count(),
                    $light->led()->ifA,
                    Preferred::from($analysis->build->settings->resistorSeries),
                    self::TOLERANCE,
                ))->options();
            }
        }

        return [];
    }

    /** The edit that makes the row this option. */
    public static function edit(Light $light, SeriesOption $option): Edit
    {
        return new Batch([
            new SetField($light->id, 'per_string', $option->ledsPerString),
            new SetField($light->id, 'ohm', $option->resistorOhm),
            new SetField(
                $light->id,
                'last_ohm',
                $option->lastStringLeds === $option->ledsPerString ? null : $option->lastResistorOhm,
            ),
        ]);
    }

    /**
     * The resistors that suit the present string length.
     *
     * @return array{float, Edit}|null
     */
    public static function refit(Analysis $analysis, Light $light): ?array
    {
        foreach (self::options($analysis, $light) as $option) {
            if (
                $option->ledsPerString === min($light->count(), $light->fields->integer('per_string', 1)) &&
                $option->resistorOhm !== null &&
                $option->lastResistorOhm !== null
            ) {
                return [$option->resistorOhm, self::edit($light, $option)];
            }
        }

        return null;
    }
}
