<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Edit\Accept;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\AddPlace;
use BenchGlow\Edit\AddSource;
use BenchGlow\Edit\AddWires;
use BenchGlow\Edit\Arrive;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Calibrate;
use BenchGlow\Edit\Choose;
use BenchGlow\Edit\ChooseSection;
use BenchGlow\Edit\ClaimWire;
use BenchGlow\Edit\CloseHunt;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Edit\Compose;
use BenchGlow\Edit\Connect;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\CountStock;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\ExtendLead;
use BenchGlow\Edit\Fasten;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\GuardHole;
use BenchGlow\Edit\ImportOutline;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\KeepLog;
use BenchGlow\Edit\KeepPart;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Edit\KeepTrial;
use BenchGlow\Edit\LayLoom;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\MoveItem;
use BenchGlow\Edit\MoveThing;
use BenchGlow\Edit\NameWire;
use BenchGlow\Edit\OpenHunt;
use BenchGlow\Edit\Park;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Edit\PlugHere;
use BenchGlow\Edit\ProbeGoal;
use BenchGlow\Edit\ProbeWay;
use BenchGlow\Edit\PutFirst;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\ReplacePart;
use BenchGlow\Edit\See;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetJoint;
use BenchGlow\Edit\SetReadingAside;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Edit\SetWay;
use BenchGlow\Edit\SetWire;
use BenchGlow\Edit\SkipGate;
use BenchGlow\Edit\SplitLead;
use BenchGlow\Edit\SplitRun;
use BenchGlow\Edit\SplitStretch;
use BenchGlow\Edit\StringLength;
use BenchGlow\Edit\SwapEnds;
use BenchGlow\Edit\TakeOffcut;
use BenchGlow\Edit\TakeOption;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Edit\Unaccept;
use BenchGlow\Edit\Unmark;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Edit\UsePart;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use BenchGlow\Ways\Ways;
use Tests\Support\LoomFaults;
use Tests\Support\Make;

/**
 * One of every edit on the shelf build: the edit, its JSON, its words in the history.
 *
 * @return array<string, array{Edit, array<string, mixed>, string}>
 */
function everyEdit(): array
{
    $led = Catalogue::part('led_white_5') ?? new Fields([]);
    $strip = Catalogue::part('strip_warm_12_48') ?? new Fields([]);
    $row = ['kind' => 'leds', 'count' => 3, 'per_string' => 3, 'ohm' => 180];

    return [
        'set' => [
            new SetField('shelf_light', 'wanted_m', 2.5),
            ['op' => 'set', 'id' => 'shelf_light', 'field' => 'wanted_m', 'value' => 2.5],
            'Shelf: length 2.5 m',
        ],
        'add' => [
            new AddItem('routes', new Fields(['id' => 'hull', 'label' => 'Along the hull'])),
            ['op' => 'add', 'section' => 'routes', 'value' => ['id' => 'hull', 'label' => 'Along the hull']],
            'Added Along the hull',
        ],
        'remove' => [new RemoveItem('F1'), ['op' => 'remove', 'id' => 'F1'], 'Fuse F1: removed'],
        'move' => [new MoveItem('shelf', null), ['op' => 'move', 'id' => 'shelf'], 'Shelf: moved'],
        'feed' => [
            new FeedStrip('shelf_light', 'middle'),
            ['op' => 'feed', 'id' => 'shelf_light', 'feed' => 'middle'],
            'Shelf: fed in the middle',
        ],
        'feed_both_ends' => [
            new FeedBothEnds('shelf_light'),
            ['op' => 'feed_both_ends', 'id' => 'shelf_light'],
            'Shelf: fed at both ends',
        ],
        'split_run' => [
            new SplitRun('shelf_light'),
            ['op' => 'split_run', 'id' => 'shelf_light'],
            'Shelf: split into two runs',
        ],
        'add_circuit' => [
            new AddCircuit('Row', new Fields($row), $led, 'bank'),
            ['op' => 'add_circuit', 'label' => 'Row', 'light' => $row, 'part' => $led->data, 'supply' => 'bank'],
            'Row: new circuit',
        ],
        'add_light' => [
            new AddLight('shelf', new Fields($row), $led, 'bank'),
            ['op' => 'add_light', 'circuit' => 'shelf', 'light' => $row, 'part' => $led->data, 'supply' => 'bank'],
            'Shelf: a light more',
        ],
        'copy_circuit' => [
            new CopyCircuit('shelf', 'Twin'),
            ['op' => 'copy_circuit', 'id' => 'shelf', 'label' => 'Twin'],
            'Shelf: copied',
        ],
        'keep_circuit' => [new KeepCircuit('shelf'), ['op' => 'keep_circuit', 'circuit' => 'shelf'], 'Shelf: alone'],
        'use_part' => [
            new UsePart('shelf_light', $strip),
            ['op' => 'use_part', 'id' => 'shelf_light', 'part' => $strip->data],
            'Shelf: now '.lcfirst($strip->text('label')),
        ],
        'use_way' => [
            new UseWay('shelf', 'hand'),
            ['op' => 'use_way', 'circuit' => 'shelf', 'way' => 'hand'],
            'Shelf: hand switch',
        ],
        'insert_part' => [
            new InsertPart(
                new Fields(['lead' => 'shelf_light_feed', 'core' => 1, 'at_m' => 0.4]),
                'rocker_plain',
                bind: new Fields(['input' => 'new']),
            ),
            [
                'op' => 'insert_part',
                'place' => ['lead' => 'shelf_light_feed', 'core' => 1, 'at_m' => 0.4],
                'part' => 'rocker_plain',
                'bind' => ['input' => 'new'],
            ],
            'Feed of Shelf: rocker, single pole put in',
        ],
        'take_part_out' => [new TakePartOut('F1'), ['op' => 'take_part_out', 'id' => 'F1'], 'Fuse F1: taken out'],
        'connect' => [
            new Connect('bank.plus', 'shelf_light.end.plus', lengthM: 2.0),
            ['op' => 'connect', 'from' => 'bank.plus', 'to' => 'shelf_light.end.plus', 'length_m' => 2.0],
            'Bank + joined with shelf, end +',
        ],
        'disconnect' => [
            new Disconnect('shelf_light_feed', 2),
            ['op' => 'disconnect', 'lead' => 'shelf_light_feed', 'core' => 2],
            'Feed of Shelf: taken off',
        ],
        'swap_ends' => [
            new SwapEnds('shelf_light'),
            ['op' => 'swap_ends', 'id' => 'shelf_light'],
            'Shelf: its ends swapped',
        ],
        'replace_part' => [
            new ReplacePart('shelf_light', $strip),
            ['op' => 'replace_part', 'id' => 'shelf_light', 'part' => $strip->data],
            'Shelf: now '.lcfirst($strip->text('label')),
        ],
        'add_source' => [
            new AddSource(new Fields(['lead' => 'shelf_light_feed', 'core' => 1]), 'bank.plus'),
            ['op' => 'add_source', 'place' => ['lead' => 'shelf_light_feed', 'core' => 1], 'from' => 'bank.plus'],
            'Feed of Shelf: fed from bank + too',
        ],
        'choose_section' => [
            new ChooseSection('shelf', 'switching', 'hand'),
            ['op' => 'choose_section', 'circuit' => 'shelf', 'section' => 'switching', 'choice' => 'hand'],
            'Shelf: switched by a rocker',
        ],
        'compose' => [
            new Compose('shelf', new Fields(['feeds' => [['from' => 'supply']], 'home' => 'home'])),
            ['op' => 'compose', 'circuit' => 'shelf', 'card' => ['feeds' => [['from' => 'supply']], 'home' => 'home']],
            'Shelf: made from its wish',
        ],
        'set_wire' => [
            new SetWire('shelf_light_feed', 2.5),
            ['op' => 'set_wire', 'id' => 'shelf_light_feed', 'area_mm2' => 2.5],
            'Feed of Shelf: wire 2.5 mm²',
        ],
        'add_wires' => [
            new AddWires('Stern plug', 4, 'lamp', 2),
            ['op' => 'add_wires', 'label' => 'Stern plug', 'count' => 4, 'spot' => 'lamp', 'rows' => 2],
            'Stern plug: 4 wires',
        ],
        'keep_reading' => [
            new KeepReading('p2', value: 12.4, supplyV: 12.6),
            ['op' => 'keep_reading', 'wire' => 'p2', 'value' => 12.4, 'supply_v' => 12.6],
            'Wire 2 of plug: 12.4 V kept',
        ],
        'set_reading_aside' => [
            new SetReadingAside('r1'),
            ['op' => 'set_reading_aside', 'id' => 'r1'],
            'A reading set aside',
        ],
        'name_wire' => [
            new NameWire('p1', 'running'),
            ['op' => 'name_wire', 'wire' => 'p1', 'function' => 'running'],
            'Wire 1 of plug: named running',
        ],
        'claim' => [
            new ClaimWire('p1', 'ground', 'label'),
            ['op' => 'claim', 'wire' => 'p1', 'says' => 'ground', 'from' => 'label'],
            'Wire 1 of plug: said to be ground',
        ],
        'probe_way' => [
            new ProbeWay('way5', 12.5, 0.0, overMv: 14.8),
            ['op' => 'probe_way', 'way' => 'way5', 'first_v' => 12.5, 'second_v' => 0.0, 'over_mv' => 14.8],
            'F5: its live slot read',
        ],
        'probe_goal' => [new ProbeGoal('all'), ['op' => 'probe_goal', 'goal' => 'all'], 'Every wire is to be named'],
        'add_layout' => [
            new AddLayout('shelf_light', 'panel'),
            ['op' => 'add_layout', 'light' => 'shelf_light', 'kind' => 'panel'],
            'Shelf: layout begun',
        ],
        'set_segment' => [
            new SetSegment('path', 0, new Fields(['straight_m' => 0.9])),
            ['op' => 'set_segment', 'id' => 'path', 'at' => 0, 'segment' => ['straight_m' => 0.9]],
            'Shelf along the wall: a straight of its path set',
        ],
        'use_layout' => [
            new UseLayout('path'),
            ['op' => 'use_layout', 'id' => 'path'],
            'Shelf along the wall: taken into the circuit',
        ],
        'keep_trial' => [
            new KeepTrial('trial', 12.0, true),
            ['op' => 'keep_trial', 'id' => 'trial', 'at' => 12.0, 'made' => true],
            'Door magnet: tried: made',
        ],
        'import_outline' => [
            new ImportOutline(
                'board',
                '<svg xmlns="http://www.w3.org/2000/svg" width="9mm"><rect width="9" height="9"/></svg>',
            ),
            [
                'op' => 'import_outline',
                'id' => 'board',
                'svg' => '<svg xmlns="http://www.w3.org/2000/svg" width="9mm"><rect width="9" height="9"/></svg>',
            ],
            'Board: outline taken from a file',
        ],
        'lay_loom' => [new LayLoom(), ['op' => 'lay_loom'], 'Laid the loom out from the circuit'],
        'add_place' => [
            new AddPlace('behind the seat', 'box', 0.8),
            ['op' => 'add_place', 'label' => 'behind the seat', 'beside' => 'box', 'length_m' => 0.8],
            'Added the place behind the seat',
        ],
        'split_stretch' => [
            new SplitStretch('way', 0.4, 'half way'),
            ['op' => 'split_stretch', 'id' => 'way', 'at_m' => 0.4, 'label' => 'half way'],
            'Along the wall: split at half way',
        ],
        'move_thing' => [
            new MoveThing('shelf_light', 'box'),
            ['op' => 'move_thing', 'id' => 'shelf_light', 'place' => 'box'],
            'Shelf: placed at bank box',
        ],
        'set_way' => [
            new SetWay('shelf_light_feed', ['way']),
            ['op' => 'set_way', 'id' => 'shelf_light_feed', 'way' => ['way']],
            'Feed of Shelf: its way stated',
        ],
        'string_length' => [
            new StringLength('shelf_light_feed', 1.45),
            ['op' => 'string_length', 'id' => 'shelf_light_feed', 'length_m' => 1.45],
            'Feed of Shelf: 1.45 m, strung',
        ],
        'plug_here' => [
            new PlugHere('way'),
            ['op' => 'plug_here', 'stretch' => 'way'],
            'Along the wall: a plug put into it',
        ],
        'extend_lead' => [
            new ExtendLead('shelf_light_feed'),
            ['op' => 'extend_lead', 'id' => 'shelf_light_feed'],
            'Feed of Shelf: extended',
        ],
        'split_lead' => [
            new SplitLead('shelf_light_feed', 2),
            ['op' => 'split_lead', 'id' => 'shelf_light_feed', 'core' => 2],
            'Feed of Shelf: core 2 split off',
        ],
        'guard_hole' => [
            new GuardHole('way', 'grommet', 'the bulkhead', 10.0),
            ['op' => 'guard_hole', 'for' => 'way', 'in' => 'the bulkhead', 'mm' => 10.0],
            'Along the wall: guarded by a grommet',
        ],
        'colour_all' => [new ColourAll(), ['op' => 'colour_all'], 'Coloured every wire by the plan'],
        'set_joint' => [
            new SetJoint('knot', 'crimp', 'lined_tube'),
            ['op' => 'set_joint', 'id' => 'knot', 'style' => 'crimp', 'seal' => 'lined_tube'],
            'Knot: made as crimp',
        ],
        'take_offcut' => [
            new TakeOffcut('offcut 3', 'strip_white_12_144', 1.2),
            ['op' => 'take_offcut', 'offcut' => 'offcut 3', 'part' => 'strip_white_12_144', 'length_m' => 1.2],
            'White 12 V, 14.4 W/m, 60 LEDs/m: an offcut of 1.2 m taken',
        ],
        'mark' => [
            new Mark(
                ['cut:shelf_light_feed'],
                '2026-05-02T18:00+02:00',
                'cut the feed',
                as: new Fields(['cut:shelf_light_feed' => ['length_m' => 1.4]]),
            ),
            [
                'op' => 'mark',
                'steps' => ['cut:shelf_light_feed'],
                'on' => '2026-05-02T18:00+02:00',
                'words' => 'cut the feed',
                'as' => ['cut:shelf_light_feed' => ['length_m' => 1.4]],
            ],
            'Cut the feed',
        ],
        'unmark' => [
            new Unmark(['cut:shelf_light_feed'], 'Cut the feed'),
            ['op' => 'unmark', 'steps' => ['cut:shelf_light_feed'], 'words' => 'Cut the feed'],
            'Not done after all: cut the feed',
        ],
        'fasten' => [
            new Fasten('tray_bolts', 'lost', 2),
            ['op' => 'fasten', 'id' => 'tray_bolts', 'state' => 'lost', 'lost' => 2],
            'Bolt M5x16: 2 lost',
        ],
        'arrive' => [
            new Arrive('strip_white_12_144', '2026-05-02'),
            ['op' => 'arrive', 'part' => 'strip_white_12_144', 'on' => '2026-05-02'],
            'White 12 V, 14.4 W/m, 60 LEDs/m: here',
        ],
        'log' => [
            new Log('mistake', '2026-05-02', 'two centimetres', 'cut:shelf_light_feed', 'cut_short', 6.0),
            [
                'op' => 'log',
                'kind' => 'mistake',
                'on' => '2026-05-02',
                'text' => 'two centimetres',
                'step' => 'cut:shelf_light_feed',
                'cause' => 'cut_short',
                'minutes' => 6.0,
            ],
            'Mistake, cut short: two centimetres',
        ],
        'choose' => [
            new Choose('order', 'mount_first'),
            ['op' => 'choose', 'choice' => 'order', 'value' => 'mount_first'],
            'To work so: lamps first',
        ],
        'add_panel' => [
            new AddPanel('Shelf front', ['shelf_light'], off: 'pull straight up'),
            ['op' => 'add_panel', 'label' => 'Shelf front', 'gives' => ['shelf_light'], 'off' => 'pull straight up'],
            'Comes off: shelf front',
        ],
        'put_first' => [
            new PutFirst('bench:shelf_light', 'kit:all', 'to see whether it is worth it'),
            [
                'op' => 'put_first',
                'first' => 'bench:shelf_light',
                'then' => 'kit:all',
                'why' => 'to see whether it is worth it',
            ],
            'Put first: to see whether it is worth it',
        ],
        'park' => [
            new Park('night:all', 'Look at it in the dark', '2026-05-04'),
            ['op' => 'park', 'step' => 'night:all', 'words' => 'Look at it in the dark', 'until' => '2026-05-04'],
            'Not now: look at it in the dark',
        ],
        'plan' => [
            new PlanBy(new Fields(['people' => 2])),
            ['op' => 'plan', 'plan' => ['people' => 2]],
            'Planned for 2 people',
        ],
        'count' => [
            new CountStock('solder, m', 2.5, '2026-05-02'),
            ['op' => 'count', 'what' => 'solder, m', 'have' => 2.5, 'on' => '2026-05-02'],
            'Counted: 2.5 m of solder',
        ],
        'keep_part' => [
            new KeepPart('strip_white_12_144', 2.0, '2026-05-01'),
            ['op' => 'keep_part', 'part' => 'strip_white_12_144', 'have' => 2.0, 'ordered_on' => '2026-05-01'],
            'White 12 V, 14.4 W/m, 60 LEDs/m: ordered on 2026-05-01',
        ],
        'keep_gate' => [
            new KeepGate(
                'part:shelf_light',
                'as_it_should',
                '2026-05-02T10:00+02:00',
                '0a1b2c3d4e5f',
                new Fields([['red' => 'shelf_light.start.plus', 'value' => 12.1]]),
                supplyV: 12.4,
                words: 'Shelf on the bench supply',
            ),
            [
                'op' => 'keep_gate',
                'gate' => 'part:shelf_light',
                'result' => 'as_it_should',
                'on' => '2026-05-02T10:00+02:00',
                'facts' => '0a1b2c3d4e5f',
                'readings' => [['red' => 'shelf_light.start.plus', 'value' => 12.1]],
                'supply_v' => 12.4,
                'words' => 'Shelf on the bench supply',
            ],
            'Shelf on the bench supply: as it should be',
        ],
        'skip_gate' => [
            new SkipGate('night:shelf_light', 'no dark yet', '2026-05-02', words: 'Shelf in the dark'),
            [
                'op' => 'skip_gate',
                'gate' => 'night:shelf_light',
                'why' => 'no dark yet',
                'on' => '2026-05-02',
                'words' => 'Shelf in the dark',
            ],
            'Passed over, no dark yet: shelf in the dark',
        ],
        'keep_log' => [
            new KeepLog(new Fields(['red' => 'shelf_light.start.plus', 'value' => 11.9]), '2026-05-02', supplyV: 12.4),
            [
                'op' => 'keep_log',
                'reading' => ['red' => 'shelf_light.start.plus', 'value' => 11.9],
                'on' => '2026-05-02',
                'supply_v' => 12.4,
            ],
            'Shelf, start +: 11.9 V kept',
        ],
        'open_hunt' => [
            new OpenHunt('shelf', '2026-05-02'),
            ['op' => 'open_hunt', 'circuit' => 'shelf', 'on' => '2026-05-02'],
            'Shelf: looked for what is wrong',
        ],
        'see' => [
            new See('h1', 'shelf_light', 'dim', '2026-05-02'),
            ['op' => 'see', 'hunt' => 'h1', 'emitter' => 'shelf_light', 'look' => 'dim', 'on' => '2026-05-02'],
            'Shelf: dim',
        ],
        'close_hunt' => [
            new CloseHunt('h1', '2026-05-02', 'fuse:F1', words: 'fuse F1 is blown'),
            [
                'op' => 'close_hunt',
                'hunt' => 'h1',
                'on' => '2026-05-02',
                'found' => 'fuse:F1',
                'words' => 'fuse F1 is blown',
            ],
            'Mended: fuse F1 is blown',
        ],
        'calibrate' => [
            new Calibrate('shelf_light', 12.0, 11.6, 1.1, 1.0),
            [
                'op' => 'calibrate',
                'light' => 'shelf_light',
                'fed_v' => 12.0,
                'far_v' => 11.6,
                'amps' => 1.1,
                'piece_m' => 1.0,
            ],
            'Shelf: rails measured, 0.4 V from end to end',
        ],
        'take_option' => [new TakeOption('o1'), ['op' => 'take_option', 'option' => 'o1'], 'Taken: Wires in a rail'],
        'accept' => [
            new Accept('strip.dim_end', 'shelf_light', 'seen from one side', '2026-01-02'),
            [
                'op' => 'accept',
                'rule' => 'strip.dim_end',
                'subject' => 'shelf_light',
                'reason' => 'seen from one side',
                'on' => '2026-01-02',
            ],
            'Set aside: strip.dim_end at Shelf',
        ],
        'unaccept' => [
            new Unaccept('strip.dim_end', 'shelf_light'),
            ['op' => 'unaccept', 'rule' => 'strip.dim_end', 'subject' => 'shelf_light'],
            'Looked at again: strip.dim_end at Shelf',
        ],
        'batch' => [
            new Batch([new RemoveItem('F1'), new FeedBothEnds('shelf_light')]),
            [
                'op' => 'batch',
                'edits' => [['op' => 'remove', 'id' => 'F1'], ['op' => 'feed_both_ends', 'id' => 'shelf_light']],
            ],
            'Fuse F1: removed',
        ],
    ];
}

/** The shelf, with what an edit needs to be there. */
function prepared(string $op): Document
{
    if ($op === 'unaccept') {
        return Make::edited(Make::shelf(), everyEdit()['accept'][0]);
    }
    if ($op === 'take_option') {
        $option = ['id' => 'o1', 'label' => 'Wires in a rail', 'amount' => '24'];

        return Make::edited(Make::shelf(), new AddItem('quote.options', new Fields($option)));
    }
    if ($op === 'unmark') {
        return Make::edited(Make::shelf(), everyEdit()['mark'][0]);
    }
    if ($op === 'fasten') {
        $bolts = ['id' => 'tray_bolts', 'kind' => 'bolt', 'size' => 'M5x16', 'count' => 4, 'panel' => 'the tray'];

        return Make::edited(Make::shelf(), new AddItem('work.fasteners', new Fields($bolts)));
    }
    if (in_array($op, ['set_segment', 'use_layout', 'keep_trial', 'import_outline'], true)) {
        return Make::edited(
            Make::shelf(),
            new AddItem(
                'parts',
                new Fields([
                    'id' => 'reed',
                    'kind' => 'switch',
                    'style' => 'reed',
                    'pins' => ['a', 'b'],
                    'contacts' => [],
                ]),
            ),
            new AddItem(
                'devices',
                new Fields(['id' => 'magnet', 'kind' => 'switch', 'label' => 'Magnet', 'part' => 'reed']),
            ),
            new AddItem(
                'layouts',
                new Fields([
                    'id' => 'trial',
                    'kind' => 'sensor',
                    'label' => 'Door magnet',
                    'device' => 'magnet',
                    'shut' => 0,
                    'open' => 90,
                ]),
            ),
            new AddItem('layouts', new Fields(['id' => 'board', 'kind' => 'piece', 'label' => 'Board'])),
            new AddLayout(
                'shelf_light',
                'strip_path',
                new Fields(['id' => 'path', 'label' => 'Shelf along the wall', 'segments' => [['straight_m' => 0.8]]]),
            ),
        );
    }
    $loom = ['lay_loom', 'add_place', 'split_stretch', 'move_thing', 'set_way', 'string_length', 'plug_here'];
    if (in_array($op, [...$loom, 'extend_lead', 'split_lead', 'guard_hole', 'colour_all', 'set_joint'], true)) {
        $more = [new AddItem('devices', new Fields(['id' => 'knot', 'kind' => 'joint', 'label' => 'Knot']))];
        if ($op === 'extend_lead') {
            $more[] = new StringLength('shelf_light_feed', 1.1, 'supplied');
        }

        return $op === 'lay_loom' ? Make::shelf() : LoomFaults::shelf([], ...$more);
    }
    if (in_array($op, ['see', 'close_hunt'], true)) {
        return Make::edited(Make::shelf(), new OpenHunt('shelf', '2026-05-01'));
    }
    $probed = ['keep_reading', 'set_reading_aside', 'name_wire', 'claim', 'probe_way', 'probe_goal'];

    return ! in_array($op, $probed, true)
        ? Make::shelf()
        : Make::edited(
            Make::shelf(),
            new AddWires('Plug', 3, 'lamp'),
            new KeepReading('p1', value: 0.0),
            new AddItem(
                'host.ways',
                new Fields(['id' => 'way5', 'label' => 'F5', 'kind' => 'fuse_way', 'fuse_a' => 10, 'fed_by' => 'bank']),
            ),
        );
}

it('has one of every edit here', function (): void {
    expect(array_keys(everyEdit()))->toBe(array_keys(Edits::ALL));
    $files = array_map(
        fn (string $f): string => 'BenchGlow\\Edit\\'.basename($f, '.php'),
        glob(dirname(__DIR__, 2).'/core/Edit/*.php') ?: [],
    );
    $edits = array_filter($files, fn (string $c): bool => is_subclass_of($c, Edit::class));
    expect(array_values(Edits::ALL))->toEqualCanonicalizing(array_values($edits));
});

it('writes every edit and reads it back', function (string $op): void {
    [$edit, $json] = everyEdit()[$op];
    expect(Edits::write($edit))
        ->toEqual($json)
        ->and(Edits::read($json))
        ->toEqual($edit)
        // As it comes out of the history: through text.
        ->and(Edits::write(Edits::read(json_decode((string) json_encode($json), true))))
        ->toEqual($json);
})->with(array_keys(everyEdit()));

it('says in the history what was done, by the names of things', function (string $op): void {
    [$edit, , $words] = everyEdit()[$op];
    $before = prepared($op);
    $after = Editor::apply($before, $edit);
    expect($edit->says(Names::between($before, $after)))->toBe($words);
})->with(array_keys(everyEdit()));

it('refuses each field of each edit by its name', function (string $op): void {
    [, $json] = everyEdit()[$op];
    foreach (array_diff(array_keys($json), ['op']) as $field) {
        $left = array_diff_key($json, [$field => true]);
        try {
            $read = Edits::read($left);
            // What may be left out reads as its default, and is not written.
            expect(array_key_exists($field, Edits::write($read)))->toBeFalse("{$op}.{$field}");
        } catch (BadBuild $e) {
            expect($e->getMessage())->toContain("field `{$field}` is missing");
        }
        if ($field !== 'value' && $field !== 'before') {
            expect(fn () => Edits::read([...$json, $field => new stdClass()]))->toThrow(
                BadBuild::class,
                "/{$field}: expected",
            );
        }
    }
    expect(fn () => Edits::read([...$json, 'colour' => 'red']))->toThrow(
        BadBuild::class,
        "the edit `{$op}` has no field `colour`",
    );
})->with(array_keys(everyEdit()));

it('reads no edit that names nothing, or another', function (array $json, string $says): void {
    expect(fn () => Edits::read($json))->toThrow(BadBuild::class, $says);
})->with([
    [[], 'an edit names what it does, as "set".'],
    [['op' => 7], 'an edit names what it does, as "set".'],
    [['op' => 'sett'], 'there is no edit `sett`. Did you mean `set`?'],
    [['op' => 'batch', 'edits' => [['op' => 'remov', 'id' => 'F1']]], '/edits/0/op: there is no edit `remov`.'],
    [['op' => 'batch', 'edits' => 'all'], '/edits: expected'],
]);

it('leaves the document it began with as it was', function (string $op): void {
    $before = prepared($op);
    $json = $before->json;
    $after = Editor::apply($before, everyEdit()[$op][0]);
    expect($before->json)->toBe($json)->and(Document::fromJson($after->json)->json)->toBe($after->json);
})->with(array_keys(everyEdit()));

it('goes from any way to any other, and knows the new one', function (string $from): void {
    $base = Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 0.8], 1.5);
    try {
        $on = Editor::apply($base, (new UseWay('shelf', $from))->saying());
    } catch (BadBuild $e) {
        expect($e->getMessage())->not->toBe('');

        return;
    }
    foreach (
        ['straight', 'hand', 'hand_return', 'relay_positive', 'either', 'lid_master', 'low_high_resistor', 'dimmer'] as $to
    ) {
        $over = Editor::apply($on, (new UseWay('shelf', $to))->saying());
        expect(Recognise::of($over, 'shelf')['way'] ?? null)->toBe($to, "from {$from} to {$to}");
        $fresh = Editor::apply($base, (new UseWay('shelf', $to))->saying());
        if (
            Sections::of($over, 'shelf')->section(Section::CONTROL) !== null &&
            $to !== 'dimmer' &&
            $to !== 'low_high_resistor'
        ) {
            // The control that was there stays; it is another section.
            expect(count($over->fields()->objects('devices')))->toBeGreaterThan(
                count($fresh->fields()->objects('devices')),
            );

            continue;
        }
        // Nothing of the way before is left: as many devices and cores as on a circuit that never had another.
        $cores = fn (Document $d): int => array_sum(
            array_map(fn (Fields $l): int => count($l->items('cores')), $d->fields()->objects('leads')),
        );
        expect(count($over->fields()->objects('devices')))
            ->toBe(count($fresh->fields()->objects('devices')))
            ->and($cores($over))
            ->toBe($cores($fresh), "from {$from} to {$to}");
        $said = fn (Document $d): array => array_values(
            array_unique(
                array_diff(
                    array_map(fn (Finding $f): string => $f->rule, Review::of($d)->open('shelf')),
                    // A wire that was there has its length, a new one has none.
                    ['lead.undecided'],
                ),
            ),
        );
        expect($said($over))->toEqualCanonicalizing($said($fresh), "from {$from} to {$to}");
    }
})->with(array_keys(Ways::ALL));
