<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use stdClass;

/** Builds with host, switches and controllers in which exactly one thing is wrong, and the same put right. */
final class Faults
{
    /** Leads of a lamp behind a rocker: source, rocker, strip, back. */
    private const STRAIGHT = [
        ['bank.plus', 's.1'],
        ['s.2', 'shelf_light.start.plus'],
        ['shelf_light.start.minus', 'bank.minus'],
    ];

    /** @return array<string, mixed> */
    private static function part(string $key, mixed ...$with): array
    {
        return [...Catalogue::part($key)->data ?? [], ...$with];
    }

    /** @return array<string, mixed> */
    private static function rocker(string $id = 's', string $part = 'rocker', string $input = 'hand'): array
    {
        return ['id' => $id, 'kind' => 'switch', 'part' => $part, 'at' => ['on' => ['input' => $input]]];
    }

    /** @param  callable(stdClass): mixed  $change */
    private static function changed(Document $document, callable $change): Document
    {
        $raw = json_decode($document->json);
        $change($raw);

        return Document::fromDecoded($raw);
    }

    /**
     * The strip on a host wire.
     *
     * @param  array<string, mixed>  $wire
     * @param  list<array<string, mixed>>  $inline
     */
    private static function onWire(
        array $wire = [],
        array $inline = [['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0, 'fuse_a' => 1]],
    ): Document {
        $document = Scenery::build(
            [],
            [],
            [['court', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
            [
                'host' => [
                    'wires' => [
                        [
                            'id' => 'court',
                            'label' => 'Courtesy wire',
                            'polarity' => 'positive',
                            'live_when' => ['input' => 'hand'],
                            'fed_by' => 'bank',
                            'fuse_a' => 10,
                            'loads' => [],
                            ...$wire,
                        ],
                    ],
                ],
            ],
        );

        return self::changed(
            $document,
            fn (stdClass $b) => ($b->leads[0]->inline = json_decode((string) json_encode($inline))),
        );
    }

    /** @param  array<string, mixed>  $way */
    private static function onWay(array $way = [], string $leg = 'common'): Document
    {
        return self::changed(
            Scenery::tap($leg),
            fn (stdClass $b) => ($b->host->ways[0] = (object) [...(array) $b->host->ways[0], ...$way]),
        );
    }

    /** @param  array<string, mixed>  $ground */
    private static function grounded(array $ground = []): Document
    {
        return Scenery::build(
            [Scenery::ROCKER],
            [self::rocker()],
            [['bank.plus', 's.1'], ['s.2', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'frame']],
            [
                'host' => [
                    'grounds' => [['id' => 'frame', 'of' => 'bank', 'ohm' => 0.01, 'surface' => 'stud', ...$ground]],
                ],
            ],
        );
    }

    private static function rocked(): Document
    {
        return Scenery::build([Scenery::ROCKER], [self::rocker()], self::STRAIGHT);
    }

    /**
     * A rocker, a dimmer on the low side, the strip.
     *
     * @param  array<string, mixed>  $contact
     * @param  array<string, mixed>  $part
     */
    private static function dimmed(array $contact = [], array $part = [], float $metres = 1.0): Document
    {
        $dimmer = self::part(
            'dimmer_low',
            ...[
                'id' => 'dim',
                'inside' => [['id' => 'through', 'kind' => 'link', 'from' => 'in_plus', 'to' => 'out_plus']],
                ...$part,
            ],
        );
        $dimmer['contacts'][0] = [...$dimmer['contacts'][0], ...$contact];
        $document = Scenery::build(
            [$dimmer, Scenery::ROCKER],
            [self::rocker(), ['id' => 'c', 'kind' => 'controller', 'part' => 'dim', 'set' => ['low' => 0.8]]],
            [
                ['bank.plus', 's.1'],
                ['s.2', 'c.in_plus'],
                ['c.out_plus', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'c.out_minus'],
                ['c.in_minus', 'bank.minus'],
            ],
        );

        return self::changed(
            $document,
            fn (stdClass $b) => [($b->lights[0]->wanted_m = $metres), ($b->leads[0]->inline[0]->fuse_a = null)],
        );
    }

    /** A rocker, a relay, the strip; the relay as given. @param  array<string, mixed>|null  $relay */
    private static function relayed(?array $relay = null): Document
    {
        return Scenery::build(
            [$relay ?? self::part('relay_4_12_diode', id: 'relay12'), Scenery::ROCKER],
            [['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'], self::rocker(), ['id' => 'j', 'kind' => 'joint']],
            [
                ['bank.plus', 'j'],
                ['j', 'k.30'],
                ['j', 's.1'],
                ['s.2', 'k.86'],
                ['k.85', 'bank.minus'],
                ['k.87', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        );
    }

    /** A relay beside a dimmer. */
    private static function besideElectronics(string $relay): Document
    {
        return Scenery::build(
            [self::part($relay, id: 'relay12'), self::part('dimmer_low', id: 'dim'), Scenery::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                self::rocker(),
                ['id' => 'c', 'kind' => 'controller', 'part' => 'dim', 'set' => ['low' => 1]],
                ['id' => 'j', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 'k.30'],
                ['j', 's.1'],
                ['s.2', 'k.86'],
                ['k.85', 'bank.minus'],
                ['k.87', 'c.in_plus'],
                ['c.in_minus', 'bank.minus'],
                ['c.out_plus', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'c.out_minus'],
            ],
        );
    }

    /** A relay whose coil hangs on a host wire. @param  array<string, mixed>  $behaviour */
    private static function following(array $behaviour): Document
    {
        return Scenery::build(
            [self::part('relay_4_12_diode', id: 'relay12')],
            [['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'], ['id' => 'j', 'kind' => 'joint']],
            [
                ['bank.plus', 'k.30'],
                ['court', 'k.86'],
                ['k.85', 'bank.minus'],
                ['k.87', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            [
                'host' => [
                    'wires' => [
                        [
                            'id' => 'court',
                            'label' => 'Courtesy wire',
                            'polarity' => 'positive',
                            'live_when' => ['input' => 'hand'],
                            'fed_by' => 'bank',
                            'fuse_a' => 5,
                            'loads' => [],
                            'behaviour' => $behaviour,
                        ],
                    ],
                ],
            ],
        );
    }

    private static function holding(bool $own): Document
    {
        return Scenery::build(
            [self::part('relay_4_12_diode', id: 'relay12'), Scenery::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                self::rocker(),
                ['id' => 'j', 'kind' => 'joint'],
                ['id' => 'c', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 's.1'],
                ['s.2', 'c'],
                ['c', 'k.86'],
                ['j', 'k.30'],
                ['k.87', $own ? 'c' : 'shelf_light.start.plus'],
                ['k.85', 'bank.minus'],
                ...$own ? [['c', 'shelf_light.start.plus']] : [],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        );
    }

    /** Two relays, each with its coil behind the other's resting contact, or both plain. */
    private static function racing(bool $race): Document
    {
        return Scenery::build(
            [self::part('relay_5_12_diode', id: 'relay12'), Scenery::ROCKER],
            [
                ['id' => 'k1', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 'k2', 'kind' => 'relay', 'part' => 'relay12'],
                self::rocker(),
                ['id' => 'j', 'kind' => 'joint'],
                ['id' => 'c', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 's.1'],
                ['s.2', 'c'],
                ['c', 'k1.30'],
                [$race ? 'k1.87a' : 'c', 'k2.86'],
                ['k2.85', 'bank.minus'],
                ['c', 'k2.30'],
                [$race ? 'k2.87a' : 'c', 'k1.86'],
                ['k1.85', 'bank.minus'],
                ['c', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        );
    }

    private static function twoSupplies(bool $joined): Document
    {
        return self::changed(self::rocked(), function (stdClass $b) use ($joined): void {
            $b->supplies[] = (object) [
                ...(array) $b->supplies[0],
                'id' => 'pack',
                'label' => 'Pack',
                'min_v' => 12.0,
                'nominal_v' => 13.2,
                'max_v' => 14.6,
            ];
            $b->leads[] = (object) [
                'id' => 'bridge',
                'cores' => $joined
                    ? [['pack.plus', 'bank.plus'], ['pack.minus', 'bank.minus']]
                    : [['pack.minus', 'bank.minus']],
                'length_m' => 2.0,
                'wire' => 'w15',
            ];
        });
    }

    private static function flashing(string $flasher): Document
    {
        $e = $flasher === 'flasher_three' ? [['f.e', 'bank.minus']] : [];

        return self::changed(
            Scenery::build(
                [self::part($flasher, id: 'flash'), Scenery::ROCKER],
                [self::rocker(), ['id' => 'f', 'kind' => 'controller', 'part' => 'flash']],
                [
                    ['bank.plus', 's.1'],
                    ['s.2', 'f.b'],
                    ['f.l', 'shelf_light.start.plus'],
                    ['shelf_light.start.minus', 'bank.minus'],
                    ...$e,
                ],
                ['inputs' => [['id' => 'hand', 'kind' => 'turn']]],
            ),
            fn (stdClass $b) => ($b->circuits[0]->wants[0]->flash = true),
        );
    }

    /** A colour strip on a controller, both of a common plus or not. */
    private static function coloured(string $strip, string $controller, float $metres = 1.0): Document
    {
        $plus = str_contains($controller, 'plus');

        return self::changed(
            Scenery::build(
                [
                    self::part($controller, id: 'ctl'),
                    self::part($strip, id: 'rgb', common: $strip === 'strip_rgb_12_144' ? 'plus' : 'minus'),
                    Scenery::ROCKER,
                ],
                [self::rocker(), ['id' => 'c', 'kind' => 'controller', 'part' => 'ctl']],
                [['bank.plus', 's.1'], ['s.2', 'c.in_plus'], ['c.in_minus', 'bank.minus']],
            ),
            function (stdClass $b) use ($metres, $plus): void {
                $b->lights = [
                    (object) [
                        'id' => 'ring',
                        'circuit' => 'shelf',
                        'kind' => 'strip',
                        'part' => 'rgb',
                        'wanted_m' => $metres,
                        'surface' => 'aluminium channel',
                    ],
                ];
                $b->circuits[0]->wants[0]->glow = ['ring'];
                foreach (['common', 'r', 'g', 'b'] as $n => $pin) {
                    $b->leads[] = (object) [
                        'id' => "rgb_{$n}",
                        'circuit' => 'shelf',
                        'cores' => [
                            $plus || $pin === 'common'
                                ? ["c.{$pin}", "ring.start.{$pin}"]
                                : ["c.{$pin}", "ring.start.{$pin}"],
                        ],
                        'length_m' => 0.3,
                        'wire' => 'w15',
                    ];
                }
                $b->leads[0]->inline[0]->fuse_a = null;
            },
        );
    }

    /** @param  array<string, mixed>  $light */
    private static function placed(string $place, array $light): Document
    {
        return self::changed(self::rocked(), function (stdClass $b) use ($place, $light): void {
            $b->place = $place;
            $b->lights[0] = (object) [...(array) $b->lights[0], ...$light];
        });
    }

    /** LEDs of one circuit in a host wire's way. */
    private static function row(float $ohm, int $strings, ?float $shared, bool $turned = false): Document
    {
        return self::changed(self::rocked(), function (stdClass $b) use ($ohm, $strings, $shared, $turned): void {
            $b->parts[] = (object) self::part('led_red_5', id: 'red5');
            $b->lights[0] = (object) [
                'id' => 'row',
                'circuit' => 'shelf',
                'kind' => 'leds',
                'part' => 'red5',
                'count' => 3 * $strings,
                'per_string' => 3,
                'ohm' => $ohm,
            ];
            $b->circuits[0]->wants[0]->glow = ['row'];
            $b->leads[1]->cores = [['s.2', $turned ? 'row.minus' : 'row.plus']];
            $b->leads[2]->cores = [[$turned ? 'row.plus' : 'row.minus', 'bank.minus']];
            if ($shared !== null) {
                $b->leads[1]->inline = [(object) ['id' => 'R1', 'kind' => 'resistor', 'at_m' => 0.1, 'ohm' => $shared]];
            }
        });
    }

    private static function twoLevels(float $ohm): Document
    {
        $d = self::part('tail_two_level', id: 'lamp');
        foreach ($d['inside'] as $n => $branch) {
            if ($branch['kind'] === 'resistor') {
                $d['inside'][$n]['ohm'] = $ohm;
            }
        }

        return self::changed(
            Scenery::build(
                [$d, Scenery::ROCKER],
                [self::rocker(), self::rocker('t', 'rocker', 'stop'), ['id' => 'j', 'kind' => 'joint']],
                [['bank.plus', 'j'], ['j', 's.1'], ['j', 't.1']],
                ['inputs' => [['id' => 'hand', 'kind' => 'hand'], ['id' => 'stop', 'kind' => 'hand']]],
            ),
            function (stdClass $b): void {
                $b->lights = [
                    (object) [
                        'id' => 'tail',
                        'circuit' => 'shelf',
                        'kind' => 'module',
                        'part' => 'lamp',
                        'surface' => 'aluminium channel',
                    ],
                ];
                $b->circuits[0]->wants = [
                    (object) [
                        'id' => 'w_high',
                        'glow' => ['tail'],
                        'when' => (object) ['input' => 'stop'],
                        'level' => 'high',
                    ],
                    (object) [
                        'id' => 'w_low',
                        'glow' => ['tail'],
                        'when' => (object) ['input' => 'hand'],
                        'level' => 'low',
                    ],
                ];
                foreach ([['s.2', 'tail.tail'], ['t.2', 'tail.stop'], ['tail.minus', 'bank.minus']] as $n => $core) {
                    $b->leads[] = (object) [
                        'id' => "level_{$n}",
                        'circuit' => 'shelf',
                        'cores' => [$core],
                        'length_m' => 0.4,
                        'wire' => 'w15',
                    ];
                }
            },
        );
    }

    private static function plugged(string $side): Document
    {
        return self::changed(self::rocked(), function (stdClass $b) use ($side): void {
            $b->parts[] = (object) self::part('plug_1', id: 'p1', live_side: $side);
            $b->devices[] = (object) ['id' => 'hatch_plug', 'kind' => 'plug', 'part' => 'p1', 'label' => 'Hatch plug'];
            $b->leads[1]->inline = [
                (object) ['id' => 'P1', 'kind' => 'plug', 'at_m' => 0.2, 'plug' => 'hatch_plug', 'ways' => [1]],
            ];
        });
    }

    private static function switched(string $part, float $metres): Document
    {
        $p = self::part($part, id: 'sw');

        return self::changed(
            Scenery::build(
                [$p],
                [
                    [
                        'id' => 's',
                        'kind' => 'switch',
                        'part' => 'sw',
                        'at' => [$p['positions'][1] => ['input' => 'hand']],
                    ],
                ],
                [['bank.plus', 's.1'], ['s.2', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
            ),
            fn (stdClass $b) => ($b->lights[0]->wanted_m = $metres),
        );
    }

    /**
     * Rule id => [a build in which it fires, the WHOLE list of findings then, a build where it stays silent].
     *
     * @return array<string, array{callable(): Document, list<string>, callable(): Document}>
     */
    public static function cases(): array
    {
        $d1 = [
            ['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0, 'fuse_a' => 1],
            ['id' => 'D1', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'sch', 'points' => 'to'],
        ];
        $motor = ['loads' => [['id' => 'pump', 'kind' => 'motor', 'w' => 20, 'at_v' => 12]]];
        $withDiode = fn (array $wire): Document => self::changed(self::onWire($wire), function (stdClass $b) use (
            $d1,
        ): void {
            $b->parts[] = (object) self::part('schottky_3', id: 'sch');
            $b->leads[0]->inline = json_decode((string) json_encode($d1));
        });

        return [
            'tap.unfused' => [
                fn () => self::onWire(['fuse_a' => 40], []),
                ['danger tap.unfused lead_0'],
                fn () => self::onWire(['fuse_a' => 40]),
            ],
            'tap.gauge' => [
                fn () => self::changed(
                    self::onWire(['area_mm2' => 0.5, 'fuse_a' => 5]),
                    fn (stdClass $b) => ($b->leads[0]->ends = ['idc_tap', 'solder']),
                ),
                ['warning tap.gauge lead_0'],
                fn () => self::changed(
                    self::onWire(['area_mm2' => 1.0]),
                    fn (stdClass $b) => ($b->leads[0]->ends = ['idc_tap', 'solder']),
                ),
            ],
            'donor.overloaded' => [
                fn () => self::onWay(['kind' => 'panel_channel', 'load_a' => 7.3], 'other'),
                ['warning tap.live_leg tap', 'warning donor.overloaded w4', 'note supply.hours bank'],
                // On the live side of the donor's fuse only its own load runs through it.
                fn () => self::onWay(['kind' => 'panel_channel', 'load_a' => 7.3]),
            ],
            'donor.fuse_enlarged' => [
                fn () => self::onWay(['fuse_a' => 20, 'box_max_a' => 15]),
                ['danger donor.fuse_enlarged w4'],
                fn () => self::onWay(['fuse_a' => 15, 'box_max_a' => 15]),
            ],
            'donor.not_permitted' => [
                fn () => self::onWay(['comfort' => false, 'label' => 'Brake circuit']),
                ['danger donor.not_permitted w4'],
                fn () => self::onWay(['comfort' => true]),
            ],
            'relay.needed' => [
                fn () => self::onWire([
                    'fuse_a' => 2,
                    'loads' => [['id' => 'dome', 'kind' => 'resistive', 'w' => 20, 'at_v' => 12.6]],
                ]),
                ['danger relay.needed court'],
                fn () => self::onWire([
                    'fuse_a' => 5,
                    'loads' => [['id' => 'dome', 'kind' => 'resistive', 'w' => 20, 'at_v' => 12.6]],
                ]),
            ],
            'signal.not_to_tap' => [
                fn () => self::onWire(['tap' => 'never']),
                ['danger signal.not_to_tap court'],
                fn () => self::onWire(['tap' => 'allowed']),
            ],
            'signal.over_capacity' => [
                fn () => self::onWire(['max_a' => 0.3]),
                ['warning signal.over_capacity court'],
                fn () => self::onWire(['max_a' => 2]),
            ],
            'host.back_fed' => [
                fn () => self::joinedWires(false),
                [
                    'danger host.back_fed fore',
                    'danger host.back_fed aft',
                    'warning fuse.too_small F0',
                    'warning fuse.too_small F1',
                ],
                fn () => self::joinedWires(true),
            ],
            'supply.joined' => [
                fn () => self::twoSupplies(true),
                ['danger supply.joined bank'],
                fn () => self::twoSupplies(false),
            ],
            'contact.over_rating' => [
                fn () => self::switched('reed_no', 1.2),
                ['danger contact.over_rating s'],
                fn () => self::switched('reed_no', 0.4),
            ],
            'dimmer.channel_over' => [
                fn () => self::dimmed(['max_a' => 0.5]),
                ['danger dimmer.channel_over c'],
                fn () => self::dimmed(),
            ],
            'controller.total_over' => [
                fn () => self::dimmed([], ['max_total_a' => 0.5]),
                ['danger controller.total_over c'],
                fn () => self::dimmed([], ['max_total_a' => 4]),
            ],
            'coil.under_driven' => [
                fn () => self::changed(
                    self::relayed(),
                    fn (stdClass $b) => ($b->leads[3]->inline = [
                        (object) ['id' => 'R9', 'kind' => 'resistor', 'at_m' => 0.1, 'ohm' => 85],
                    ]),
                ),
                ['warning resistor.too_hot R9', 'warning coil.under_driven k', 'warning intent.not_met shelf'],
                fn () => self::relayed(),
            ],
            'coil.no_quench' => [
                fn () => self::besideElectronics('relay_4_12_plain'),
                ['warning coil.no_quench k'],
                fn () => self::besideElectronics('relay_4_12_diode'),
            ],
            'coil.on_fading' => [
                fn () => self::following(['kind' => 'fading', 'fade_s' => 2]),
                ['warning coil.on_fading k'],
                fn () => self::following(['kind' => 'steady']),
            ],
            'relay.chatters' => [fn () => Scenery::buzzer(), ['danger relay.chatters k'], fn () => self::relayed()],
            'relay.race' => [
                fn () => self::racing(true),
                ['warning relay.race k1', 'note lead.unused_live k1'],
                fn () => self::racing(false),
            ],
            'relay.holds' => [fn () => self::holding(true), ['note relay.holds k'], fn () => self::holding(false)],
            'light.reversed' => [
                fn () => self::row(390, 1, null, true),
                ['warning light.reversed row', 'warning intent.not_met shelf'],
                fn () => self::row(390, 1, null),
            ],
            'led.reverse_voltage' => [
                fn () => self::changed(
                    self::row(390, 1, null, true),
                    fn (stdClass $b) => [($b->lights[0]->count = 1), ($b->lights[0]->per_string = 1)],
                ),
                ['danger led.reverse_voltage row', 'warning light.reversed row', 'warning intent.not_met shelf'],
                fn () => self::row(390, 1, null),
            ],
            'resistor.shared' => [
                fn () => self::row(0, 2, 180),
                ['danger led.over_limit row', 'warning resistor.shared R1'],
                fn () => self::row(390, 2, null),
            ],
            'light.always_lit' => [
                fn () => self::changed(self::rocked(), fn (stdClass $b) => ($b->leads[1]->cores[0][0] = 's.1')),
                ['warning light.always_lit shelf_light', 'warning intent.not_met shelf', 'note lead.unused_live s'],
                fn () => self::rocked(),
            ],
            'light.live_when_off' => [
                fn () => Scenery::build(
                    [Scenery::ROCKER],
                    [self::rocker()],
                    [
                        ['bank.plus', 'shelf_light.start.plus'],
                        ['shelf_light.start.minus', 's.1'],
                        ['s.2', 'bank.minus'],
                    ],
                ),
                ['note light.live_when_off shelf_light'],
                fn () => self::rocked(),
            ],
            'levels.too_alike' => [
                fn () => self::twoLevels(80.0),
                ['warning levels.too_alike tail', 'warning intent.not_met shelf'],
                fn () => self::twoLevels(1000.0),
            ],
            'anode.mismatch' => [
                fn () => self::coloured('strip_rgb_12_144', 'colour_common_minus'),
                ['warning anode.mismatch ring', 'warning intent.not_met shelf'],
                fn () => self::coloured('strip_rgb_12_144', 'colour_common_plus'),
            ],
            'colour.fades' => [
                fn () => self::coloured('strip_rgb_12_144', 'colour_common_plus', 4.0),
                ['warning strip.dim_end ring', 'warning colour.fades ring'],
                fn () => self::coloured('strip_rgb_12_144', 'colour_common_plus', 0.6),
            ],
            'colour.host_lamp' => [
                fn () => self::onWire([
                    'loads' => [
                        [
                            'id' => 'dome',
                            'kind' => 'filament',
                            'w' => 5,
                            'at_v' => 12,
                            'colour' => 'warm_white',
                            'lm' => 40,
                            'mixes_into' => 'shelf_light',
                        ],
                    ],
                ]),
                ['warning colour.host_lamp shelf_light'],
                fn () => self::onWire(['loads' => [['id' => 'dome', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]]]),
            ],
            'light.flicker' => [
                fn () => self::dimmed(['pwm_hz' => 120]),
                ['warning light.flicker c'],
                fn () => self::dimmed(['pwm_hz' => 1000]),
            ],
            'flasher.fast' => [
                fn () => self::flashing('flasher_load'),
                ['warning flasher.fast f'],
                fn () => self::flashing('flasher_three'),
            ],
            'motor.spikes' => [
                fn () => self::onWire($motor),
                ['warning motor.spikes shelf_light'],
                fn () => $withDiode($motor),
            ],
            'ground.unclean' => [
                fn () => self::grounded(['surface' => 'painted']),
                ['warning ground.unclean frame'],
                fn () => self::grounded(),
            ],
            'lead.unused_live' => [
                fn () => self::changed(
                    self::relayed(self::part('relay_5_12_diode', id: 'relay12')),
                    fn (stdClass $b) => $b,
                ),
                ['note lead.unused_live k'],
                fn () => self::relayed(),
            ],
            'plug.live_half' => [
                fn () => self::plugged('male'),
                ['warning plug.live_half hatch_plug'],
                fn () => self::plugged('female'),
            ],
            'supply.standby' => [
                fn () => self::changed(
                    Scenery::build(
                        [self::part('dimmer_low', id: 'dim'), Scenery::ROCKER],
                        [
                            self::rocker(),
                            ['id' => 'c', 'kind' => 'controller', 'part' => 'dim', 'set' => ['low' => 1]],
                            ['id' => 'j', 'kind' => 'joint'],
                        ],
                        [
                            ['bank.plus', 'c.in_plus'],
                            ['c.in_minus', 'bank.minus'],
                            ['c.out_plus', 's.1'],
                            ['s.2', 'shelf_light.start.plus'],
                            ['shelf_light.start.minus', 'c.out_minus'],
                        ],
                    ),
                    fn (stdClass $b) => ($b->supplies[0]->capacity_ah = 20),
                ),
                ['note supply.standby bank'],
                fn () => self::rocked(),
            ],
            'supply.hours' => [
                fn () => self::changed(self::rocked(), fn (stdClass $b) => ($b->supplies[0]->capacity_ah = 4)),
                ['note supply.hours bank'],
                fn () => self::rocked(),
            ],
            'supply.story' => [fn () => self::told(1.2), ['warning supply.story night'], fn () => self::told(60.0)],
            'brief.fact' => [
                fn () => self::said(['kind' => 'no_drill', 'where' => 'under the shelf']),
                ['warning brief.fact shelf'],
                fn () => self::said(['kind' => 'no_drill', 'where' => 'cabin roof']),
            ],
            'brief.place' => [
                fn () => self::soldered('moving', 'at the shelf'),
                ['note brief.place lead_0'],
                fn () => self::soldered('moving', 'bow thruster'),
            ],
            'brief.needed_by' => [
                fn () => self::due('2026-06-02'),
                ['warning brief.needed_by lamp'],
                fn () => self::due('2026-05-30'),
            ],
            'story.impossible' => [
                fn () => self::toldWithNever('lid'),
                ['warning story.impossible night'],
                fn () => self::toldWithNever('hand'),
            ],
            'law.road' => [
                fn () => self::placed('cycle', ['faces' => 'forward']),
                ['warning law.road shelf_light'],
                fn () => self::placed('cycle', ['faces' => 'astern']),
            ],
            'law.water' => [
                fn () => self::placed('boat', ['faces' => 'outside, to port']),
                ['warning law.water shelf_light'],
                fn () => self::placed('boat', ['faces' => 'into the galley']),
            ],
            'switch.mercury' => [
                fn () => self::changed(
                    self::switched('tilt_ball', 0.2),
                    fn (stdClass $b) => ($b->parts[2]->mercury = true),
                ),
                ['warning switch.mercury s'],
                fn () => self::switched('tilt_ball', 0.2),
            ],
            'gear.altered' => [
                fn () => self::placed('wearable', ['surface' => 'buoyancy aid, metal buckle']),
                ['warning gear.altered shelf_light'],
                fn () => self::placed('wearable', ['surface' => 'shoulder strap']),
            ],
        ];
    }

    /**
     * The shelf behind a hand switch, with a fact in its brief.
     *
     * @param  array<string, mixed>  $fact
     */
    public static function said(array $fact): Document
    {
        $hand = Editor::apply(self::rocked(), new UseWay('shelf', 'hand', inputs: ['hand']));

        return Editor::apply($hand, new AddItem('brief.facts', new Fields(['id' => 'fact', ...$fact])));
    }

    /** A soldered end in a circuit, and a fact about a place. */
    private static function soldered(string $kind, string $where): Document
    {
        return Editor::apply(
            self::said(['kind' => $kind, 'where' => $where]),
            new SetField('lead_0', 'ends', ['solder', 'crimp']),
        );
    }

    private static function due(string $on): Document
    {
        return self::changed(self::said(['kind' => 'needed_by', 'value' => '2026-06-01']), function (stdClass $b) use (
            $on,
        ): void {
            $b->parts[] = (object) ['id' => 'lamp', 'kind' => 'sundry', 'label' => 'Lens'];
            $b->work = (object) [
                'parts' => [(object) ['part' => 'lamp', 'need' => 1, 'due_on' => $on, 'arrived_on' => null]],
            ];
        });
    }

    /** The shelf switched on at ten past; the build says that never happens while an input is away from rest. */
    private static function toldWithNever(string $input): Document
    {
        return self::changed(self::told(60.0), function (stdClass $b) use ($input): void {
            $b->inputs[] = (object) ['id' => 'lid', 'kind' => 'lid', 'positions' => ['down', 'up']];
            // Never both; a story that throws only one of them stays possible.
            $b->never = [json_decode('{"all":[{"input":"hand"},{"input":"lid"}]}')];
            if ($input === 'lid') {
                $b->stories[0]->events[] = (object) ['at_s' => 900, 'input' => 'lid', 'to' => 'up'];
            }
        });
    }

    /** Switched on at eight and forgotten for a night. */
    private static function told(float $capacityAh): Document
    {
        return self::changed(self::rocked(), function (stdClass $b) use ($capacityAh): void {
            $b->supplies[0]->capacity_ah = $capacityAh;
            $b->stories = [
                json_decode(
                    '{"id":"night","lasts_s":43200,"events":[{"at_s":600,"input":"hand","to":"on"}],"wanted":[{"circuit":"shelf","from_s":600,"to_s":3600}]}',
                ),
            ];
        });
    }

    /** One strip on two host wires, with a diode each or without. */
    private static function joinedWires(bool $diodes): Document
    {
        $wire = fn (string $id, string $input): array => [
            'id' => $id,
            'label' => "Wire {$id}",
            'polarity' => 'positive',
            'live_when' => ['input' => $input],
            'fed_by' => 'bank',
            'fuse_a' => 5,
            'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
        ];
        $document = Scenery::build(
            [self::part('schottky_3', id: 'sch')],
            [['id' => 'j', 'kind' => 'joint', 'style' => 'solder']],
            [['fore', 'j'], ['aft', 'j'], ['j', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
            [
                'inputs' => [['id' => 'one', 'kind' => 'door'], ['id' => 'two', 'kind' => 'door']],
                'host' => ['wires' => [$wire('fore', 'one'), $wire('aft', 'two')]],
            ],
            ['any' => [['input' => 'one'], ['input' => 'two']]],
        );

        return self::changed($document, function (stdClass $b) use ($diodes): void {
            foreach ([0, 1] as $n) {
                $b->leads[$n]->inline = json_decode(
                    (string) json_encode([
                        ['id' => "F{$n}", 'kind' => 'fuse', 'at_m' => 0, 'fuse_a' => 1],
                        ...$diodes
                            ? [['id' => "D{$n}", 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'sch', 'points' => 'to']]
                            : [],
                    ]),
                );
            }
        });
    }
}
