<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Quantity\Gauge;

/** The wire of a lead, by its size: the file's own part of that size, or a new one. Null follows the recommendation. */
final readonly class SetWire implements Edit
{
    public function __construct(public string $id, public ?float $areaMm2, public ?int $awg = null)
    {
    }

    public function says(Names $names): string
    {
        $size = match (true) {
            $this->areaMm2 === null => 'as recommended',
            $this->awg !== null => Gauge::awg($this->awg)->label(),
            default => Gauge::mm2($this->areaMm2)->label(),
        };

        return $names->said($this->id, "wire {$size}");
    }

    public function apply(Draft $draft): void
    {
        $lead = $this->id;
        $draft->known($lead);
        [$area, $awg] = [$this->areaMm2, $this->awg];
        $wire = null;
        if ($area !== null) {
            $name = $awg !== null ? "wire_{$awg}awg" : 'wire_'.str_replace('.', '_', (string) $area).'mm2';
            $wire = $draft->index->has($name) ? $name : null;
            foreach ($draft->document->fields()->objects('parts') as $part) {
                if (
                    $part->isA('wire') &&
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
                    ['id' => $name, 'kind' => 'wire', 'area_mm2' => $area, 'awg' => $awg],
                ];
            }
        }
        $draft->put([...$draft->index->paths[$lead], 'wire'], $wire);
    }
}
