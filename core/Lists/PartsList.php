<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Inline;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Shown;

/** What to buy and what to cut. A part without a price has none; it is never summed as 0. */
final class PartsList
{
    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    public static function of(Analysis $analysis): array
    {
        return [
            ...self::lights($analysis),
            ...self::devices($analysis),
            ...self::wires($analysis),
            ...self::inline($analysis),
        ];
    }

    /** What the parts whose price is known come to, in the currency of the build. */
    public static function price(Analysis $analysis): float
    {
        return array_sum(array_map(fn (array $row): float => (float) $row['price'], self::of($analysis)));
    }

    /** @return list<array{part: string, length_m: float, for: string}> longest first */
    public static function cuts(Analysis $analysis): array
    {
        $cuts = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind === 'strip' && $light->fit()->units > 0) {
                $cuts[] = ['part' => $light->part->text('id'), 'length_m' => $light->fit()->cutM, 'for' => $light->id];
            }
        }
        foreach ($analysis->leads as $lead) {
            for ($c = count($analysis->build->leads[$lead->id]->cores); $c > 0 && $lead->lengthKnown; $c--) {
                $cuts[] = [
                    'part' => $analysis->build->leads[$lead->id]->wire ?? $lead->wire->label(),
                    'length_m' => $lead->lengthM,
                    'for' => "{$lead->id}.{$c}",
                ];
            }
        }
        usort($cuts, fn (array $a, array $b): int => $b['length_m'] <=> $a['length_m']);

        return $cuts;
    }

    /** @return list<array{pin: string, volts: float|null}> pins without a lead and capped cores, with their volts at the normal supply */
    public static function toInsulate(Analysis $analysis): array
    {
        $used = [];
        foreach ($analysis->harness->wires as $wire) {
            $used[$wire->from] = $used[$wire->to] = true;
        }
        $bare = [];
        foreach ($analysis->harness->things as $thing) {
            if (! in_array($thing->kind, ['supply', 'ground', 'joint'], true)) {
                foreach ($thing->pins as $pin) {
                    if ($thing->kind === 'spare' || ! isset($used[$pin])) {
                        $bare[] = ['pin' => $pin, 'volts' => self::toMinus($analysis, $pin)];
                    }
                }
            }
        }

        return $bare;
    }

    private static function toMinus(Analysis $analysis, string $pin): ?float
    {
        foreach ($analysis->build->supplies as $supply) {
            return $analysis->states['nominal']->between($pin, "{$supply->id}.minus");
        }

        return null;
    }

    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    private static function lights(Analysis $analysis): array
    {
        $rows = [];
        foreach ($analysis->build->lights as $light) {
            $id = $light->part->text('id');
            $price = $light->part->numberOrNull('price');
            $rows[$id] ??= [
                'part' => $id,
                'label' => $light->part->text('label', $id),
                'count' => null,
                'length_m' => null,
                'price' => $price === null ? null : 0.0,
            ];
            if ($light->kind === 'strip') {
                $rows[$id]['length_m'] += $light->fit()->cutM;
            } else {
                $rows[$id]['count'] += $light->count();
            }
            if ($price !== null) {
                $rows[$id]['price'] += $price * ($light->kind === 'strip' ? $light->fit()->cutM : $light->count());
            }
            foreach (
                $light->kind === 'leds' ? self::resistors($light->strings(), $light->fields) : [] as $ohm => $count
            ) {
                $rows["r{$ohm}"] = [
                    'part' => "resistor_{$ohm}",
                    'label' => Shown::ohms((float) $ohm).' resistor',
                    'count' => ($rows["r{$ohm}"]['count'] ?? 0) + $count,
                    'length_m' => null,
                    'price' => null,
                ];
            }
        }

        return array_values($rows);
    }

    /**
     * @param  array{int, int}  $strings
     * @return array<int|string, int> ohms => how many
     */
    private static function resistors(array $strings, Fields $light): array
    {
        $all = [];
        foreach (
            [
                [$strings[0], $light->number('ohm')],
                [$strings[1] > 0 ? 1 : 0, $light->number('last_ohm', $light->number('ohm'))],
            ] as [$count, $ohm]
        ) {
            if ($count > 0 && $ohm > 0.0) {
                $all[(string) $ohm] = ($all[(string) $ohm] ?? 0) + $count;
            }
        }

        return $all;
    }

    /**
     * Switches, relays, controllers, plugs, taps and joints that are bought; solder is not.
     *
     * @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}>
     */
    private static function devices(Analysis $analysis): array
    {
        $rows = [];
        foreach ($analysis->build->devices as $device) {
            $row = $device->row();
            if ($row === null) {
                continue;
            }
            [$key, $label, $price] = $row;
            $rows[$key] ??= [
                'part' => $key,
                'label' => $label,
                'count' => 0,
                'length_m' => null,
                'price' => $price === null ? null : 0.0,
            ];
            $rows[$key]['count']++;
            $rows[$key]['price'] = $price === null ? null : $rows[$key]['price'] + $price;
        }

        return array_values($rows);
    }

    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    private static function wires(Analysis $analysis): array
    {
        $rows = [];
        foreach ($analysis->leads as $lead) {
            $label = $lead->wire->label();
            $own = $analysis->build->leads[$lead->id]->wire;
            $perM = $own === null ? null : $analysis->build->part($own)->price;
            foreach (Catalogue::shelf('wires') as $entry) {
                if ($perM === null && abs($entry->number('area_mm2') - $lead->wire->areaMm2) < 1e-3) {
                    $perM = $entry->numberOrNull('price_per_m');
                }
            }
            $metres = count($analysis->build->leads[$lead->id]->cores) * $lead->lengthM;
            $rows[$label] ??= [
                'part' => $own ?? 'wire_'.str_replace([' ', '.', ',', 'mm²'], ['', '_', '_', 'mm2'], strtolower($label)),
                'label' => "{$label} wire",
                'count' => null,
                'length_m' => 0.0,
                'price' => $perM === null ? null : 0.0,
            ];
            $rows[$label]['length_m'] += $metres;
            if ($perM !== null && $rows[$label]['price'] !== null) {
                $rows[$label]['price'] += $perM * $metres;
            }
        }

        return array_values($rows);
    }

    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    private static function inline(Analysis $analysis): array
    {
        $rows = [];
        foreach ($analysis->build->leads as $lead) {
            // A plug is one of the devices, however many leads pass it.
            foreach (array_filter($lead->inline, fn (Inline $i): bool => $i->kind !== 'plug') as $thing) {
                [$key, $label] = self::named($analysis, $thing);
                $price = self::priced($analysis, $thing);
                $rows[$key] ??= [
                    'part' => $key,
                    'label' => $label,
                    'count' => 0,
                    'length_m' => null,
                    'price' => $price === null ? null : 0.0,
                ];
                $rows[$key]['count']++;
                if ($price !== null && $rows[$key]['price'] !== null) {
                    $rows[$key]['price'] += $price;
                }
            }
        }

        return array_values($rows);
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
