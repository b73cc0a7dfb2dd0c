<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\Fields;

/** The wire of a lead, by its size. */
final class SetWire
{
    /** A wire by its size: the file's own part of that size, or a new one. Null follows the recommendation. */
    public static function setWire(Draft $draft, Fields $f): void
    {
        $lead = $f->text('id');
        $draft->known($lead);
        $area = $f->numberOrNull('area_mm2');
        $awg = $f->has('awg') ? $f->integer('awg') : null;
        $wire = null;
        if ($area !== null) {
            $name = $awg !== null ? "wire_{$awg}awg" : 'wire_'.str_replace('.', '_', (string) $area).'mm2';
            $wire = $draft->index->has($name) ? $name : null;
            foreach ($draft->document->fields()->objects('parts') as $part) {
                if (
                    $part->text('kind') === 'wire' &&
                    $part->integer('cores', 1) === 1 &&
                    abs($part->number('area_mm2') - $area) < 1e-9
                ) {
                    $wire = $part->text('id');
                }
            }
            if ($wire === null) {
                $wire = $name;
                $draft->data['parts'] = [
                    ...$draft->list(['parts']),
                    ['id' => $name, 'kind' => 'wire', 'area_mm2' => $area, 'awg' => $awg, 'insulation_c' => 105],
                ];
            }
        }
        $draft->put([...$draft->index->paths[$lead], 'wire'], $wire);
    }
}
