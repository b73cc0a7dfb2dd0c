<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Light;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Shown;

/** What is counted, not cut: lights that are no strip, devices, fuses, diodes, resistors, each with the circuit it is for. */
final class Pieces
{
    /** @return list<Piece> */
    public static function of(Analysis $analysis): array
    {
        return [...self::lights($analysis), ...self::devices($analysis), ...self::inline($analysis)];
    }

    /** @return array<string, non-empty-list<Piece>> what is one thing to whoever buys it */
    public static function counted(Analysis $analysis): array
    {
        $all = [];
        foreach (self::of($analysis) as $piece) {
            $all["{$piece->of} {$piece->key}"][] = $piece;
        }

        return $all;
    }

    /** @return list<Piece> */
    private static function lights(Analysis $analysis): array
    {
        $all = [];
        foreach ($analysis->build->lights as $light) {
            $id = $light->part->text('id');
            if ($light->kind !== 'strip') {
                $all[] = new Piece(
                    'lights',
                    $id,
                    $light->part->text('label', $id),
                    $light->circuit,
                    $light->count(),
                    $light->part->numberOrNull('price'),
                    $analysis->build->parts[$id] ?? null,
                );
            }
            foreach ($light->kind === 'leds' ? self::resistors($light) : [] as $ohm => $count) {
                $label = Shown::ohms((float) $ohm).' resistor';
                $all[] = new Piece('lights', "resistor_{$ohm}", $label, $light->circuit, $count, null);
            }
        }

        return $all;
    }

    /** @return array<int|string, int> ohms => how many: one for each string, the shorter last one has its own */
    private static function resistors(Light $light): array
    {
        [$full, $last] = $light->strings();
        $all = [];
        foreach (
            [
                [$full, $light->fields->number('ohm')],
                [$last > 0 ? 1 : 0, $light->fields->number('last_ohm', $light->fields->number('ohm'))],
            ] as [$count, $ohm]
        ) {
            if ($count > 0 && $ohm > 0.0) {
                $all[(string) $ohm] = ($all[(string) $ohm] ?? 0) + $count;
            }
        }

        return $all;
    }

    /** @return list<Piece> switches, relays, controllers, plugs, taps and joints that are bought; solder is not */
    private static function devices(Analysis $analysis): array
    {
        $all = [];
        foreach ($analysis->build->devices as $device) {
            $row = $device->row();
            if ($row !== null) {
                [$key, $label, $price] = $row;
                $part = $analysis->build->parts[$key] ?? null;
                $all[] = new Piece('devices', $key, $label, $device->circuit(), 1, $price, $part);
            }
        }

        return $all;
    }

    /** @return list<Piece> a plug is one of the devices, however many leads pass it */
    private static function inline(Analysis $analysis): array
    {
        $all = [];
        foreach ($analysis->build->leads as $lead) {
            foreach (array_filter($lead->inline, fn (Inline $i): bool => $i->kind !== 'plug') as $thing) {
                [$key, $label] = self::named($analysis, $thing);
                $all[] = new Piece(
                    'inline',
                    $key,
                    $label,
                    $lead->circuit,
                    1,
                    self::priced($analysis, $thing),
                    $analysis->build->parts[$key] ?? null,
                );
            }
        }

        return $all;
    }

    /** @return array{string, string} key and label of a thing in a lead */
    private static function named(Analysis $analysis, Inline $thing): array
    {
        if ($thing->kind === 'fuse') {
            $amps = $analysis->fuses[$thing->id]->fittedA();

            return [
                "fuse_{$thing->form}_".($amps ?? 'open'),
                str_replace('_', ' ', $thing->form).' fuse, '.Shown::plain($amps ?? 0.0, 1).' A, with holder',
            ];
        }

        return $thing->kind === 'resistor'
            ? ["resistor_{$thing->ohm}", Shown::ohms($thing->ohm).' resistor']
            : [$thing->part, $analysis->build->part($thing->part)->label ?: $thing->part];
    }

    private static function priced(Analysis $analysis, Inline $thing): ?float
    {
        if ($thing->kind === 'diode') {
            return $analysis->build->part($thing->part)->price;
        }
        foreach ($thing->kind === 'fuse' ? Catalogue::shelf('fuses') : [] as $entry) {
            if ($entry->text('key') === $thing->form) {
                return $entry->numberOrNull('price');
            }
        }

        return null;
    }
}
