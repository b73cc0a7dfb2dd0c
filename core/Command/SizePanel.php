<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\Shape as S;
use BenchGlow\Layout\NoOutline;
use BenchGlow\Layout\Outline;
use BenchGlow\Light\Beam;
use BenchGlow\Light\Field;
use BenchGlow\Light\Lamp;

/** `glow size panel`: the light of sources behind a face, cell by cell (light.md 2). */
final class SizePanel
{
    /** @return array<string, mixed> */
    public static function run(string $text): array
    {
        $f = Input::read(
            $text,
            S::record(
                [
                    'outline' => S::record([
                        'rect_m' => S::list(S::number(0.0001, 100), 2, 2),
                        'path' => S::text(100_000),
                    ]),
                    'depth_m' => S::number(0.0001, 100),
                    'viewing_deg' => S::number(0.001, 180),
                    'sources' => S::list(
                        S::record(
                            [
                                'x_m' => S::number(-1000, 1000),
                                'y_m' => S::number(-1000, 1000),
                                'lm' => S::number(0, 1e6),
                            ],
                            ['x_m', 'y_m', 'lm'],
                        ),
                        1,
                        20_000,
                    ),
                    'reflectance' => S::number(0, 0.98),
                    'box_area_m2' => S::number(1e-9, 1e6),
                    'transmission' => S::number(0, 1),
                    'cell_m' => S::number(0.00001, 100),
                ],
                [
                    'outline',
                    'depth_m',
                    'viewing_deg',
                    'sources',
                    'reflectance',
                    'box_area_m2',
                    'transmission',
                    'cell_m',
                ],
            ),
        );
        $outline = self::outline($f->object('outline'));
        $cell = $f->number('cell_m');
        $cells = ceil($outline->width() / $cell) * ceil($outline->height() / $cell);
        if ($cells > Field::MOST_CELLS || $cells * count($f->objects('sources')) > Field::MOST_WORK) {
            throw BadBuild::at(
                '/cell_m',
                "expected larger cells: these are {$cells}, and 60,000 cells and 20 million cells times sources are the most.",
            );
        }
        $field = Field::of(
            $outline,
            array_map(
                fn (Fields $s): Lamp => new Lamp($s->number('x_m'), $s->number('y_m'), $s->number('lm')),
                $f->objects('sources'),
            ),
            $f->number('depth_m'),
            Beam::of($f->number('viewing_deg')),
            $cell,
            $f->number('reflectance'),
            $f->number('box_area_m2'),
        );
        if ($field->cells() === 0) {
            throw BadBuild::at('/cell_m', 'expected smaller cells: not one has its middle inside the outline.');
        }

        return [
            'cells' => $field->cells(),
            'lux' => ['min' => $field->least(), 'avg' => $field->mean(), 'max' => $field->greatest()],
            'min_over_avg' => $field->evenness(),
            'min_over_max' => $field->contrast(),
            'luminance_cd_m2' => $field->luminance($f->number('transmission')),
            'darkest' => $field->darkest(),
            'brightest' => $field->brightest(),
        ];
    }

    private static function outline(Fields $f): Outline
    {
        if ($f->has('rect_m') === $f->has('path')) {
            throw BadBuild::at('/outline', 'expected rect_m or path, one of them.');
        }
        $rect = array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $f->items('rect_m'));
        if (count($rect) === 2) {
            return Outline::rectangle($rect[0], $rect[1]);
        }
        try {
            $outline = Outline::path($f->text('path'));
        } catch (NoOutline $e) {
            throw BadBuild::at('/outline/path', $e->getMessage());
        }
        if ($outline->isEmpty()) {
            throw BadBuild::at('/outline/path', 'expected an outline with an inside; this one is empty.');
        }

        return $outline;
    }
}
