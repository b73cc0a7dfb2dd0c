<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Parts\Catalogue;
use stdClass;

/**
 * One build per kind of job, each re-set in our own scenario: the builds of examples/, with the truth table a builder would
 * write down for it and one planted fault.
 */
final class Jobs
{
    /**
     * @param  string  $file  of examples/
     * @param  array<string, string>  $truth  inputs => what glows at the normal supply, by emitter and level
     * @param  callable(stdClass): mixed  $fault
     * @param  string  $named  what the proof or a rule says of the fault
     */
    private function __construct(
        public readonly string $file,
        public readonly Document $document,
        public readonly array $truth,
        public readonly mixed $fault,
        public readonly string $named,
    ) {
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= [
            'J01' => self::bilgePump(),
            'J02' => self::housing(),
            'J03' => self::poles(),
            'J04' => self::interiorLamp(),
            'J05' => self::coolBox(),
            'J06' => self::brakeLamp(),
            'J07' => self::sideLamp(),
            'J08' => self::barLamp(),
            'J09' => self::panelLamp(),
            'J10' => self::perimeter(),
            'J11' => self::wearable(),
            'J12' => self::locker(),
            'J13' => self::startUp(),
            'J14' => self::repeater(),
            'J15' => self::accentKit(),
            'J16' => self::grille(),
            'J17' => self::lettering(),
            'J19' => self::trunk(),
            'J20' => self::twoSources(),
            'J21' => self::litRocker(),
            'J22' => self::cabinet(),
            'J23' => self::colour(),
        ];
    }

    /**
     * @param  array<string, mixed>  $head  title, place, supply key
     * @param  list<array<string, mixed>>  $inputs
     * @param  array<string, string>  $parts  id => catalogue key
     * @param  array<string, array{string, string, array<string, mixed>}>  $lights  id => kind, part, fields
     * @param  list<array<string, mixed>>  $wants
     * @param  list<array<string, mixed>>  $devices
     * @param  list<array{0: string, 1: string, 2: float, 3?: list<array<string, mixed>>}>  $leads  from, to, metres, in line
     * @param  array<string, mixed>  $host
     */
    private static function build(
        array $head,
        array $inputs,
        array $parts,
        array $lights,
        array $wants,
        array $devices,
        array $leads,
        array $host = [],
    ): Document {
        $all = [
            ['id' => 'w', 'kind' => 'wire', 'area_mm2' => 1.0],
            ['id' => 'hair', 'kind' => 'wire', 'area_mm2' => 0.22],
        ];
        foreach ($parts as $id => $key) {
            $all[] = [...Catalogue::part($key)->data ?? [], 'id' => $id];
        }
        $numbered = [];
        foreach ($leads as $n => $lead) {
            $numbered[] = [
                'id' => "lead_{$n}",
                'circuit' => 'main',
                'cores' => [[$lead[0], $lead[1]]],
                'length_m' => $lead[2],
                'wire' => 'w',
                ...isset($lead[3]) ? ['inline' => $lead[3]] : [],
            ];
        }
        $placed = [];
        foreach ($lights as $id => [$kind, $part, $fields]) {
            $placed[] = [
                'id' => $id,
                'circuit' => 'main',
                'kind' => $kind,
                'part' => $part,
                'surface' => 'aluminium channel',
                ...$fields,
            ];
        }
        $build = [
            'format' => 'bench-glow/build',
            'version' => 1,
            'title' => $head['title'],
            'place' => $head['place'],
            'supplies' => [[...Catalogue::supply($head['supply'])->data ?? [], 'id' => 'bank']],
            'inputs' => $inputs,
            ...$host === [] ? [] : ['host' => $host],
            'parts' => $all,
            'circuits' => [
                [
                    'id' => 'main',
                    'label' => $head['title'],
                    'wants' => array_map(
                        fn (array $w, int $n): array => ['id' => "want_{$n}", ...$w],
                        $wants,
                        array_keys($wants),
                    ),
                ],
            ],
            'lights' => $placed,
            'devices' => array_map(fn (array $d): array => ['circuit' => 'main', ...$d], $devices),
            'leads' => $numbered,
        ];

        return Document::fromJson((string) json_encode($build));
    }

    /** @return array<string, mixed> */
    private static function fuse(float $amps, float $at = 0.1, string $id = 'F1'): array
    {
        return ['id' => $id, 'kind' => 'fuse', 'at_m' => $at, 'fuse_a' => $amps, 'form' => 'inline_blade'];
    }

    /** @return array<string, mixed> */
    private static function on(string $input): array
    {
        return ['input' => $input];
    }

    /**
     * @param  list<string>  $positions
     * @return array<string, mixed>
     */
    private static function input(string $id, string $kind, array $positions = ['off', 'on']): array
    {
        return ['id' => $id, 'kind' => $kind, 'positions' => $positions];
    }

    /** @return array<string, mixed> */
    private static function hand(string $id, string $part, string $input, string $position = 'on'): array
    {
        return ['id' => $id, 'kind' => 'switch', 'part' => $part, 'at' => [$position => self::on($input)]];
    }

    private static function bilgePump(): self
    {
        $document = self::build(
            ['title' => 'Bilge pump tell-tale', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('pump', 'load')],
            ['led' => 'led_red_5', 'd' => 'silicon_1'],
            ['tell' => ['leds', 'led', ['count' => 1, 'per_string' => 1, 'ohm' => 560]]],
            [['glow' => ['tell'], 'when' => self::on('pump')]],
            [],
            [
                [
                    'pump_out',
                    'tell.plus',
                    6.0,
                    [
                        self::fuse(1, 0.05),
                        ['id' => 'D1', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'd', 'points' => 'to'],
                    ],
                ],
                ['tell.minus', 'bank.minus', 6.0],
            ],
            [
                'wires' => [
                    [
                        'id' => 'pump_out',
                        'polarity' => 'positive',
                        'live_when' => self::on('pump'),
                        'fed_by' => 'bank',
                        'fuse_a' => 5,
                        'loads' => [['id' => 'motor', 'kind' => 'motor', 'w' => 36, 'at_v' => 12]],
                    ],
                ],
            ],
        );

        return new self(
            'j01-bilge-pump',
            $document,
            ['pump=off' => 'dark', 'pump=on' => 'tell high'],
            fn (stdClass $b) => ($b->leads[0]->inline[1]->points = 'from'),
            'intent.not_met main',
        );
    }

    private static function interiorLamp(): self
    {
        $document = self::build(
            [
                'title' => 'Stall shelf that follows the interior lamp',
                'place' => 'stall',
                'supply' => 'pack_lifepo4_12',
            ],
            [self::input('courtesy', 'courtesy')],
            ['strip' => 'strip_warm_12_48', 'relay' => 'relay_5_12_resistor'],
            ['shelf' => ['strip', 'strip', ['wanted_m' => 2.0]]],
            [['glow' => ['shelf'], 'when' => self::on('courtesy')]],
            [['id' => 'k', 'kind' => 'relay', 'part' => 'relay']],
            [
                ['bank.plus', 'k.30', 1.5, [self::fuse(3)]],
                ['k.87', 'shelf.start.plus', 2.0],
                ['shelf.start.minus', 'bank.minus', 3.0],
                ['dome_wire', 'k.86', 0.4, [self::fuse(1, 0.05, 'F2')]],
                ['k.85', 'bank.minus', 0.5],
            ],
            [
                'wires' => [
                    [
                        'id' => 'dome_wire',
                        'polarity' => 'positive',
                        'live_when' => self::on('courtesy'),
                        'fed_by' => 'bank',
                        'behaviour' => ['kind' => 'timed', 'off_after_s' => 600],
                        'loads' => [['id' => 'dome', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
                    ],
                ],
            ],
        );

        return new self(
            'j04-interior-lamp',
            $document,
            ['courtesy=off' => 'dark', 'courtesy=on' => 'shelf high'],
            fn (stdClass $b) => ($b->leads[1]->cores[0][0] = 'k.87a'),
            'intent.not_met main',
        );
    }

    private static function coolBox(): self
    {
        $document = self::build(
            ['title' => 'Cool-box lid', 'place' => 'stall', 'supply' => 'pack_lifepo4_12'],
            [self::input('lid', 'lid', ['down', 'up'])],
            ['pod' => 'pod_warm_12', 'plunger' => 'plunger_body'],
            ['lamps' => ['module', 'pod', ['count' => 2, 'spacing_m' => 0.3]]],
            [['glow' => ['lamps'], 'when' => self::on('lid')]],
            [
                ['id' => 'tap', 'kind' => 'fuse_tap', 'way' => 'w4', 'fuse_a' => 2, 'live_leg' => 'common'],
                [
                    'id' => 's',
                    'kind' => 'switch',
                    'part' => 'plunger',
                    'at' => ['pressed' => ['not' => self::on('lid')]],
                ],
            ],
            [['tap.out', 'lamps.plus', 2.2], ['lamps.minus', 's.lead', 0.6], ['s.body', 'frame', 0.1]],
            [
                'ways' => [
                    [
                        'id' => 'w4',
                        'kind' => 'fuse_way',
                        'comfort' => true,
                        'fuse_a' => 10,
                        'box_max_a' => 15,
                        'load_a' => 2,
                        'fed_by' => 'bank',
                    ],
                ],
                'grounds' => [
                    ['id' => 'frame', 'kind' => 'body', 'of' => 'bank', 'ohm' => 0.01, 'surface' => 'bare_metal'],
                ],
            ],
        );

        return new self(
            'j05-cool-box-lid',
            $document,
            ['lid=down' => 'dark', 'lid=up' => 'lamps high'],
            fn (stdClass $b) => ($b->devices[1]->at->pressed = self::on('lid')),
            'intent.not_met main',
        );
    }

    private static function brakeLamp(): self
    {
        $document = self::build(
            ['title' => 'Trike brake lamp from cut strip', 'place' => 'cycle', 'supply' => 'pack_lifepo4_12'],
            [self::input('brake', 'brake'), self::input('lights', 'running')],
            ['strip' => 'strip_red_12_48', 'lever' => 'plunger_nc'],
            ['lamp' => ['strip', 'strip', ['wanted_m' => 0.3]]],
            [['glow' => ['lamp'], 'when' => self::on('brake'), 'level' => 'high']],
            [['id' => 's', 'kind' => 'switch', 'part' => 'lever', 'at' => ['pressed' => ['not' => self::on('brake')]]]],
            [
                ['bank.plus', 's.1', 1.4, [self::fuse(1)]],
                ['s.2', 'lamp.start.plus', 2.0],
                ['lamp.start.minus', 'bank.minus', 2.2],
            ],
        );

        return new self(
            'j06-brake-lamp',
            $document,
            ['brake=off' => 'dark', 'brake=on' => 'lamp high'],
            fn (stdClass $b) => ($b->devices[0]->at->pressed = self::on('brake')),
            'contact `s.c` is made',
        );
    }

    private static function barLamp(): self
    {
        $document = self::build(
            ['title' => 'Bar on the trike\'s headlamp circuit', 'place' => 'cycle', 'supply' => 'pack_lifepo4_12'],
            [self::input('head', 'running'), self::input('bar_switch', 'hand')],
            ['bar' => 'bar_linear_12', 'relay' => 'relay_4_12_diode', 'toggle' => 'toggle_mini'],
            ['bar_lamp' => ['module', 'bar', []]],
            [['glow' => ['bar_lamp'], 'when' => ['all' => [self::on('head'), self::on('bar_switch')]]]],
            [['id' => 'k', 'kind' => 'relay', 'part' => 'relay'], self::hand('s', 'toggle', 'bar_switch')],
            [
                ['bank.plus', 'k.30', 0.8, [self::fuse(2)]],
                ['k.87', 'bar_lamp.plus', 1.5],
                ['bar_lamp.minus', 'bank.minus', 1.8],
                ['head_wire', 's.1', 0.3, [self::fuse(1, 0.05, 'F2')]],
                ['s.2', 'k.86', 0.5],
                ['k.85', 'bank.minus', 0.4],
            ],
            [
                'wires' => [
                    [
                        'id' => 'head_wire',
                        'polarity' => 'positive',
                        'live_when' => self::on('head'),
                        'fed_by' => 'bank',
                        'loads' => [['id' => 'headlamp', 'kind' => 'led', 'w' => 9, 'at_v' => 12, 'colour' => 'white']],
                    ],
                ],
            ],
        );

        return new self(
            'j08-bar-lamp',
            $document,
            [
                'head=off bar_switch=off' => 'dark',
                'head=off bar_switch=on' => 'dark',
                'head=on bar_switch=off' => 'dark',
                'head=on bar_switch=on' => 'bar_lamp high',
            ],
            fn (stdClass $b) => ($b->leads[3]->cores[0][0] = 'bank.plus'),
            'intent.not_met main',
        );
    }

    private static function panelLamp(): self
    {
        $document = self::build(
            ['title' => 'Small lamp in the switch panel', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('master', 'key')],
            ['led' => 'led_amber_5'],
            ['seek' => ['leds', 'led', ['count' => 2, 'per_string' => 2, 'ohm' => 430]]],
            [['glow' => ['seek'], 'when' => self::on('master')]],
            [],
            [
                [
                    'master_wire',
                    'seek.plus',
                    0.5,
                    [
                        self::fuse(1, 0.05),
                        [
                            'id' => 'R1',
                            'kind' => 'resistor',
                            'at_m' => 0.2,
                            'ohm' => 560,
                            'trial' => ['pot_ohm' => 470, 'fixed_ohm' => 68],
                        ],
                    ],
                ],
                ['seek.minus', 'bank.minus', 0.8],
            ],
            [
                'wires' => [
                    [
                        'id' => 'master_wire',
                        'polarity' => 'positive',
                        'live_when' => self::on('master'),
                        'fed_by' => 'bank',
                        'loads' => [],
                    ],
                ],
            ],
        );

        return new self(
            'j09-panel-lamp',
            $document,
            ['master=off' => 'dark', 'master=on' => 'seek low'],
            fn (stdClass $b) => ([$b->leads[0]->cores[0][1], $b->leads[1]->cores[0][0]] = ['seek.minus', 'seek.plus']),
            'intent.not_met main',
        );
    }

    private static function perimeter(): self
    {
        $document = self::build(
            ['title' => 'Shelf edge with lid magnet and master', 'place' => 'display', 'supply' => 'house_bank_12'],
            [self::input('lid', 'lid', ['down', 'up']), self::input('master', 'hand')],
            ['strip' => 'strip_warm_12_48', 'reed' => 'reed_nc', 'rocker' => 'rocker_plain'],
            ['edge' => ['strip', 'strip', ['wanted_m' => 0.4]]],
            [['glow' => ['edge'], 'when' => ['all' => [self::on('lid'), self::on('master')]]]],
            [
                ['id' => 'm', 'kind' => 'switch', 'part' => 'reed', 'at' => ['near' => ['not' => self::on('lid')]]],
                self::hand('s', 'rocker', 'master'),
            ],
            [
                ['bank.plus', 'edge.start.plus', 2.0, [self::fuse(1)]],
                ['edge.start.minus', 'm.1', 1.0],
                ['m.2', 's.1', 0.4],
                ['s.2', 'bank.minus', 1.2],
            ],
        );

        return new self(
            'j10-lid-and-master',
            $document,
            [
                'lid=down master=off' => 'dark',
                'lid=down master=on' => 'dark',
                'lid=up master=off' => 'dark',
                'lid=up master=on' => 'edge high',
            ],
            fn (stdClass $b) => ($b->devices[0]->at->near = self::on('lid')),
            'contact `m.c` is broken',
        );
    }

    private static function wearable(): self
    {
        $document = self::build(
            ['title' => 'Signal sash of the lantern bearer', 'place' => 'wearable', 'supply' => 'pack_lifepo4_12'],
            [self::input('turn', 'turn', ['off', 'left', 'right']), self::input('range', 'other', ['lost', 'near'])],
            ['tx' => 'radio_sender', 'rx' => 'radio_receiver', 'led' => 'led_amber_5', 'way' => 'toggle_three'],
            [
                'left' => ['leds', 'led', ['count' => 4, 'per_string' => 4, 'ohm' => 240]],
                'right' => ['leds', 'led', ['count' => 4, 'per_string' => 4, 'ohm' => 240]],
            ],
            [
                ['glow' => ['left'], 'when' => ['all' => [['input' => 'turn', 'is' => 'left'], self::on('range')]]],
                ['glow' => ['right'], 'when' => ['all' => [['input' => 'turn', 'is' => 'right'], self::on('range')]]],
            ],
            [
                ['id' => 'hub', 'kind' => 'joint', 'style' => 'terminal'],
                [
                    'id' => 's',
                    'kind' => 'switch',
                    'part' => 'way',
                    'at' => [
                        'left' => ['input' => 'turn', 'is' => 'left'],
                        'right' => ['input' => 'turn', 'is' => 'right'],
                    ],
                ],
                ['id' => 't', 'kind' => 'controller', 'part' => 'tx'],
                [
                    'id' => 'r',
                    'kind' => 'controller',
                    'part' => 'rx',
                    'hears' => ['left' => 't.left', 'right' => 't.right'],
                    'link_when' => self::on('range'),
                ],
            ],
            [
                ['bank.plus', 'hub', 0.2, [self::fuse(1)]],
                ['hub', 's.com', 0.5],
                ['s.l', 't.left', 0.3],
                ['s.r', 't.right', 0.3],
                ['hub', 't.in_plus', 0.3],
                ['t.in_minus', 'bank.minus', 0.3],
                ['hub', 'r.in_plus', 0.4],
                ['r.in_minus', 'bank.minus', 0.4],
                ['r.left', 'left.plus', 0.6],
                ['left.minus', 'bank.minus', 0.6],
                ['r.right', 'right.plus', 0.6],
                ['right.minus', 'bank.minus', 0.6],
            ],
        );

        return new self(
            'j11-signal-sash',
            $document,
            [
                'turn=off range=lost' => 'dark',
                'turn=off range=near' => 'dark',
                'turn=left range=lost' => 'dark',
                'turn=left range=near' => 'left high',
                'turn=right range=lost' => 'dark',
                'turn=right range=near' => 'right high',
            ],
            fn (stdClass $b) => ($b->devices[3]->hears = ['left' => 't.right', 'right' => 't.left']),
            'intent.not_met main',
        );
    }

    private static function locker(): self
    {
        $document = self::build(
            ['title' => 'Cockpit locker', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('lid', 'lid', ['down', 'up'])],
            ['spot' => 'pod_warm_12', 'tilt' => 'tilt_ball'],
            ['lamps' => ['module', 'spot', ['count' => 2, 'spacing_m' => 0.5]]],
            [['glow' => ['lamps'], 'when' => self::on('lid')]],
            [
                [
                    'id' => 's',
                    'kind' => 'switch',
                    'part' => 'tilt',
                    'at' => ['tilted' => self::on('lid')],
                    'travel_deg' => 70,
                ],
            ],
            [['w7.line', 's.1', 1.2, [self::fuse(1)]], ['s.2', 'lamps.plus', 0.8], ['lamps.minus', 'bank.minus', 2.0]],
            [
                'ways' => [
                    ['id' => 'w7', 'kind' => 'spare_way', 'comfort' => true, 'fuse_a' => null, 'fed_by' => 'bank'],
                ],
            ],
        );

        return new self(
            'j12-cockpit-locker',
            $document,
            ['lid=down' => 'dark', 'lid=up' => 'lamps high'],
            fn (stdClass $b) => ($b->leads[2]->cores[0][1] = null),
            'has no way to a supply',
        );
    }

    private static function startUp(): self
    {
        $document = self::build(
            ['title' => 'Centred strip over the hatch', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('key', 'key')],
            ['strip' => 'strip_warm_12_96'],
            ['hatch' => ['strip', 'strip', ['wanted_m' => 1.2]]],
            [['glow' => ['hatch'], 'when' => self::on('key')]],
            [['id' => 'tap', 'kind' => 'fuse_tap', 'way' => 'w2', 'fuse_a' => 2, 'live_leg' => 'common']],
            [['tap.out', 'hatch.middle.plus', 2.4], ['hatch.middle.minus', 'stud', 0.9]],
            [
                'ways' => [
                    [
                        'id' => 'w2',
                        'kind' => 'fuse_way',
                        'comfort' => true,
                        'fuse_a' => 10,
                        'load_a' => 1,
                        'live_when' => self::on('key'),
                        'fed_by' => 'bank',
                    ],
                ],
                'grounds' => [['id' => 'stud', 'kind' => 'stud', 'of' => 'bank', 'ohm' => 0.01]],
            ],
        );

        return new self(
            'j13-over-the-hatch',
            $document,
            ['key=off' => 'dark', 'key=on' => 'hatch high'],
            fn (stdClass $b) => ($b->host->ways[0]->live_when = ['all' => []]),
            'contact `w2.live` is made',
        );
    }

    private static function repeater(): self
    {
        $document = self::build(
            ['title' => 'Turn repeater row on the trike', 'place' => 'cycle', 'supply' => 'pack_lifepo4_12'],
            [self::input('turn', 'turn', ['off', 'left', 'right'])],
            ['led' => 'led_amber_half', 'flasher' => 'flasher_three', 'way' => 'toggle_three'],
            [
                'row_l' => ['leds', 'led', ['count' => 4, 'per_string' => 4, 'ohm' => 39]],
                'row_r' => ['leds', 'led', ['count' => 4, 'per_string' => 4, 'ohm' => 39]],
            ],
            [
                ['glow' => ['row_l'], 'when' => ['input' => 'turn', 'is' => 'left'], 'flash' => true],
                ['glow' => ['row_r'], 'when' => ['input' => 'turn', 'is' => 'right'], 'flash' => true],
            ],
            [
                ['id' => 'f', 'kind' => 'controller', 'part' => 'flasher'],
                [
                    'id' => 's',
                    'kind' => 'switch',
                    'part' => 'way',
                    'at' => [
                        'left' => ['input' => 'turn', 'is' => 'left'],
                        'right' => ['input' => 'turn', 'is' => 'right'],
                    ],
                ],
            ],
            [
                ['bank.plus', 'f.b', 0.5, [self::fuse(1)]],
                ['f.e', 'bank.minus', 0.5],
                ['f.l', 's.com', 1.0],
                ['s.l', 'row_l.plus', 1.2],
                ['s.r', 'row_r.plus', 1.2],
                ['row_l.minus', 'bank.minus', 1.4],
                ['row_r.minus', 'bank.minus', 1.4],
            ],
        );

        return new self(
            'j14-turn-repeater',
            $document,
            ['turn=off' => 'dark', 'turn=left' => 'row_l high flashing', 'turn=right' => 'row_r high flashing'],
            fn (stdClass $b) => ($b->leads[2]->cores[0][0] = 'bank.plus'),
            'intent.not_met main',
        );
    }

    private static function lettering(): self
    {
        $document = self::build(
            ['title' => 'Nameboard in two levels', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('moored', 'dusk'), self::input('open', 'hand')],
            ['lamp' => 'tail_two_level', 'rocker' => 'rocker_plain'],
            ['letters' => ['module', 'lamp', ['count' => 3, 'spacing_m' => 0.1]]],
            [
                ['glow' => ['letters'], 'when' => self::on('open'), 'level' => 'high'],
                ['glow' => ['letters'], 'when' => self::on('moored'), 'level' => 'low'],
            ],
            [
                self::hand('s_low', 'rocker', 'moored'),
                self::hand('s_high', 'rocker', 'open'),
                ['id' => 'hub', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'hub', 0.5, [self::fuse(1)]],
                ['hub', 's_low.1', 0.5],
                ['hub', 's_high.1', 0.5],
                ['s_low.2', 'letters.tail', 2.0],
                ['s_high.2', 'letters.stop', 2.0],
                ['letters.minus', 'bank.minus', 2.4],
            ],
        );

        return new self(
            'j17-nameboard-two-levels',
            $document,
            [
                'moored=off open=off' => 'dark',
                'moored=off open=on' => 'letters high',
                'moored=on open=off' => 'letters low',
                'moored=on open=on' => 'letters high',
            ],
            fn (stdClass $b) => ([$b->leads[3]->cores[0][1], $b->leads[4]->cores[0][1]] = [
                'letters.stop',
                'letters.tail',
            ]),
            'of its light is less than high, 60 % to 200 %',
        );
    }

    private static function trunk(): self
    {
        $document = self::build(
            ['title' => 'Saloon floor on a trunk', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('saloon', 'courtesy'), self::input('hatch', 'lid', ['down', 'up'])],
            ['strip' => 'strip_amber_12_48'],
            ['fore' => ['strip', 'strip', ['wanted_m' => 0.6]], 'aft' => ['strip', 'strip', ['wanted_m' => 0.6]]],
            [['glow' => ['fore', 'aft'], 'when' => ['any' => [self::on('saloon'), self::on('hatch')]]]],
            [
                ['id' => 'tap_1', 'kind' => 'joint', 'style' => 'idc_tap'],
                ['id' => 'tap_2', 'kind' => 'joint', 'style' => 'idc_tap'],
                ['id' => 'back', 'kind' => 'joint', 'style' => 'crimp'],
            ],
            [
                ['lamp_wire', 'tap_1', 1.0, [self::fuse(1, 0.05)]],
                ['tap_1', 'tap_2', 2.0],
                ['tap_1', 'fore.start.plus', 0.4],
                ['tap_2', 'aft.start.plus', 0.4],
                ['fore.start.minus', 'back', 0.5],
                ['aft.start.minus', 'back', 2.2],
                ['back', 'bank.minus', 1.0],
            ],
            [
                'wires' => [
                    [
                        'id' => 'lamp_wire',
                        'polarity' => 'positive',
                        'live_when' => ['any' => [self::on('saloon'), self::on('hatch')]],
                        'fed_by' => 'bank',
                        'fuse_a' => 5,
                        'loads' => [['id' => 'dome', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
                    ],
                ],
            ],
        );

        return new self(
            'j19-saloon-floor',
            $document,
            [
                'saloon=off hatch=down' => 'dark',
                'saloon=off hatch=up' => 'fore high, aft high',
                'saloon=on hatch=down' => 'fore high, aft high',
                'saloon=on hatch=up' => 'fore high, aft high',
            ],
            fn (stdClass $b) => ($b->leads[3]->cores[0][0] = null),
            'light.unfed aft',
        );
    }

    private static function twoSources(): self
    {
        $wire = fn (string $id, string $input): array => [
            'id' => $id,
            'polarity' => 'positive',
            'live_when' => self::on($input),
            'fed_by' => 'bank',
            'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
        ];
        $document = self::build(
            ['title' => 'Step lamp of two doors', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('fore_door', 'door', ['shut', 'open']), self::input('aft_door', 'door', ['shut', 'open'])],
            ['step' => 'step_amber_12', 'd' => 'schottky_3'],
            ['step_lamp' => ['module', 'step', []]],
            [['glow' => ['step_lamp'], 'when' => ['any' => [self::on('fore_door'), self::on('aft_door')]]]],
            [['id' => 'j', 'kind' => 'joint', 'style' => 'solder']],
            [
                [
                    'fore_wire',
                    'j',
                    1.0,
                    [
                        self::fuse(1, 0.05),
                        ['id' => 'D1', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'd', 'points' => 'to'],
                    ],
                ],
                [
                    'aft_wire',
                    'j',
                    2.0,
                    [
                        self::fuse(1, 0.05, 'F2'),
                        ['id' => 'D2', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'd', 'points' => 'to'],
                    ],
                ],
                ['j', 'step_lamp.plus', 0.3],
                ['step_lamp.minus', 'bank.minus', 1.5],
            ],
            ['wires' => [$wire('fore_wire', 'fore_door'), $wire('aft_wire', 'aft_door')]],
        );

        return new self(
            'j20-step-of-two-doors',
            $document,
            [
                'fore_door=shut aft_door=shut' => 'dark',
                'fore_door=shut aft_door=open' => 'step_lamp high',
                'fore_door=open aft_door=shut' => 'step_lamp high',
                'fore_door=open aft_door=open' => 'step_lamp high',
            ],
            function (stdClass $b): void {
                $b->leads[0]->inline = [$b->leads[0]->inline[0]];
                $b->leads[1]->inline = [$b->leads[1]->inline[0]];
            },
            'back-fed',
        );
    }

    private static function litRocker(): self
    {
        $document = self::build(
            ['title' => 'Deck pod with lit rocker', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('deck', 'hand')],
            ['pod' => 'pod_white_12', 'rocker' => 'rocker_lit'],
            ['pod_lamp' => ['module', 'pod', []]],
            [['glow' => ['pod_lamp'], 'when' => self::on('deck')]],
            [self::hand('s', 'rocker', 'deck')],
            [
                ['bank.plus', 's.supply', 1.0, [self::fuse(1)]],
                ['s.load', 'pod_lamp.plus', 4.0],
                ['pod_lamp.minus', 'bank.minus', 4.5],
                ['s.ground', 'bank.minus', 1.0],
            ],
        );

        return new self(
            'j21-lit-rocker',
            $document,
            ['deck=off' => 'dark', 'deck=on' => 'pod_lamp high'],
            fn (stdClass $b) => ([$b->leads[1]->cores[0][0], $b->leads[3]->cores[0][0]] = ['s.ground', 's.load']),
            'intent.not_met main',
        );
    }

    private static function cabinet(): self
    {
        $document = self::build(
            ['title' => 'Cabinet with door switches and a dimmer', 'place' => 'cabinet', 'supply' => 'driver_24_60'],
            [self::input('left_door', 'door', ['shut', 'open']), self::input('right_door', 'door', ['shut', 'open'])],
            ['strip' => 'strip_warm_24_96', 'door' => 'plunger_nc', 'dimmer' => 'dimmer_low'],
            ['left' => ['strip', 'strip', ['wanted_m' => 0.9]], 'right' => ['strip', 'strip', ['wanted_m' => 0.9]]],
            [
                ['glow' => ['left'], 'when' => self::on('left_door'), 'level' => 'low'],
                ['glow' => ['right'], 'when' => self::on('right_door'), 'level' => 'low'],
            ],
            [
                ['id' => 'c', 'kind' => 'controller', 'part' => 'dimmer', 'set' => ['low' => 0.4]],
                ['id' => 'hub', 'kind' => 'joint'],
                ['id' => 'back', 'kind' => 'joint'],
                [
                    'id' => 's_l',
                    'kind' => 'switch',
                    'part' => 'door',
                    'at' => ['pressed' => ['not' => self::on('left_door')]],
                ],
                [
                    'id' => 's_r',
                    'kind' => 'switch',
                    'part' => 'door',
                    'at' => ['pressed' => ['not' => self::on('right_door')]],
                ],
            ],
            [
                ['bank.plus', 'c.in_plus', 0.5, [self::fuse(2)]],
                ['c.in_minus', 'bank.minus', 0.5],
                ['c.out_plus', 'hub', 0.3],
                ['hub', 's_l.1', 0.8],
                ['hub', 's_r.1', 0.8],
                ['s_l.2', 'left.start.plus', 0.4],
                ['s_r.2', 'right.start.plus', 0.4],
                ['left.start.minus', 'back', 0.8],
                ['right.start.minus', 'back', 0.8],
                ['back', 'c.out_minus', 0.3],
            ],
        );

        return new self(
            'j22-cabinet',
            $document,
            [
                'left_door=shut right_door=shut' => 'dark',
                'left_door=shut right_door=open' => 'right low',
                'left_door=open right_door=shut' => 'left low',
                'left_door=open right_door=open' => 'left low, right low',
            ],
            fn (stdClass $b) => ($b->devices[0]->set->low = 1),
            'intent.not_met main',
        );
    }

    private static function colour(): self
    {
        $document = self::build(
            ['title' => 'Counter edge in colour, with an amplifier', 'place' => 'stall', 'supply' => 'pack_lifepo4_12'],
            [self::input('open', 'hand')],
            [
                'strip' => 'strip_rgb_12_144',
                'ctl' => 'colour_common_plus',
                'amp' => 'amplifier_three',
                'rocker' => 'rocker_plain',
            ],
            ['near' => ['strip', 'strip', ['wanted_m' => 1.0]], 'far' => ['strip', 'strip', ['wanted_m' => 1.0]]],
            [
                ['glow' => ['near.r', 'near.b', 'far.r', 'far.b'], 'when' => self::on('open')],
                ['glow' => ['near.g', 'far.g'], 'when' => ['any' => []]],
            ],
            [
                self::hand('s', 'rocker', 'open'),
                ['id' => 'c', 'kind' => 'controller', 'part' => 'ctl', 'set' => ['r' => 1, 'g' => 0, 'b' => 0.4]],
                ['id' => 'a', 'kind' => 'controller', 'part' => 'amp'],
                ['id' => 'hub', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 's.1', 0.5, [self::fuse(5)]],
                ['s.2', 'hub', 0.5],
                ['hub', 'c.in_plus', 0.3],
                ['c.in_minus', 'bank.minus', 0.6],
                ['c.common', 'near.start.common', 0.5],
                ['near.start.r', 'c.r', 0.5],
                ['near.start.g', 'c.g', 0.5],
                ['near.start.b', 'c.b', 0.5],
                ['near.end.common', 'a.sig_common', 0.2],
                ['near.end.r', 'a.sig_r', 0.2],
                ['near.end.g', 'a.sig_g', 0.2],
                ['near.end.b', 'a.sig_b', 0.2],
                ['hub', 'a.in_plus', 1.5],
                ['a.in_minus', 'bank.minus', 1.8],
                ['a.common', 'far.start.common', 0.2],
                ['far.start.r', 'a.r', 0.2],
                ['far.start.g', 'a.g', 0.2],
                ['far.start.b', 'a.b', 0.2],
            ],
        );

        return new self(
            'j23-counter-edge',
            $document,
            ['open=off' => 'dark', 'open=on' => 'near.r high, near.b on, far.r high, far.b on'],
            fn (stdClass $b) => ([$b->leads[15]->cores[0][0], $b->leads[16]->cores[0][0]] = [
                'far.start.g',
                'far.start.r',
            ]),
            'intent.not_met main',
        );
    }

    private static function housing(): self
    {
        $document = self::build(
            ['title' => 'Colour strip inside the compass housing', 'place' => 'boat', 'supply' => 'house_bank_12'],
            [self::input('rim', 'hand')],
            ['strip' => 'strip_rgb_12_144', 'ctl' => 'colour_common_plus', 'rocker' => 'rocker_plain'],
            ['ring' => ['strip', 'strip', ['wanted_m' => 0.2]]],
            [
                ['glow' => ['ring.r'], 'when' => self::on('rim'), 'level' => 'high'],
                ['glow' => ['ring.g', 'ring.b'], 'when' => ['any' => []]],
            ],
            [
                self::hand('s', 'rocker', 'rim'),
                ['id' => 'c', 'kind' => 'controller', 'part' => 'ctl', 'set' => ['r' => 0.9, 'g' => 0, 'b' => 0]],
            ],
            [
                ['bank.plus', 's.1', 1.0, [self::fuse(1)]],
                ['s.2', 'c.in_plus', 0.4],
                ['c.in_minus', 'bank.minus', 1.2],
                ['c.common', 'ring.start.common', 0.3],
                ['ring.start.r', 'c.r', 0.3],
                ['ring.start.g', 'c.g', 0.3],
                ['ring.start.b', 'c.b', 0.3],
            ],
        );

        return new self(
            'j02-compass-housing',
            $document,
            ['rim=off' => 'dark', 'rim=on' => 'ring.r high'],
            fn (stdClass $b) => ([$b->leads[4]->cores[0][1], $b->leads[5]->cores[0][1]] = ['c.g', 'c.r']),
            'intent.not_met main',
        );
    }

    private static function poles(): self
    {
        $document = self::build(
            ['title' => 'Pair of colour poles on the stall', 'place' => 'stall', 'supply' => 'pack_lifepo4_12'],
            [self::input('key', 'key'), self::input('box', 'hand')],
            [
                'strip' => 'strip_rgb_12_144',
                'ctl' => 'colour_common_plus',
                'relay' => 'relay_4_12_resistor',
                'rocker' => 'rocker_plain',
            ],
            [
                'pole_l' => ['strip', 'strip', ['wanted_m' => 0.6, 'side' => 'left']],
                'pole_r' => ['strip', 'strip', ['wanted_m' => 0.6, 'side' => 'right', 'mirror_of' => 'pole_l']],
            ],
            [['glow' => ['pole_l', 'pole_r'], 'when' => ['all' => [self::on('key'), self::on('box')]]]],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay'],
                self::hand('s', 'rocker', 'box'),
                ['id' => 'c', 'kind' => 'controller', 'part' => 'ctl'],
                ...array_map(fn (string $j): array => ['id' => $j, 'kind' => 'joint', 'style' => 'crimp'], [
                    'j_in',
                    'j_p',
                    'j_r',
                    'j_g',
                    'j_b',
                ]),
            ],
            [
                ['stud.line', 'j_in', 0.5, [self::fuse(4)]],
                ['j_in', 'k.30', 0.3],
                ['j_in', 's.1', 0.6],
                ['s.2', 'k.86', 0.4],
                ['k.85', 'bank.minus', 0.5],
                ['k.87', 'c.in_plus', 0.4],
                ['c.in_minus', 'bank.minus', 0.8],
                ['c.common', 'j_p', 0.2],
                ['c.r', 'j_r', 0.2],
                ['c.g', 'j_g', 0.2],
                ['c.b', 'j_b', 0.2],
                ...array_merge(
                    ...array_map(
                        fn (string $pole): array => [
                            ['j_p', "{$pole}.start.common", 1.2],
                            ["{$pole}.start.r", 'j_r', 1.2],
                            ["{$pole}.start.g", 'j_g', 1.2],
                            ["{$pole}.start.b", 'j_b', 1.2],
                        ],
                        ['pole_l', 'pole_r'],
                    ),
                ),
            ],
            ['ways' => [['id' => 'stud', 'kind' => 'bus_stud', 'live_when' => self::on('key'), 'fed_by' => 'bank']]],
        );
        $both = 'pole_l.r high, pole_l.g high, pole_l.b high, pole_r.r high, pole_r.g high, pole_r.b high';

        return new self(
            'j03-colour-poles',
            $document,
            [
                'key=off box=off' => 'dark',
                'key=off box=on' => 'dark',
                'key=on box=off' => 'dark',
                'key=on box=on' => $both,
            ],
            fn (stdClass $b) => ($b->leads[2]->cores[0][1] = 'k.86'),
            'intent.not_met main',
        );
    }

    /**
     * A host wire that flashes while its input holds.
     *
     * @return array<string, mixed>
     */
    private static function flashingWire(string $id, string $input): array
    {
        return [
            'id' => $id,
            'polarity' => 'positive',
            'live_when' => self::on($input),
            'fed_by' => 'bank',
            'behaviour' => ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5],
            'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 10, 'at_v' => 12]],
        ];
    }

    /** @return list<array<string, mixed>> turn flashes where nothing else is lit; with running on, the dark half stays at running level */
    private static function turnOverRun(string $light): array
    {
        return [
            [
                'glow' => [$light],
                'when' => ['all' => [self::on('turn'), ['not' => self::on('run')]]],
                'level' => 'high',
                'flash' => true,
            ],
            ['glow' => [$light], 'when' => ['all' => [self::on('turn'), self::on('run')]], 'level' => 'free'],
            ['glow' => [$light], 'when' => self::on('run'), 'level' => 'low'],
        ];
    }

    private static function sideLamp(): self
    {
        $document = self::build(
            [
                'title' => 'Side lamp of the trike, three functions on one wire',
                'place' => 'cycle',
                'supply' => 'pack_lifepo4_12',
            ],
            [self::input('run', 'running'), self::input('turn', 'turn')],
            ['led' => 'led_amber_5', 'merge' => 'merge_three'],
            ['side' => ['leds', 'led', ['count' => 8, 'per_string' => 4, 'ohm' => 240]]],
            self::turnOverRun('side'),
            [['id' => 'm', 'kind' => 'controller', 'part' => 'merge']],
            [
                ['run_wire', 'm.run', 0.5, [self::fuse(1, 0.05)]],
                ['turn_wire', 'm.turn', 0.5, [self::fuse(1, 0.05, 'F2')]],
                ['m.minus', 'bank.minus', 0.6],
                ['m.out', 'side.plus', 0.8],
                ['side.minus', 'bank.minus', 1.0],
            ],
            [
                'wires' => [
                    [
                        'id' => 'run_wire',
                        'polarity' => 'positive',
                        'live_when' => self::on('run'),
                        'fed_by' => 'bank',
                        'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
                    ],
                    self::flashingWire('turn_wire', 'turn'),
                ],
            ],
        );

        return new self(
            'j07-side-lamp',
            $document,
            [
                'run=off turn=off' => 'dark',
                'run=off turn=on' => 'side high flashing',
                'run=on turn=off' => 'side low',
                'run=on turn=on' => 'side high',
            ],
            fn (stdClass $b) => ([$b->leads[0]->cores[0][1], $b->leads[1]->cores[0][1]] = ['m.turn', 'm.run']),
            'intent.not_met main',
        );
    }

    private static function accentKit(): self
    {
        $document = self::build(
            ['title' => 'Accent lamp with run and turn leads', 'place' => 'cycle', 'supply' => 'pack_lifepo4_12'],
            [self::input('run', 'running'), self::input('turn', 'turn')],
            ['lamp' => 'tail_two_level'],
            ['accent' => ['module', 'lamp', []]],
            self::turnOverRun('accent'),
            [],
            [
                ['run_wire', 'accent.tail', 0.8, [self::fuse(1, 0.05)]],
                ['turn_wire', 'accent.stop', 0.8, [self::fuse(1, 0.05, 'F2')]],
                ['accent.minus', 'bank.minus', 1.0],
            ],
            [
                'wires' => [
                    [
                        'id' => 'run_wire',
                        'polarity' => 'positive',
                        'live_when' => self::on('run'),
                        'fed_by' => 'bank',
                        'loads' => [],
                    ],
                    self::flashingWire('turn_wire', 'turn'),
                ],
            ],
        );

        return new self(
            'j15-accent-lamp',
            $document,
            [
                'run=off turn=off' => 'dark',
                'run=off turn=on' => 'accent high flashing',
                'run=on turn=off' => 'accent low',
                'run=on turn=on' => 'accent high',
            ],
            fn (stdClass $b) => ([$b->leads[0]->cores[0][1], $b->leads[1]->cores[0][1]] = [
                'accent.stop',
                'accent.tail',
            ]),
            'intent.not_met main',
        );
    }

    private static function grille(): self
    {
        $document = self::build(
            ['title' => 'Two lamps behind the stall grille', 'place' => 'stall', 'supply' => 'pack_lifepo4_12'],
            [self::input('show', 'hand')],
            ['led' => 'led_warm_5', 'board' => 'board_two', 'rocker' => 'rocker_plain'],
            [
                'one' => ['leds', 'led', ['count' => 6, 'per_string' => 3, 'ohm' => 240]],
                'two' => ['leds', 'led', ['count' => 6, 'per_string' => 3, 'ohm' => 240]],
            ],
            [
                ['glow' => ['one'], 'when' => self::on('show'), 'level' => 'high'],
                ['glow' => ['two'], 'when' => self::on('show'), 'level' => 'low'],
            ],
            [
                self::hand('s', 'rocker', 'show'),
                ['id' => 'b', 'kind' => 'controller', 'part' => 'board', 'set' => ['o1' => 1, 'o2' => 0.3]],
            ],
            [
                ['bank.plus', 's.1', 0.6, [self::fuse(1)]],
                ['s.2', 'b.in_plus', 0.3],
                ['b.in_minus', 'bank.minus', 0.8],
                ['b.out_1', 'one.plus', 0.5],
                ['b.out_2', 'two.plus', 0.5],
                ['one.minus', 'bank.minus', 0.9],
                ['two.minus', 'bank.minus', 0.9],
            ],
        );

        return new self(
            'j16-behind-the-grille',
            $document,
            ['show=off' => 'dark', 'show=on' => 'one high, two low'],
            fn (stdClass $b) => ($b->leads[2]->cores[0][0] = null),
            'intent.not_met main',
        );
    }
}
