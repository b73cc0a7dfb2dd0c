<?php

declare(strict_types=1);

namespace Tests\Support;

/** Builds of many kinds put together for the proof: sound ones, and each spoilt in one place with what must then be said. */
final class Corpus
{
    /** @return array<string, Rig> */
    public static function sound(): array
    {
        return [
            'a pod behind a rocker' => self::rocked(),
            'a row of red LEDs on USB' => self::usb(),
            'a strip on a driver' => self::driven(),
            'a relay thrown by a lid magnet' => self::relayed(),
            'a solid-state switch on a host wire' => self::solidState(),
            'a tap in a fuse way' => self::tapped(),
            'a lamp wire of the host' => self::hung(),
            'a courtesy wire switched to minus' => self::courtesy(),
            'two host wires, a diode each' => self::either(),
            'day and night by a change-over' => self::changeOver(),
            'a plunger in the return' => self::plunger(),
            'colour through an amplifier' => self::amplified(),
            'a flasher, left and right' => self::flashing(),
            'a lamp of two levels' => self::twoLevels(),
            'a row on a tool pack' => self::toolPack(),
            'a strip fed at both ends' => self::bothEnds(),
            'a pod dimmed on the high side' => self::dimmed(),
            'a motion sensor' => self::motion(),
            'a rotary switch for three pods' => self::rotary(),
            'a lid and a master in series' => self::lidAndMaster(),
            'a row on a 9 V block' => self::block(),
            'a linear bar on a long lead' => self::bar(),
        ];
    }

    /**
     * @return array<string, array{string, callable(array<string, mixed>): array<string, mixed>, string}> what is wrong =>
     *     which sound build, how it is spoilt, "rule" or "rule subject" that must be said, or "because: words" of a mismatch
     */
    public static function faulty(): array
    {
        $lead = fn (int $n, array $more): callable => function (array $d) use ($n, $more): array {
            $d['leads'][$n] = [...$d['leads'][$n], ...$more];

            return $d;
        };
        $set = fn (string $section, int $n, array $more): callable => function (array $d) use (
            $section,
            $n,
            $more,
        ): array {
            $d[$section][$n] = [...$d[$section][$n], ...$more];

            return $d;
        };
        $part = fn (string $id, array $more): callable => function (array $d) use ($id, $more): array {
            foreach ($d['parts'] as $k => $p) {
                $d['parts'][$k] = $p['id'] === $id ? [...$p, ...$more] : $p;
            }

            return $d;
        };
        $fuse = fn (int $n, float $amps): callable => function (array $d) use ($n, $amps): array {
            $d['leads'][$n]['inline'][0]['fuse_a'] = $amps;

            return $d;
        };
        $host = fn (string $section, int $n, array $more): callable => function (array $d) use (
            $section,
            $n,
            $more,
        ): array {
            $d['host'][$section][$n] = [...$d['host'][$section][$n], ...$more];

            return $d;
        };
        $crossed = fn (int $a, int $b): callable => function (array $d) use ($a, $b): array {
            [$d['leads'][$a]['cores'][0][1], $d['leads'][$b]['cores'][0][1]] = [
                $d['leads'][$b]['cores'][0][1],
                $d['leads'][$a]['cores'][0][1],
            ];

            return $d;
        };

        return [
            'its two leads changed over' => [
                'a pod behind a rocker',
                function (array $d): array {
                    $d['leads'][1]['cores'][0][1] = 'pod.minus';
                    $d['leads'][2]['cores'][0][0] = 'pod.plus';

                    return $d;
                },
                'because: `pod` hangs the wrong way round',
            ],
            'the return left off' => [
                'a pod behind a rocker',
                $lead(2, ['cores' => [['pod.minus', null]]]),
                'light.unfed pod',
            ],
            'no fuse' => ['a pod behind a rocker', $lead(0, ['inline' => []]), 'fuse.missing'],
            'a fuse too large for hair wire' => [
                'a pod behind a rocker',
                function (array $d): array {
                    $d['parts'][] = ['id' => 'hair', 'kind' => 'wire', 'area_mm2' => 0.22];
                    $d['leads'][1]['wire'] = 'hair';
                    $d['leads'][0]['inline'][0]['fuse_a'] = 7.5;

                    return $d;
                },
                'fuse.exceeds_wire fuse_0',
            ],
            'a fuse half a metre out' => [
                'a pod behind a rocker',
                function (array $d): array {
                    $d['leads'][0]['inline'][0]['at_m'] = 0.4;

                    return $d;
                },
                'fuse.too_far fuse_0',
            ],
            'a rocker across the supply' => [
                'a pod behind a rocker',
                $lead(1, ['cores' => [['s.2', 'bank.minus']]]),
                'supply.shorted bank',
            ],
            'too many LEDs for five volts' => [
                'a row of red LEDs on USB',
                function (array $d) use ($part): array {
                    $d['lights'][0]['per_string'] = 2;

                    return $part('led_red_5', ['vf_v' => 2.2])($d);
                },
                'led.thin_headroom row',
            ],
            'no resistor to speak of' => [
                'a row of red LEDs on USB',
                $set('lights', 0, ['ohm' => 47]),
                'led.over_limit row',
            ],
            'more than the outlet gives' => [
                'a row of red LEDs on USB',
                $set('lights', 0, ['count' => 160]),
                'supply.driver_overloaded bank',
            ],
            'a strip for half the volts' => [
                'a strip on a driver',
                function (array $d): array {
                    foreach ($d['parts'] as $k => $p) {
                        if ($p['kind'] === 'strip') {
                            $d['parts'][$k] = ['id' => $p['id'], ...array_diff_key($p, ['id' => 1]), 'nominal_v' => 12];
                        }
                    }

                    return $d;
                },
                'light.wrong_voltage glow',
            ],
            'a strip on oak' => ['a strip on a driver', $set('lights', 0, ['surface' => 'oak']), 'strip.heat glow'],
            'twice the length' => [
                'a strip on a driver',
                $set('lights', 0, ['wanted_m' => 4.6]),
                'supply.driver_overloaded bank',
            ],
            'the coil on its own resting contact' => [
                'day and night by a change-over',
                function (array $d): array {
                    $d['leads'][2]['cores'][0] = ['k.87a', 'k.86'];

                    return $d;
                },
                'relay.chatters k',
            ],
            'a magnet switch straight in the load' => [
                'a relay thrown by a lid magnet',
                function (array $d): array {
                    $d['leads'][2]['cores'][0] = ['s.2', 'glow.start.plus'];
                    $d['leads'][5]['cores'][0] = ['k.87', null];

                    return $d;
                },
                'contact.over_rating s',
            ],
            'a coil for half the volts' => [
                'a relay thrown by a lid magnet',
                function (array $d): array {
                    $d['supplies'][0] = [...$d['supplies'][0], 'min_v' => 23.6, 'nominal_v' => 25.2, 'max_v' => 28.8];

                    return $d;
                },
                'coil.over_volts k',
            ],
            'a coil for twice the volts' => [
                'a relay thrown by a lid magnet',
                function (array $d): array {
                    foreach ($d['parts'] as $k => $p) {
                        if ($p['kind'] === 'relay') {
                            $d['parts'][$k]['inside'][0] = [...$p['inside'][0], 'ohm' => 350, 'pull_in_v' => 16];
                        }
                    }

                    return $d;
                },
                'coil.under_driven k',
            ],
            'the gate left open' => [
                'a solid-state switch on a host wire',
                $lead(2, ['cores' => [['cue_wire', null]]]),
                'because: contact `ss.fet` is broken',
            ],
            'a tap on the dead side of a full way' => [
                'a tap in a fuse way',
                function (array $d): array {
                    $d['devices'][0]['live_leg'] = 'other';
                    $d['host']['ways'][0]['load_a'] = 7.2;

                    return $d;
                },
                'donor.overloaded w',
            ],
            'a box that bears less' => [
                'a tap in a fuse way',
                $host('ways', 0, ['box_max_a' => 4.3]),
                'donor.overloaded w',
            ],
            'a way of the brakes' => [
                'a tap in a fuse way',
                $host('ways', 0, ['comfort' => false]),
                'donor.not_permitted w',
            ],
            'a wire that must not be tapped' => [
                'a lamp wire of the host',
                $host('wires', 0, ['tap' => 'never']),
                'signal.not_to_tap lamp_wire',
            ],
            'a wire good for less' => [
                'a lamp wire of the host',
                $host('wires', 0, ['max_a' => 0.03]),
                'signal.over_capacity lamp_wire',
            ],
            'a minus wire taken for a plus' => [
                'a courtesy wire switched to minus',
                function (array $d): array {
                    $d['leads'][0]['cores'][0] = ['court', 'pod.plus'];
                    $d['leads'][0]['inline'] = [];
                    $d['leads'][1]['cores'][0] = ['pod.minus', 'bank.minus'];

                    return $d;
                },
                'because: `court` is switched to minus',
            ],
            'a diode turned round' => [
                'two host wires, a diode each',
                function (array $d): array {
                    $d['leads'][0]['inline'][1]['points'] = 'from';

                    return $d;
                },
                'because: diode `d1` points against the current',
            ],
            'both diodes left out' => [
                'two host wires, a diode each',
                function (array $d): array {
                    array_pop($d['leads'][0]['inline']);
                    array_pop($d['leads'][1]['inline']);

                    return $d;
                },
                'host.back_fed',
            ],
            'a diode too small' => [
                'two host wires, a diode each',
                function (array $d): array {
                    foreach ($d['parts'] as $k => $p) {
                        $d['parts'][$k] = $p['kind'] === 'diode' ? [...$p, 'max_a' => 0.1] : $p;
                    }

                    return $d;
                },
                'diode.over_amps d1',
            ],
            'day and night crossed' => ['day and night by a change-over', $crossed(4, 5), 'intent.not_met main'],
            'a painted ground' => [
                'a plunger in the return',
                $host('grounds', 0, ['surface' => 'painted']),
                'ground.unclean stud',
            ],
            'a ground on a belt bolt' => [
                'a plunger in the return',
                $host('grounds', 0, ['fastens' => 'belt']),
                'ground.unclean stud',
            ],
            'an amplifier on its own output' => [
                'colour through an amplifier',
                function (array $d): array {
                    $d['leads'][3]['cores'][0][0] = 'a.r';

                    return $d;
                },
                'outputs.joined a',
            ],
            'left for right' => ['a flasher, left and right', $crossed(3, 4), 'intent.not_met main'],
            'low and high alike' => [
                'a lamp of two levels',
                function (array $d): array {
                    foreach ($d['parts'] as $k => $p) {
                        foreach ($p['inside'] ?? [] as $i => $b) {
                            if (($b['id'] ?? '') === 'r_low') {
                                $d['parts'][$k]['inside'][$i]['ohm'] = 1;
                            }
                        }
                    }

                    return $d;
                },
                'levels.too_alike lamp',
            ],
            'a switching spot behind the dimmer' => [
                'a pod dimmed on the high side',
                function (array $d): array {
                    $spot = \BenchGlow\Parts\Catalogue::part('spot_switching')?->data ?? [];
                    foreach ($d['parts'] as $k => $p) {
                        $d['parts'][$k] = $p['kind'] === 'module' ? [...$spot, 'id' => $p['id']] : $p;
                    }

                    return $d;
                },
                'light.switching_on_pwm pod',
            ],
            'the lid bridged' => [
                'a lid and a master in series',
                $lead(2, ['cores' => [['s.1', 'pod.plus']]]),
                'because: contact `m.c` is made',
            ],
            'a lead so long that the bar starves' => [
                'a linear bar on a long lead',
                $lead(1, ['length_m' => 220.0]),
                'feed.drop lead_1',
            ],
            'a lead to nowhere' => [
                'a motion sensor',
                function (array $d): array {
                    $d['devices'][] = ['id' => 'blind', 'kind' => 'joint', 'circuit' => 'main'];
                    $d['leads'][] = [
                        'id' => 'blind_lead',
                        'circuit' => 'main',
                        'cores' => [['s.2', 'blind']],
                        'length_m' => 1.0,
                        'wire' => 'w15',
                    ];

                    return $d;
                },
                'lead.dead_end blind_lead',
            ],
        ];
    }

    private static function rocked(): Rig
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 's.1', 1.0)
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'pod');
    }

    private static function usb(): Rig
    {
        return Rig::on('usb_5', place: 'portable')
            ->input('hand')
            ->switch('s', 'hand', 'toggle_mini')
            ->light('row', 'leds', 'led_red_5', ['count' => 6, 'per_string' => 1, 'ohm' => 180])
            ->lead('bank.plus', 's.1')
            ->lead('s.2', 'row.plus')
            ->lead('row.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'row');
    }

    private static function driven(): Rig
    {
        return Rig::on('driver_24_60', place: 'cabinet')
            ->input('hand')
            ->switch('s', 'hand')
            ->light('glow', 'strip', 'strip_white_24_144', ['wanted_m' => 2.0, 'surface' => 'aluminium channel'])
            ->lead('bank.plus', 's.1')
            ->lead('s.2', 'glow.start.plus')
            ->lead('glow.start.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'glow');
    }

    private static function relayed(): Rig
    {
        return Rig::on()
            ->input('lid', 'lid')
            ->device('hub', 'joint')
            ->switch('s', 'lid', 'reed_no', 'near')
            ->device('k', 'relay', 'relay_4_12_resistor')
            ->light('glow', 'strip', 'strip_white_12_144', ['wanted_m' => 1.0, 'surface' => 'aluminium channel'])
            ->fused('bank.plus', 'hub', 3.0)
            ->lead('hub', 's.1')
            ->lead('s.2', 'k.86')
            ->lead('k.85', 'bank.minus')
            ->lead('hub', 'k.30')
            ->lead('k.87', 'glow.start.plus')
            ->lead('glow.start.minus', 'bank.minus')
            ->want(['input' => 'lid'], 'glow');
    }

    private static function solidState(): Rig
    {
        return Rig::on()
            ->input('cue', 'running')
            ->host('wires', [
                'id' => 'cue_wire',
                'polarity' => 'positive',
                'live_when' => ['input' => 'cue'],
                'fed_by' => 'bank',
            ])
            ->device('ss', 'switch', 'solid_state_10')
            ->light('pod', 'module', 'pod_white_12', ['count' => 3, 'spacing_m' => 0.3, 'surface' => 'steel'])
            ->fused('bank.plus', 'ss.in', 1.0)
            ->lead('ss.out', 'pod.plus')
            ->fused('cue_wire', 'ss.ctl', 1.0)
            ->lead('ss.minus', 'bank.minus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'cue'], 'pod');
    }

    private static function tapped(): Rig
    {
        return Rig::on()
            ->input('key', 'key')
            ->host('ways', [
                'id' => 'w',
                'label' => 'Radio way',
                'kind' => 'fuse_way',
                'comfort' => true,
                'fuse_a' => 10,
                'box_max_a' => 15,
                'load_a' => 4,
                'live_when' => ['input' => 'key'],
                'fed_by' => 'bank',
            ])
            ->device('t', 'fuse_tap', '', ['way' => 'w', 'fuse_a' => 2, 'live_leg' => 'common'])
            ->light('pod', 'module', 'pod_white_12', ['count' => 4, 'spacing_m' => 0.3, 'surface' => 'steel'])
            ->lead('t.out', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'key'], 'pod');
    }

    private static function hung(): Rig
    {
        return Rig::on()
            ->input('lamp', 'running')
            ->host('wires', [
                'id' => 'lamp_wire',
                'label' => 'Lamp wire',
                'polarity' => 'positive',
                'live_when' => ['input' => 'lamp'],
                'fed_by' => 'bank',
                'fuse_a' => 5,
                'max_a' => 5,
                'tap' => 'allowed',
                'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 5]],
            ])
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('lamp_wire', 'pod.plus', 1.0)
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'lamp'], 'pod');
    }

    private static function courtesy(): Rig
    {
        return Rig::on()
            ->input('door', 'door')
            ->host('wires', [
                'id' => 'court',
                'label' => 'Courtesy wire',
                'polarity' => 'ground',
                'live_when' => ['input' => 'door'],
                'fed_by' => 'bank',
                'fuse_a' => 5,
                'max_a' => 3,
                'tap' => 'allowed',
                'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 5]],
            ])
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 'pod.plus', 1.0)
            ->lead('pod.minus', 'court')
            ->want(['input' => 'door'], 'pod');
    }

    private static function either(): Rig
    {
        $wire = fn (string $id): array => [
            'id' => "{$id}_wire",
            'label' => ucfirst($id).' wire',
            'polarity' => 'positive',
            'live_when' => ['input' => $id],
            'fed_by' => 'bank',
            'fuse_a' => 5,
            'max_a' => 5,
            'tap' => 'allowed',
            'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 5]],
        ];
        $line = fn (int $n): array => [
            'inline' => [
                ['id' => "f{$n}", 'kind' => 'fuse', 'at_m' => 0.05, 'fuse_a' => 1, 'form' => 'inline_blade'],
                ['id' => "d{$n}", 'kind' => 'diode', 'part' => 'schottky_3', 'at_m' => 0.2, 'points' => 'to'],
            ],
        ];

        return Rig::on()
            ->part('schottky_3')
            ->input('fore', 'door')
            ->input('aft', 'door')
            ->host('wires', $wire('fore'))
            ->host('wires', $wire('aft'))
            ->device('j', 'joint')
            ->light('pod', 'module', 'pod_white_12')
            ->lead('fore_wire', 'j', $line(1))
            ->lead('aft_wire', 'j', $line(2))
            ->lead('j', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['any' => [['input' => 'fore'], ['input' => 'aft']]], 'pod');
    }

    private static function changeOver(): Rig
    {
        return Rig::on()
            ->input('dusk', 'dusk')
            ->device('hub', 'joint')
            ->switch('s', 'dusk')
            ->device('k', 'relay', 'relay_5_12_resistor')
            ->light('day', 'module', 'pod_white_12')
            ->light('night', 'module', 'pod_red_12')
            ->fused('bank.plus', 'hub', 1.0)
            ->lead('hub', 's.1')
            ->lead('s.2', 'k.86')
            ->lead('k.85', 'bank.minus')
            ->lead('k.87', 'night.plus')
            ->lead('k.87a', 'day.plus')
            ->lead('hub', 'k.30')
            ->lead('day.minus', 'bank.minus')
            ->lead('night.minus', 'bank.minus')
            ->want(['input' => 'dusk'], 'night')
            ->want(['not' => ['input' => 'dusk']], 'day');
    }

    private static function plunger(): Rig
    {
        return Rig::on()
            ->input('lid', 'lid')
            ->host('grounds', ['id' => 'stud', 'label' => 'Stud', 'of' => 'bank', 'surface' => 'stud'])
            ->device('s', 'switch', 'plunger_body', ['at' => ['pressed' => ['not' => ['input' => 'lid']]]])
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 'pod.plus', 1.0)
            ->lead('pod.minus', 's.lead')
            ->lead('s.body', 'stud')
            ->want(['input' => 'lid'], 'pod');
    }

    private static function amplified(): Rig
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->device('hub', 'joint')
            ->device('c', 'controller', 'colour_common_plus')
            ->device('a', 'controller', 'amplifier_three')
            ->light('glow', 'strip', 'strip_rgb_12_144', ['wanted_m' => 1.0, 'surface' => 'aluminium channel'])
            ->fused('bank.plus', 's.1', 5.0)
            ->lead('s.2', 'hub')
            ->cable([['hub', 'c.in_plus'], ['c.in_minus', 'bank.minus']])
            ->cable([['c.r', 'a.sig_r'], ['c.g', 'a.sig_g'], ['c.b', 'a.sig_b'], ['c.common', 'a.sig_common']])
            ->cable([['hub', 'a.in_plus'], ['a.in_minus', 'bank.minus']])
            ->cable([
                ['a.r', 'glow.start.r'],
                ['a.g', 'glow.start.g'],
                ['a.b', 'glow.start.b'],
                ['a.common', 'glow.start.common'],
            ])
            ->want(['input' => 'hand'], 'glow');
    }

    private static function flashing(): Rig
    {
        return Rig::on(place: 'cycle')
            ->input('turn', 'turn', ['positions' => ['off', 'left', 'right']])
            ->device('f', 'controller', 'flasher_three')
            ->device('s', 'switch', 'toggle_three', [
                'at' => [
                    'left' => ['input' => 'turn', 'is' => 'left'],
                    'right' => ['input' => 'turn', 'is' => 'right'],
                ],
            ])
            ->light('port', 'module', 'step_amber_12')
            ->light('star', 'module', 'step_amber_12')
            ->fused('bank.plus', 'f.b', 1.0)
            ->lead('f.e', 'bank.minus')
            ->lead('f.l', 's.com')
            ->lead('s.l', 'port.plus')
            ->lead('s.r', 'star.plus')
            ->lead('port.minus', 'bank.minus')
            ->lead('star.minus', 'bank.minus')
            ->want(['input' => 'turn', 'is' => 'left'], 'port', 'on', true)
            ->want(['input' => 'turn', 'is' => 'right'], 'star', 'on', true);
    }

    private static function twoLevels(): Rig
    {
        return Rig::on()
            ->input('low')
            ->input('high')
            ->switch('s', 'low')
            ->switch('t', 'high')
            ->device('hub', 'joint')
            ->light('lamp', 'module', 'tail_two_level')
            ->fused('bank.plus', 'hub', 1.0)
            ->lead('hub', 's.1')
            ->lead('hub', 't.1')
            ->lead('s.2', 'lamp.tail')
            ->lead('t.2', 'lamp.stop')
            ->lead('lamp.minus', 'bank.minus')
            ->want(['input' => 'high'], 'lamp', 'high')
            ->want(['input' => 'low'], 'lamp', 'low');
    }

    private static function toolPack(): Rig
    {
        return Rig::on('tool_18', place: 'portable')
            ->input('hand')
            ->switch('s', 'hand')
            ->light('row', 'leds', 'led_white_5', ['count' => 8, 'per_string' => 4, 'ohm' => 430])
            ->fused('bank.plus', 's.1', 1.0)
            ->lead('s.2', 'row.plus')
            ->lead('row.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'row');
    }

    private static function bothEnds(): Rig
    {
        return Rig::on('pack_lifepo4_24', place: 'stall')
            ->input('hand')
            ->switch('s', 'hand')
            ->device('hub', 'joint')
            ->device('back', 'joint')
            ->light('glow', 'strip', 'strip_warm_24_96', ['wanted_m' => 4.0, 'surface' => 'aluminium channel'])
            ->fused('bank.plus', 's.1', 4.0)
            ->lead('s.2', 'hub')
            ->lead('hub', 'glow.start.plus')
            ->lead('hub', 'glow.end.plus', ['length_m' => 4.5])
            ->lead('glow.start.minus', 'back')
            ->lead('glow.end.minus', 'back', ['length_m' => 4.5])
            ->lead('back', 'bank.minus')
            ->want(['input' => 'hand'], 'glow');
    }

    private static function dimmed(): Rig
    {
        $rig = Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->device('d', 'controller', 'dimmer_high')
            ->light('pod', 'module', 'pod_white_12', ['count' => 2, 'spacing_m' => 0.5])
            ->fused('bank.plus', 's.1', 1.0)
            ->lead('s.2', 'd.in_plus')
            ->lead('d.in_minus', 'bank.minus')
            ->lead('d.out_plus', 'pod.plus')
            ->lead('pod.minus', 'd.out_minus')
            ->want(['input' => 'hand'], 'pod');
        $rig->data['devices'][1]['set'] = [$rig->data['parts'][2]['contacts'][0]['id'] => 0.5];

        return $rig;
    }

    private static function motion(): Rig
    {
        return Rig::on(place: 'cabinet')
            ->input('someone', 'motion')
            ->switch('s', 'someone', 'sensor_motion', 'there')
            ->light('pod', 'module', 'pod_warm_12', ['count' => 4, 'spacing_m' => 0.4])
            ->fused('bank.plus', 's.1', 1.0)
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'someone'], 'pod');
    }

    private static function rotary(): Rig
    {
        $rig = Rig::on()
            ->input('knob', 'hand', ['positions' => ['off', 'one', 'two', 'three']])
            ->device('s', 'switch', 'rotary_four', [
                'at' => array_map(fn (string $p): array => ['input' => 'knob', 'is' => $p], [
                    'one' => 'one',
                    'two' => 'two',
                    'three' => 'three',
                ]),
            ])
            ->device('back', 'joint')
            ->fused('bank.plus', 's.com', 1.0)
            ->lead('back', 'bank.minus');
        foreach (['one' => 'p1', 'two' => 'p2', 'three' => 'p3'] as $position => $pin) {
            $rig->light("pod_{$position}", 'module', 'pod_red_12')
                ->lead("s.{$pin}", "pod_{$position}.plus")
                ->lead("pod_{$position}.minus", 'back')
                ->want(['input' => 'knob', 'is' => $position], "pod_{$position}");
        }

        return $rig;
    }

    private static function lidAndMaster(): Rig
    {
        return Rig::on()
            ->input('lid', 'lid')
            ->input('master')
            ->switch('m', 'master')
            ->switch('s', 'lid', 'lid_switch', 'up')
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 'm.1', 1.0)
            ->lead('m.2', 's.1')
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['all' => [['input' => 'lid'], ['input' => 'master']]], 'pod');
    }

    private static function block(): Rig
    {
        return Rig::on('block_9', place: 'portable')
            ->input('hand')
            ->switch('s', 'hand', 'toggle_mini')
            ->light('row', 'leds', 'led_red_5', ['count' => 3, 'per_string' => 3, 'ohm' => 180])
            ->lead('bank.plus', 's.1')
            ->lead('s.2', 'row.plus')
            ->lead('row.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'row');
    }

    private static function bar(): Rig
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->light('bar', 'module', 'bar_linear_12')
            ->fused('bank.plus', 's.1', 1.0)
            ->lead('s.2', 'bar.plus', ['length_m' => 6.0])
            ->lead('bar.minus', 'bank.minus', ['length_m' => 6.0])
            ->want(['input' => 'hand'], 'bar');
    }
}
