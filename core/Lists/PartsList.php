<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Parts\Catalogue;

/** What to buy and what to cut. A part without a price has none; it is never summed as 0. */
final class PartsList
{
    /** @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}> */
    public static function of(Analysis $analysis): array
    {
        return [
            ...self::strips($analysis),
            ...self::pieces($analysis, 'lights', 'devices'),
            ...self::wires($analysis),
            ...self::pieces($analysis, 'inline'),
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
    private static function strips(Analysis $analysis): array
    {
        $rows = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'strip') {
                continue;
            }
            $id = $light->part->text('id');
            $price = $light->part->numberOrNull('price');
            $rows[$id] ??= [
                'part' => $id,
                'label' => $light->part->text('label', $id),
                'count' => null,
                'length_m' => 0.0,
                'price' => $price === null ? null : 0.0,
            ];
            $rows[$id]['length_m'] += $light->fit()->cutM;
            if ($price !== null) {
                $rows[$id]['price'] += $price * $light->fit()->cutM;
            }
        }

        return array_values($rows);
    }

    /**
     * What is counted: lights and devices before the wire, what sits in it after.
     *
     * @return list<array{part: string, label: string, count: int|null, length_m: float|null, price: float|null}>
     */
    private static function pieces(Analysis $analysis, string ...$of): array
    {
        $rows = [];
        foreach (Pieces::counted($analysis) as $same) {
            $first = $same[0];
            if (! in_array($first->of, $of, true)) {
                continue;
            }
            $count = array_sum(array_map(fn (Piece $p): int => $p->count, $same));
            $rows[] = [
                'part' => $first->key,
                'label' => $first->label,
                'count' => $count,
                'length_m' => null,
                'price' => $first->price === null ? null : $first->price * $count,
            ];
        }

        return $rows;
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
}
