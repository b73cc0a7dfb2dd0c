<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** Builds with something laid out wrong in them, and the same put right. */
final class LayoutFaults
{
    /** @param  array<string, mixed>  $with  fields of the layout */
    private static function laid(string $light, string $kind, array $with, ?Document $on = null): Document
    {
        return Make::edited($on ?? self::strip(), new AddLayout($light, $kind, new Fields(['id' => 'lay', ...$with])));
    }

    private static function strip(float $m = 1.2): Document
    {
        return Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => $m], 1.5);
    }

    private static function leds(int $count = 6): Document
    {
        return Make::circuit(
            Make::bare(),
            'Row',
            'led_red_5',
            ['kind' => 'leds', 'count' => $count, 'per_string' => 3, 'ohm' => 390],
            0.5,
        );
    }

    private static function lamps(int $count = 3): Document
    {
        return Make::circuit(
            Make::bare(),
            'Steps',
            'pod_white_12',
            ['kind' => 'module', 'count' => $count, 'spacing_m' => 0.4],
            0.5,
        );
    }

    /** @param  array<string, mixed>  $segment */
    private static function straight(float $m, array $segment = []): array
    {
        return ['straight_m' => $m, ...$segment];
    }

    /** @param  array<string, mixed>  $with */
    private static function piece(Document $document, array $with): Document
    {
        return Make::edited(
            $document,
            new AddItem(
                'layouts',
                new Fields([
                    'id' => 'board',
                    'kind' => 'piece',
                    'label' => 'Board',
                    'outline' => ['rect_m' => [0.6, 0.1]],
                    ...$with,
                ]),
            ),
        );
    }

    /** @param  list<array{float, bool}>  $trials */
    private static function sensor(array $trials, array $at = ['on' => ['input' => 'door']]): Document
    {
        $document = Make::edited(
            self::strip(),
            new AddItem(
                'inputs',
                new Fields(['id' => 'door', 'label' => 'Door', 'kind' => 'door', 'positions' => ['shut', 'open']]),
            ),
            new AddItem(
                'parts',
                new Fields([
                    'id' => 'reed',
                    'kind' => 'switch',
                    'style' => 'reed',
                    'label' => 'Magnet switch',
                    'pins' => ['a', 'b'],
                    'positions' => ['off', 'on'],
                    'contacts' => [
                        ['id' => 'no', 'from' => 'a', 'to' => 'b', 'closed_when' => ['at' => 'on'], 'max_a' => 1],
                    ],
                ]),
            ),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'magnet',
                    'kind' => 'switch',
                    'part' => 'reed',
                    'label' => 'Magnet switch',
                    'circuit' => 'shelf',
                    'at' => $at,
                ]),
            ),
        );
        $tries = array_map(fn (array $t): array => ['at' => $t[0], 'made' => $t[1], 'held' => 'tape'], $trials);

        return Make::edited(
            $document,
            new AddItem(
                'layouts',
                new Fields([
                    'id' => 'trial',
                    'kind' => 'sensor',
                    'device' => 'magnet',
                    'unit' => 'deg',
                    'shut' => 0,
                    'open' => 90,
                    'trials' => $tries,
                ]),
            ),
        );
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> as RulesTest takes them */
    public static function cases(): array
    {
        $path = fn (array ...$segments): Document => self::laid('shelf_light', 'strip_path', ['segments' => $segments]);
        $words = ['text' => ['words' => 'RB', 'face' => 'bold', 'cap_m' => 0.1]];
        $panel = fn (array $with, ?Document $on = null): Document => self::laid(
            $on === null ? 'shelf_light' : 'row_light',
            'panel',
            ['outline' => ['rect_m' => [0.4, 0.1]], 'depth_m' => 0.05, 'rows' => 2, 'transmission' => 0.05, ...$with],
            $on,
        );
        $drained = fn (float $y): Document => Make::edited(
            self::piece($panel(['rows' => 1]), [
                'thickness_mm' => 3,
                'marks' => [['id' => 'd', 'kind' => 'drain', 'at_m' => [0.2, $y], 'drill_mm' => 6, 'looked' => true]],
            ]),
            new SetField('lay', 'piece', 'board'),
            new SetField('lay', 'at_m', [0.1, 0.0]),
        );
        $row = fn (array $with): Document => self::laid(
            'row_light',
            'hole_row',
            ['length_m' => 0.2, 'margin_m' => 0.02, 'count' => 6, 'edge_mm' => 12, 'width_mm' => 24, ...$with],
            self::leds(),
        );
        $steps = fn (array $with): Document => self::laid(
            'steps_light',
            'footprint',
            ['height_m' => 0.5, ...$with],
            self::lamps(),
        );
        $hole = ['id' => 'm1', 'kind' => 'hole', 'at_m' => [0.1, 0.05], 'drill_mm' => 6];
        $shut = [[0.0, false], [20.0, false], [24.0, true], [90.0, true]];
        $pair = fn (array $with): Document => Make::edited(
            Make::edited(
                self::laid('shelf_light', 'strip_path', ['segments' => [self::straight(1.2)]]),
                new AddItem(
                    'lights',
                    new Fields([
                        'id' => 'other',
                        'kind' => 'strip',
                        'part' => 'strip_warm_12_48',
                        'circuit' => 'shelf',
                        'label' => 'Other side',
                        'wanted_m' => 1.2,
                        'mirror_of' => 'shelf_light',
                    ]),
                ),
                new AddItem(
                    'leads',
                    new Fields([
                        'id' => 'to_other',
                        'circuit' => 'shelf',
                        'cores' => [
                            ['shelf_light.start.plus', 'other.start.plus'],
                            ['shelf_light.start.minus', 'other.start.minus'],
                        ],
                        'length_m' => 0.2,
                    ]),
                ),
            ),
            new AddItem(
                'layouts',
                new Fields([
                    'id' => 'lay_2',
                    'kind' => 'strip_path',
                    'light' => 'other',
                    'segments' => [self::straight(1.2)],
                    ...$with,
                ]),
            ),
        );

        return [
            'layout.out_of_step' => [
                fn () => Make::edited(
                    Make::edited($path(self::straight(1.2)), new UseLayout('lay')),
                    new SetField('shelf_light', 'wanted_m', 0.9),
                ),
                ['warning layout.out_of_step lay'],
                fn () => Make::edited($path(self::straight(0.9)), new UseLayout('lay')),
            ],
            'layout.past_piece' => [
                fn () => Make::edited($path(self::straight(1.22)), new SetField('shelf_light', 'fit', 'up')),
                ['warning layout.past_piece lay'],
                fn () => $path(self::straight(1.22)),
            ],
            'strip.corner_open' => [
                fn () => $path(self::straight(0.6), ['deg' => 90], self::straight(0.6)),
                ['warning strip.corner_open lay'],
                fn () => $path(self::straight(0.6), ['corner' => 'fold', 'deg' => 90], self::straight(0.6)),
            ],
            'strip.bend_tight' => [
                fn () => $path(
                    self::straight(0.6),
                    ['corner' => 'bend', 'deg' => 90, 'radius_mm' => 8],
                    self::straight(0.6),
                ),
                ['warning strip.bend_tight lay'],
                fn () => $path(
                    self::straight(0.6),
                    ['corner' => 'bend', 'deg' => 90, 'radius_mm' => 50],
                    self::straight(0.6),
                ),
            ],
            'strip.dark_corner' => [
                fn () => $path(
                    self::straight(0.64),
                    ['corner' => 'jumper', 'deg' => 90],
                    self::straight(0.056),
                    ['corner' => 'jumper', 'deg' => 90],
                    self::straight(0.507),
                ),
                ['note strip.dark_corner lay'],
                fn () => $path(self::straight(0.61), ['corner' => 'new_piece', 'deg' => 90], self::straight(0.61)),
            ],
            'strip.wont_hold' => [
                fn () => $path(self::straight(1.2, ['surface' => 'waxy_plastic', 'hold' => 'tape'])),
                ['warning strip.wont_hold lay'],
                fn () => $path(self::straight(1.2, ['surface' => 'waxy_plastic', 'hold' => 'strong_tape'])),
            ],
            // Right under the second unit of the row, and far from all of them.
            'drain.lit' => [fn () => $drained(0.05), ['note drain.lit lay'], fn () => $drained(0.095)],
            'strip.dry_differs' => [
                fn () => self::laid('shelf_light', 'strip_path', [
                    'segments' => [self::straight(1.2)],
                    'laid_m' => 1.26,
                ]),
                ['note strip.dry_differs lay'],
                fn () => self::laid('shelf_light', 'strip_path', [
                    'segments' => [self::straight(1.2)],
                    'laid_m' => 1.21,
                ]),
            ],
            'hole.web_thin' => [fn () => $row(['length_m' => 0.08]), ['warning hole.web_thin lay'], fn () => $row([])],
            'hole.loaded' => [
                fn () => self::piece(self::strip(), ['loaded' => true, 'marks' => [[...$hole, 'looked' => true]]]),
                ['danger hole.loaded board'],
                fn () => self::piece(self::strip(), ['marks' => [[...$hole, 'looked' => true]]]),
            ],
            'hole.flange' => [
                fn () => $row(['width_mm' => 6, 'edge_mm' => 12]),
                ['warning hole.flange lay'],
                fn () => $row([]),
            ],
            'hole.behind' => [
                fn () => self::piece(self::strip(), ['marks' => [$hole]]),
                ['warning hole.behind board'],
                fn () => self::piece(self::strip(), ['marks' => [[...$hole, 'looked' => true]]]),
            ],
            'panel.dark_spot' => [
                fn () => $panel(['rows' => 1, 'depth_m' => 0.03, 'reflectance' => 0.4]),
                ['warning panel.dark_spot lay'],
                fn () => $panel([]),
            ],
            'panel.too_bright' => [
                fn () => $panel(['transmission' => 0.85]),
                ['note panel.too_bright lay'],
                fn () => $panel(['transmission' => 0.05]),
            ],
            'panel.stroke_narrow' => [
                fn () => $panel([
                    'outline' => ['text' => ['words' => 'I', 'cap_m' => 0.05]],
                    'arrange' => 'stroke',
                    'reflectance' => 0.9,
                ]),
                ['warning panel.stroke_narrow lay', 'warning panel.hot lay'],
                fn () => $panel([
                    'outline' => ['text' => ['words' => 'I', 'cap_m' => 0.3]],
                    'arrange' => 'stroke',
                    'reflectance' => 0.9,
                ]),
            ],
            'panel.level_uneven' => [
                fn () => $panel(
                    [
                        'rows' => 2,
                        'reflectance' => 0.05,
                        'lights' => [
                            ['light' => 'row_light', 'rows' => [1]],
                            ['light' => 'row_light_2', 'rows' => [2]],
                        ],
                    ],
                    self::twoRows(),
                ),
                [
                    'warning panel.dark_spot lay',
                    'warning panel.level_uneven lay',
                    'warning panel.level_uneven lay',
                    'note lead.undecided row_light_2_feed',
                ],
                fn () => $panel(
                    [
                        'rows' => 2,
                        'target' => 0.3,
                        'lights' => [
                            ['light' => 'row_light', 'rows' => [1]],
                            ['light' => 'row_light_2', 'rows' => [2]],
                        ],
                    ],
                    self::twoRows(),
                ),
            ],
            'panel.hot' => [
                fn () => self::laid('shelf_light', 'panel', [
                    'outline' => ['rect_m' => [0.2, 0.1]],
                    'depth_m' => 0.03,
                    'rows' => 2,
                    'transmission' => 0.01,
                ]),
                ['warning panel.hot lay'],
                fn () => $panel([]),
            ],
            'panel.island' => [
                fn () => $panel(
                    ['outline' => $words, 'arrange' => 'grid', 'pitch_m' => 0.02, 'rows' => 4],
                    self::leds(),
                ),
                ['warning panel.dark_spot lay', 'note panel.island lay'],
                fn () => $panel(['arrange' => 'grid', 'pitch_m' => 0.03], self::leds()),
            ],
            'footprint.hot_spot' => [
                fn () => $steps(['wall_m' => 0.08]),
                ['warning footprint.hot_spot lay'],
                fn () => $steps(['wall_m' => 0.2]),
            ],
            'footprint.gap' => [fn () => $steps(['height_m' => 0.15]), ['note footprint.gap lay'], fn () => $steps([])],
            'view.bare_source' => [
                fn () => $steps(['viewers' => [['id' => 'v1', 'kind' => 'seat', 'at_m' => [0.6, 1.0, 0.3]]]]),
                ['warning view.bare_source lay'],
                fn () => $steps([
                    'hood_m' => 0.02,
                    'viewers' => [['id' => 'v1', 'kind' => 'seat', 'at_m' => [0.6, 1.0, 0.3]]],
                ]),
            ],
            'stray.lands' => [
                fn () => self::laid('shelf_light', 'stray', []),
                ['warning stray.lands lay'],
                fn () => self::laid('shelf_light', 'stray', ['hood_m' => 0.01]),
            ],
            'sensor.untried' => [
                fn () => self::sensor([[0.0, false]]),
                ['note sensor.untried trial'],
                fn () => self::sensor($shut),
            ],
            'sensor.margin' => [
                fn () => self::sensor([[0.0, false], [4.0, false], [6.0, true]]),
                ['warning sensor.margin trial'],
                fn () => self::sensor($shut),
            ],
            'sensor.sense' => [
                fn () => self::sensor([[0.0, true], [20.0, true], [24.0, false]]),
                ['warning sensor.sense trial'],
                fn () => self::sensor($shut),
            ],
            'pair.unlike' => [
                fn () => $pair([]),
                ['note strip.heat other', 'note pair.unlike lay_2'],
                fn () => $pair(['mirror_of' => 'lay']),
            ],
        ];
    }

    private static function twoRows(): Document
    {
        return Make::edited(
            self::leds(12),
            new AddLight(
                'row',
                new Fields([
                    'kind' => 'leds',
                    'label' => 'Second row',
                    'count' => 12,
                    'per_string' => 3,
                    'ohm' => 390,
                    'id' => 'row_light_2',
                ]),
                new Fields(Catalogue::part('led_red_5')?->data ?? []),
            ),
        );
    }
}
