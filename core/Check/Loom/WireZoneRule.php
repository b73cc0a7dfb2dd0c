<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A wire whose insulation or copper is too little for where it lies (layout-harness.md 8, zones). */
final class WireZoneRule implements Rule
{
    public function id(): string
    {
        return 'wire.zone';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($analysis->build->leads as $id => $lead) {
            $wire = $analysis->leads[$id]->wire;
            $bears = 0.0;
            $where = null;
            foreach ($list->loom->leads[$id]->stretches ?? [] as $stretch) {
                $zone = $list->loom->stretches[$stretch]->zone;
                if ($zone->insulationC > $bears) {
                    [$bears, $where] = [$zone->insulationC, $list->loom->stretches[$stretch]->route->label];
                }
            }
            if ($lead->wire === null || $where === null || $wire->insulationC >= $bears) {
                continue;
            }
            $area = rtrim(rtrim(number_format($wire->areaMm2, 2, '_', ''), '0'), '_');
            $new = $analysis->build->index->free("wire_{$area}_".(int) $bears.'c');
            $part = array_diff_key($analysis->build->part($lead->wire)->fields->data, ['catalogue' => 1, 'label' => 1]);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $lead->circuit,
                (string) $id,
                Words::first($lead->label).
                    ' lies '.
                    Words::within($where).
                    ', where insulation for '.
                    Shown::plain($bears, 0).
                    ' °C is wanted; it bears '.
                    Shown::plain($wire->insulationC, 0).
                    ' °C.',
                'Take wire for '.Shown::plain($bears, 0).' °C',
                new Batch(
                    [
                        new AddItem('parts', new Fields([...$part, 'id' => $new, 'insulation_c' => $bears])),
                        new SetField((string) $id, 'wire', $new),
                    ],
                    Words::first($lead->label).': wire for '.Shown::plain($bears, 0).' °C',
                ),
            );
        }

        return $findings;
    }
}
