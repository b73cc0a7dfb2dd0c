<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Connect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetJoint;
use BenchGlow\Edit\StringLength;
use BenchGlow\Format\Fields;

/** Looms with one thing wrong in them, and the same put right. */
final class LoomFaults
{
    /** A shelf whose lead goes from the bank's box to the shelf's end, 1 m of cupboard. */
    public static function shelf(array $route = [], Edit ...$more): Document
    {
        return Make::edited(
            Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1.2], 1.5),
            new AddItem('places', new Fields(['id' => 'box', 'label' => 'bank box'])),
            new AddItem('places', new Fields(['id' => 'end', 'label' => 'shelf end'])),
            new AddItem(
                'routes',
                new Fields([
                    'id' => 'way',
                    'label' => 'along the wall',
                    'from' => 'box',
                    'to' => 'end',
                    'length_m' => 1.0,
                    'zone' => 'cupboard',
                    ...$route,
                ]),
            ),
            new SetField('bank', 'place', 'box'),
            new SetField('shelf_light', 'place', 'end'),
            new SetField('shelf_light_feed', 'ends', ['ring', 'solder']),
            new StringLength('shelf_light_feed', null),
            ...$more,
        );
    }

    private static function wire(array $with): array
    {
        return [
            new AddItem('parts', new Fields(['id' => 'w', 'kind' => 'wire', 'area_mm2' => 0.75, ...$with])),
            new SetField('shelf_light_feed', 'wire', 'w'),
        ];
    }

    private static function hole(array $with): AddItem
    {
        return new AddItem(
            'holes',
            new Fields([
                'id' => 'hole',
                'for' => 'way',
                'in' => 'the bulkhead',
                'mm' => 10,
                'material' => 'metal',
                ...$with,
            ]),
        );
    }

    /** The pedlar's box, whose two shelves hang on joints behind a plug. */
    public static function pedlar(Edit ...$more): Document
    {
        return Make::edited(
            Document::fromJson((string) file_get_contents(dirname(__DIR__).'/Fixtures/loom.glow.json')),
            new SetField('j_plus', 'style', 'crimp'),
            new SetField('j_minus', 'style', 'crimp'),
            new SetField('j_plus', 'seal', 'lined_tube'),
            new SetField('j_minus', 'seal', 'lined_tube'),
            new SetField('upper', 'wanted_m', 0.6),
            new SetField('lower', 'wanted_m', 0.7),
            new SetField('upper', 'surface', 'aluminium channel'),
            new SetField('lower', 'surface', 'aluminium channel'),
            new SetField('stem', 'fixing', 'clip'),
            new SetField('gap', 'fixing', 'clip'),
            ...$more,
        );
    }

    private static function terminal(array $with): array
    {
        return [
            ...self::wire([]),
            new AddItem(
                'parts',
                new Fields(['id' => 't', 'kind' => 'terminal', 'label' => 'Ring', 'style' => 'ring', ...$with]),
            ),
            new SetField('shelf_light_feed', 'end_parts', ['t', null]),
        ];
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> as RulesTest takes them */
    public static function cases(): array
    {
        $shelf = self::shelf(...);
        $with = fn (Edit ...$more): Document => self::shelf([], ...$more);
        $hinge = [
            'hinge' => ['still_m' => 0.1, 'moving_m' => 0.15, 'shut_deg' => 0, 'open_deg' => 180],
            'fixing' => 'clip',
        ];
        $colours = fn (string ...$c): SetField => new SetField('shelf_light_feed', 'colours', $c);
        $second = fn (array $colours): array => [
            new AddItem(
                'leads',
                new Fields([
                    'id' => 'second',
                    'circuit' => 'shelf',
                    'cores' => [['bank.plus', 'shelf_light.end.plus']],
                    'colours' => $colours,
                    'ends' => ['ring', 'solder'],
                    'inline' => [['id' => 'F9', 'kind' => 'fuse', 'at_m' => 0.1]],
                ]),
            ),
        ];
        $due = fn (string $needed): array => [
            new SetField('build', 'brief', ['facts' => [['id' => 'f', 'kind' => 'needed_by', 'value' => $needed]]]),
            new SetField('strip_warm_12_48', 'pack', ['size' => 5, 'unit' => 'm', 'lead_days' => 9]),
            new AddItem('work.parts', new Fields(['part' => 'strip_warm_12_48', 'ordered_on' => '2026-05-01'])),
        ];

        return [
            'harness.unplaced' => [
                fn () => $with(
                    new SetField('shelf_light', 'place', null),
                    new AddItem('places', new Fields(['id' => 'far', 'label' => 'far'])),
                    new SetField('bank', 'place', null),
                ),
                ['note lead.undecided shelf_light_feed', 'note harness.unplaced shelf_light_feed'],
                fn () => $shelf(),
            ],
            'lead.ends_apart' => [
                fn () => $with(
                    new SetField('shelf_light', 'end_place', 'box'),
                    new SetField('shelf_light_feed', 'cores', [
                        ['bank.plus', 'shelf_light.start.plus'],
                        ['shelf_light.end.minus', 'bank.minus'],
                    ]),
                ),
                ['note lead.ends_apart shelf_light_feed'],
                fn () => $shelf(),
            ],
            'lead.too_short' => [
                fn () => $with(new StringLength('shelf_light_feed', 1.1, 'supplied')),
                ['warning lead.too_short shelf_light_feed'],
                fn () => $with(new StringLength('shelf_light_feed', 1.5, 'supplied')),
            ],
            'lead.spare_long' => [
                fn () => $with(new StringLength('shelf_light_feed', 2.0, 'supplied')),
                ['note lead.spare_long shelf_light_feed'],
                fn () => $with(new StringLength('shelf_light_feed', 1.6, 'supplied')),
            ],
            'lead.past_end' => [
                fn () => $with(new SetField('F1', 'at_m', 1.9)),
                ['warning fuse.too_far F1', 'warning lead.past_end F1'],
                fn () => $with(new SetField('F1', 'at_m', 0.2)),
            ],
            'hinge.short' => [
                fn () => $shelf(['length_m' => 0.25, ...$hinge]),
                ['warning hinge.short way'],
                fn () => $shelf(['length_m' => 0.35, ...$hinge]),
            ],
            'route.unguarded' => [
                fn () => $with(self::hole(['edge' => 'bare'])),
                ['warning route.unguarded hole'],
                fn () => $with(self::hole(['edge' => 'grommet'])),
            ],
            'route.unfused_hole' => [
                fn () => $with(self::hole(['edge' => 'grommet']), new SetField('shelf_light_feed', 'inline', [])),
                ['danger fuse.missing shelf_light_feed', 'danger route.unfused_hole hole'],
                fn () => $with(self::hole(['edge' => 'grommet', 'material' => 'wood'])),
            ],
            'route.hot' => [
                fn () => $shelf(['hazards' => ['hot'], 'ambient_c' => 40]),
                ['warning route.hot way'],
                fn () => $shelf(['hazards' => ['hot'], 'ambient_c' => 40, 'heat_gap_m' => 0.2]),
            ],
            'route.unfixed' => [
                fn () => $shelf(['fixing' => 'clip', 'spacing_m' => 0.4]),
                ['note route.unfixed way'],
                fn () => $shelf(['fixing' => 'clip', 'spacing_m' => 0.3]),
            ],
            'route.end_open' => [
                fn () => $shelf(['zone' => 'floor', 'sleeve' => 'split']),
                ['note route.end_open way'],
                fn () => $shelf(['zone' => 'floor', 'sleeve' => 'split', 'ends_closed' => true]),
            ],
            'loom.full' => [
                fn () => $shelf(['sleeve' => 'split', 'sleeve_mm' => 3, 'ends_closed' => true]),
                ['warning loom.full way'],
                fn () => $shelf(['sleeve' => 'split', 'sleeve_mm' => 8, 'ends_closed' => true]),
            ],
            'loom.hidden' => [
                fn () => $shelf(['access' => 'panel', 'minutes' => 40]),
                ['note loom.hidden way'],
                fn () => $shelf(['access' => 'panel', 'minutes' => 10]),
            ],
            'wire.zone' => [
                fn () => $shelf(['zone' => 'sealed_panel'], ...self::wire(['insulation_c' => 70])),
                ['warning wire.zone shelf_light_feed'],
                fn () => $shelf(['zone' => 'sealed_panel'], ...self::wire(['insulation_c' => 105])),
            ],
            'wire.stiff' => [
                fn () => $shelf(['hazards' => ['moving'], 'fixing' => 'clip'], ...self::wire(['strands' => 7])),
                ['warning wire.stiff shelf_light_feed'],
                fn () => $shelf(['hazards' => ['moving'], 'fixing' => 'clip'], ...self::wire(['strands' => 28])),
            ],
            'joint.buried' => [
                fn () => self::pedlar(new SetField('floor', 'wet', 'wet'), new SetField('j_plus', 'seal', 'tube')),
                ['warning joint.buried j_plus'],
                fn () => self::pedlar(new SetField('floor', 'wet', 'wet')),
            ],
            'joint.moves' => [
                fn () => self::pedlar(
                    new SetField('to_up', 'hazards', ['moving']),
                    new SetField('to_up', 'fixing', 'clip'),
                    new SetField('to_down', 'hazards', ['moving']),
                    new SetField('to_down', 'fixing', 'clip'),
                    new SetJoint('j_plus', 'solder'),
                ),
                ['warning joint.moves j_plus'],
                fn () => self::pedlar(new SetJoint('j_plus', 'solder')),
            ],
            'terminal.over' => [
                fn () => $with(...self::terminal(['accepts_mm2' => [0.25, 0.5]])),
                ['warning terminal.over shelf_light_feed'],
                fn () => $with(...self::terminal(['accepts_mm2' => [0.25, 1.5]])),
            ],
            'terminal.loose' => [
                fn () => $with(...self::terminal(['accepts_mm2' => [1.0, 2.5]])),
                ['warning terminal.loose shelf_light_feed'],
                fn () => $with(...self::terminal(['accepts_mm2' => [0.5, 2.5]])),
            ],
            'terminal.crowded' => [
                fn () => $with(
                    ...self::terminal(['accepts_mm2' => [0.25, 6], 'max_wires' => 1]),
                    ...[
                        new AddItem(
                            'leads',
                            new Fields([
                                'id' => 'second',
                                'circuit' => 'shelf',
                                'wire' => 'w',
                                'cores' => [['bank.plus', 'shelf_light.end.plus']],
                                'end_parts' => ['t', null],
                                'ends' => ['ring', 'solder'],
                                'inline' => [['id' => 'F9', 'kind' => 'fuse', 'at_m' => 0.1]],
                            ]),
                        ),
                    ],
                ),
                ['note terminal.crowded shelf_light_feed'],
                fn () => $with(...self::terminal(['accepts_mm2' => [0.25, 6], 'max_wires' => 1])),
            ],
            'tube.none' => [
                fn () => self::pedlar(new SetField('w05', 'outside_mm', 0.9)),
                ['note tube.none j_plus', 'note tube.none j_minus'],
                fn () => self::pedlar(),
            ],
            'plug.missing' => [
                fn () => self::pedlar(new SetField('home', 'inline', [])),
                ['warning plug.missing box'],
                fn () => self::pedlar(),
            ],
            'plug.two_lines' => [
                fn () => self::pedlar(
                    new AddItem('devices', new Fields(['id' => 'p_two', 'kind' => 'plug', 'part' => 'plug2'])),
                    new AddItem(
                        'leads.home.inline',
                        new Fields([
                            'id' => 'p_extra',
                            'kind' => 'plug',
                            'at_m' => 0.3,
                            'plug' => 'p_two',
                            'ways' => [1],
                        ]),
                    ),
                ),
                ['warning plug.two_lines home'],
                fn () => self::pedlar(),
            ],
            'plug.ways' => [
                fn () => self::pedlar(
                    new AddItem(
                        'leads',
                        new Fields([
                            'id' => 'more',
                            'circuit' => 'shelves',
                            'cores' => [['sw.2', 'j_plus']],
                            'wire' => 'w05',
                            'ends' => ['spade', 'crimp'],
                        ]),
                    ),
                ),
                ['warning plug.missing box', 'warning plug.ways p_box'],
                fn () => self::pedlar(),
            ],
            'plug.over' => [
                fn () => self::pedlar(new SetField('plug2', 'max_a', 0.9)),
                ['warning plug.over p_box'],
                fn () => self::pedlar(),
            ],
            'plug.alike' => [
                fn () => self::pedlar(
                    new SetField('plug2', 'keyed', false),
                    new AddItem(
                        'devices',
                        new Fields(['id' => 'p_two', 'kind' => 'plug', 'part' => 'plug2', 'label' => 'Second plug']),
                    ),
                    new SetField('p_minus', 'plug', 'p_two'),
                ),
                ['warning plug.alike p_two'],
                fn () => self::pedlar(),
            ],
            'plug.wet' => [
                fn () => self::pedlar(new SetField('plug2', 'sealed', false)),
                ['warning plug.wet p_box'],
                fn () => self::pedlar(),
            ],
            'plug.host_half' => [
                fn () => self::pedlar(new SetField('j_plus', 'place', 'tail'), new SetField('j_minus', 'place', 'tail')),
                ['warning plug.missing box', 'note plug.host_half j_plus', 'note plug.host_half j_minus'],
                fn () => self::pedlar(),
            ],
            'ground.forbidden' => [
                fn () => $with(
                    new AddItem(
                        'host.grounds',
                        new Fields([
                            'id' => 'bolt',
                            'label' => 'Bolt by the seat',
                            'of' => 'bank',
                            'surface' => 'stud',
                            'fastener' => 'belt',
                            'place' => 'box',
                        ]),
                    ),
                    new Connect('shelf_light.start.minus', 'bolt'),
                    new SetField('shelf_light_feed', 'cores', [['bank.plus', 'shelf_light.start.plus']]),
                ),
                ['danger ground.forbidden bolt'],
                fn () => $shelf(),
            ],
            'ground.crowded' => [
                fn () => $with(
                    new AddItem(
                        'host.grounds',
                        new Fields([
                            'id' => 'stud',
                            'label' => 'Stud',
                            'of' => 'bank',
                            'surface' => 'stud',
                            'place' => 'box',
                        ]),
                    ),
                    ...array_map(
                        fn (int $n): AddItem => new AddItem(
                            'leads',
                            new Fields([
                                'id' => "r{$n}",
                                'circuit' => 'shelf',
                                'label' => "Return {$n}",
                                'cores' => [['shelf_light.start.minus', 'stud']],
                                'ends' => ['solder', 'ring'],
                            ]),
                        ),
                        [1, 2, 3, 4],
                    ),
                ),
                ['note ground.crowded stud'],
                fn () => $shelf(),
            ],
            'fuse.unreachable' => [
                fn () => $shelf(['access' => 'buried', 'minutes' => 5]),
                ['warning fuse.unreachable F1'],
                fn () => $shelf(['access' => 'panel', 'minutes' => 5]),
            ],
            'colour.twice' => [
                fn () => $with($colours('red', 'black'), ...$second(['red'])),
                ['warning colour.twice way'],
                fn () => $with($colours('red', 'black'), ...$second(['blue'])),
            ],
            'colour.against' => [
                fn () => $with($colours('black', 'red')),
                ['note colour.against shelf_light_feed'],
                fn () => $with($colours('red', 'black')),
            ],
            'side.unmarked' => [
                fn () => Make::edited(
                    self::pair(),
                    new SetField('upper', 'side', 'left'),
                    new SetField('lower', 'side', 'right'),
                ),
                ['note side.unmarked to_lower'],
                fn () => self::pedlar(),
            ],
            'strain.none' => [
                fn () => $shelf(['hazards' => ['moving']]),
                ['note strain.none way'],
                fn () => $shelf(['hazards' => ['moving'], 'fixing' => 'clip']),
            ],
            'parts.late' => [
                fn () => $with(...$due('2026-05-09')),
                ['warning parts.late strip_warm_12_48'],
                fn () => $with(...$due('2026-05-10')),
            ],
            'cut.not_exact' => [
                fn () => self::many(13),
                [
                    ...array_map(fn (int $i): string => "note lead.spare_core lead_{$i}.1.spare_b", range(0, 12)),
                    'note cut.not_exact lead_0',
                ],
                fn () => self::many(4),
            ],
        ];
    }

    /** The pedlar's box with both shelves' cables in the same colours, to either side. */
    private static function pair(): Document
    {
        return self::pedlar(
            new SetField('to_upper', 'colours', ['blue', 'black']),
            new SetField('to_lower', 'colours', ['blue', 'black']),
        );
    }

    /** Thirteen pieces that go into five reels of 10 m, or six where the longest is always cut first. */
    private const PIECES_M = [2.6, 3.5, 3.6, 4.9, 2.4, 5.0, 2.9, 3.0, 4.3, 4.4, 3.8, 4.5, 3.5];

    /** So many capped leads of one wire. */
    private static function many(int $n): Document
    {
        $document = self::shelf([], self::wire(['pack' => ['size' => 10, 'unit' => 'm']])[0]);
        for ($i = 0; $i < $n; $i++) {
            $document = Make::edited(
                $document,
                new AddItem(
                    'leads',
                    new Fields([
                        'id' => "lead_{$i}",
                        'circuit' => 'shelf',
                        'wire' => 'w',
                        'label' => "Spare {$i}",
                        'cores' => [['shelf_light.end.plus', null]],
                        'ends' => ['solder', null],
                        'length_m' => self::PIECES_M[$i],
                    ]),
                ),
            );
        }

        return $document;
    }
}
