<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A layout begun for a light, with what the circuit knows of it: its length, its count, its spacing. */
final readonly class AddLayout implements Edit
{
    private const KINDS = ['strip' => 'strip_path', 'leds' => 'hole_row', 'module' => 'footprint'];

    /** From end to end of a row of LEDs where nothing is measured yet, m each. */
    private const ROW_M = 0.05;

    /**
     * @param  string  $kind  of the layout; '' as the light suggests
     * @param  Fields|null  $with  what is known already
     */
    public function __construct(public ?string $light, public string $kind = '', public ?Fields $with = null)
    {
    }

    public function says(Names $names): string
    {
        return $this->light === null ? 'Begun a layout' : $names->said($this->light, 'layout begun');
    }

    public function apply(Draft $draft): void
    {
        $light = new Fields([]);
        if ($this->light !== null) {
            $draft->known($this->light);
            $light = $draft->index->item($this->light);
        }
        $kind = $this->kind !== '' ? $this->kind : self::KINDS[$light->text('kind')] ?? 'panel';
        $base = $this->light ?? ($this->with?->text('label') ?: $kind);
        $layout = [
            'id' => $draft->name("{$base}_".(['strip_path' => 'path', 'hole_row' => 'row'][$kind] ?? $kind)),
            'kind' => $kind,
            ...$this->light === null ? [] : ['light' => $this->light],
            ...$this->begun($kind, $light, $draft),
            ...$this->with->data ?? [],
        ];
        $draft->data['layouts'] = [...$draft->list(['layouts']), $layout];
    }

    /** @return array<string, mixed> */
    private function begun(string $kind, Fields $light, Draft $draft): array
    {
        $count = $light->integer('count', 6);

        return match ($kind) {
            'strip_path' => [
                'segments' => [
                    ['straight_m' => $light->number('wanted_m', 1.0), 'surface' => 'painted', 'hold' => 'tape'],
                ],
            ],
            'hole_row' => [
                'length_m' => round(($count + 1) * self::ROW_M, 3),
                'margin_m' => self::ROW_M,
                'count' => $count,
                'edge_mm' => 15.0,
                'fit' => 'nominal',
            ],
            'footprint' => $light->isA('strip')
                ? ['height_m' => 0.3, 'path_m' => round(max(0.1, $light->number('wanted_m', 1.0)), 3)]
                : [
                    'height_m' => 0.3,
                    'spacing_m' => $light->number('spacing_m', 0.3),
                    'lamps' => $count,
                    'path_m' => round(max(0.3, $count * $light->number('spacing_m', 0.3)), 3),
                ],
            'panel' => [
                'outline' => ['rect_m' => [round(max(0.1, $light->number('wanted_m', 0.4)), 3), 0.1]],
                'depth_m' => 0.04,
                'rows' => 1,
            ],
            'piece' => [
                'outline' => ['rect_m' => [0.6, 0.1]],
                'thickness_mm' => 3.0,
                'material' => 'plastic',
                'datum' => 'left',
            ],
            'sensor' => self::sensor($draft),
            'stray' => [
                'lamp_m' => [0.0, 0.0],
                'gap_m' => [0.02, -0.01, 0.02, 0.0],
                'target_m' => [1.0, -0.5, 1.0, 0.5],
            ],
            default => throw BadBuild::at('/kind', "there is no layout of the kind `{$kind}`."),
        };
    }

    /** @return array<string, mixed> */
    private static function sensor(Draft $draft): array
    {
        foreach ($draft->document->fields()->objects('devices') as $device) {
            if ($device->isA('switch')) {
                return [
                    'device' => $device->text('id'),
                    'unit' => 'deg',
                    'shut' => 0.0,
                    'open' => $device->number('travel_deg', 90.0),
                ];
            }
        }
        throw BadBuild::at('/kind', 'this build has no switch yet whose place a trial could find.');
    }
}
