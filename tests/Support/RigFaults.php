<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;

/** Builds in which one rule has something to say, and the same ones put right: those that a rig shows best. */
final class RigFaults
{
    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> rule => faulty, its findings, sound */
    public static function cases(): array
    {
        return [
            'part.unbound' => [
                fn () => self::coil(false)->document(),
                [
                    'warning part.unbound k',
                    'warning intent.not_met main',
                    'note lead.unused_live k',
                    'note lead.dead_end lead_3',
                    'note lead.dead_end lead_4',
                ],
                fn () => self::coil(true)->document(),
            ],
            'section.doubled' => [
                fn () => self::two('hand', 'hand')->document(),
                ['note section.doubled s2'],
                fn () => self::two('hand', 'other')->document(),
            ],
            'compose.drifted' => [
                fn () => self::madeFor(['not' => ['input' => 'hand']]),
                ['note compose.drifted main'],
                // The same wish, said the other way round.
                fn () => self::madeFor(['all' => [['input' => 'other'], ['input' => 'hand']]]),
            ],
            'coil.through_lamps' => [
                fn () => self::betweenWires([])->document(),
                ['warning coil.through_lamps k', 'warning intent.not_met main'],
                fn () => self::betweenWires([
                    ['id' => 'd', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'silicon_1', 'points' => 'to'],
                ])->document(),
            ],
            'wish.no_signal' => [
                fn () => self::pod()
                    ->input('lid', 'lid', ['positions' => ['down', 'up']])
                    ->want(['input' => 'lid'], 'pod', 'free')
                    ->document(),
                ['warning wish.no_signal lid'],
                fn () => self::pod()->document(),
            ],
            'wire.too_thin' => [
                fn () => self::pod(place: 'boat')->document(),
                ['note wire.too_thin lead_1'],
                fn () => self::pod()->document(),
            ],
            'plug.over_amps' => [
                fn () => self::plugged('plug_2', 2.5),
                ['danger plug.over_amps p'],
                fn () => self::plugged('plug_2', 1.0),
            ],
            'joint.over_amps' => [
                fn () => self::jointed(20.0),
                ['warning joint.over_amps hub'],
                fn () => self::jointed(2.0),
            ],
            'diode.over_amps' => [
                fn () => self::diode('silicon_1', 'to', 2.0),
                ['danger diode.over_amps d1'],
                fn () => self::diode('schottky_5', 'to', 2.0),
            ],
            'diode.reversed' => [
                fn () => self::diode('schottky_5', 'from', 1.0),
                ['warning diode.reversed d1', 'warning intent.not_met main'],
                fn () => self::diode('schottky_5', 'to', 1.0),
            ],
            'lead.dead_end' => [
                fn () => self::pod()->device('j', 'joint')->lead('s.2', 'j')->document(),
                ['note lead.dead_end lead_3'],
                fn () => self::pod()->device('j', 'joint')->lead('s.2', 'j')->lead('j', 'pod.plus')->document(),
            ],
            'place.unsealed' => [
                fn () => self::outside('plug_2'),
                ['warning place.unsealed p'],
                fn () => self::outside('plug_2_sealed'),
            ],
            'supply.ripple' => [
                fn () => self::pod('cycle_no_battery_12')->document(),
                ['warning supply.ripple bank'],
                fn () => self::pod()->document(),
            ],
            'return.elsewhere' => [
                fn () => self::led('pack.minus'),
                ['warning return.elsewhere pod', 'warning intent.not_met main'],
                fn () => self::led('bank.minus'),
            ],
            'light.switching_on_pwm' => [
                fn () => self::dimmed('spot_switching'),
                ['warning light.switching_on_pwm pod'],
                fn () => self::dimmed('pod_warm_12'),
            ],
            'coil.over_volts' => [
                fn () => self::relayed('relay_4_12_diode', 'house_bank_24', 'puck_24'),
                ['warning coil.over_volts k'],
                fn () => self::relayed('relay_4_24_diode', 'house_bank_24', 'puck_24'),
            ],
            'outputs.joined' => [
                fn () => self::drivers(true),
                ['warning outputs.joined bank', 'note fuse.may_not_blow fuse_0'],
                fn () => self::drivers(false),
            ],
        ];
    }

    /** A rocker and a pod on a bank; on a boat its leads would be too thin. */
    private static function pod(string $supply = 'house_bank_12', string $place = 'display'): Rig
    {
        $rig = Rig::on($supply, place: $place);
        $rig->data['parts'][] = ['id' => 'w75', 'kind' => 'wire', 'area_mm2' => 0.75];

        return $rig
            ->input('hand')
            ->switch('s', 'hand')
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 's.1', 2.0)
            ->lead('s.2', 'pod.plus', ['wire' => 'w75'])
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'pod');
    }

    /** @param  float  $metres  of a strip of 14.4 W/m */
    private static function strip(float $metres): Rig
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->light('glow', 'strip', 'strip_white_12_144', ['wanted_m' => $metres, 'surface' => 'aluminium channel'])
            ->lead('glow.start.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'glow');
    }

    private static function plugged(string $plug, float $metres): Document
    {
        $rig = self::strip($metres)->device('p', 'plug', $plug, [], ['max_a' => 2.5]);

        return $rig
            ->fused('bank.plus', 's.1', 10.0)
            ->lead('s.2', 'glow.start.plus', [
                'inline' => [['id' => 'pp', 'kind' => 'plug', 'plug' => 'p', 'at_m' => 0.2, 'ways' => [1]]],
            ])
            ->set('settings', ['uniformity_target' => 0.1])
            ->document();
    }

    private static function diode(string $part, string $points, float $metres): Document
    {
        return self::strip($metres)
            ->part($part)
            ->fused('bank.plus', 's.1', 10.0)
            ->lead('s.2', 'glow.start.plus', [
                'inline' => [['id' => 'd1', 'kind' => 'diode', 'part' => $part, 'at_m' => 0.2, 'points' => $points]],
            ])
            ->set('settings', ['uniformity_target' => 0.1, 'drop_target' => 0.2])
            ->document();
    }

    private static function jointed(float $spare): Document
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->device('hub', 'joint', '', ['spare_a' => $spare])
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 'hub', 5.0)
            ->lead('hub', 's.1')
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'pod')
            ->document();
    }

    private static function outside(string $plug): Document
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->device('p', 'plug', $plug)
            ->light('pod', 'module', 'pod_warm_12')
            ->fused('bank.plus', 's.1', 2.0)
            ->lead('s.2', 'pod.plus', [
                'route' => ['deck'],
                'inline' => [['id' => 'pp', 'kind' => 'plug', 'plug' => 'p', 'at_m' => 0.2, 'ways' => [1]]],
            ])
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'pod')
            ->set('routes', [['id' => 'deck', 'label' => 'Over the deck', 'zone' => 'outside', 'length_m' => 0.5]])
            ->document();
    }

    private static function led(string $back): Document
    {
        return Rig::on()
            ->supply('pack', 'tool_18')
            ->light('pod', 'module', 'pod_warm_12')
            ->input('hand')
            ->switch('s', 'hand')
            ->fused('bank.plus', 's.1', 2.0)
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', $back)
            ->want(['input' => 'hand'], 'pod')
            ->document();
    }

    private static function dimmed(string $lamp): Document
    {
        return Rig::on()
            ->input('hand')
            ->switch('s', 'hand')
            ->device(
                'd',
                'controller',
                'dimmer_low',
                ['set' => ['ch' => 0.4]],
                [
                    'contacts' => [
                        [
                            'id' => 'ch',
                            'from' => 'out_minus',
                            'to' => 'in_minus',
                            'closed_when' => ['all' => []],
                            'max_a' => 8,
                            'duty' => 'set',
                            'pwm_hz' => 1200,
                        ],
                    ],
                ],
            )
            ->light('pod', 'module', $lamp)
            ->fused('bank.plus', 's.1', 2.0)
            ->lead('s.2', 'd.in_plus')
            ->lead('d.in_minus', 'bank.minus')
            ->lead('d.out_plus', 'pod.plus')
            ->lead('pod.minus', 'd.out_minus')
            ->want(['input' => 'hand'], 'pod')
            ->document();
    }

    private static function relayed(string $relay, string $supply, string $lamp): Document
    {
        return Rig::on($supply)
            ->input('hand')
            ->switch('s', 'hand')
            ->device('hub', 'joint')
            ->device('k', 'relay', $relay)
            ->light('pod', 'module', $lamp)
            ->fused('bank.plus', 'hub', 3.0)
            ->lead('hub', 'k.30')
            ->lead('hub', 's.1')
            ->lead('s.2', 'k.86')
            ->lead('k.85', 'bank.minus')
            ->lead('k.87', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->want(['input' => 'hand'], 'pod')
            ->document();
    }

    private static function drivers(bool $together): Document
    {
        $rig = Rig::on('driver_12_60')
            ->supply('second', 'driver_12_60')
            ->device('hub', 'joint')
            ->light('pod', 'module', 'pod_warm_12')
            ->input('hand')
            ->switch('s', 'hand')
            ->fused('bank.plus', 'hub', 4.0)
            ->lead('hub', 's.1')
            ->lead('s.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->lead('bank.minus', 'second.minus')
            ->want(['input' => 'hand'], 'pod');

        return ($together ? $rig->fused('second.plus', 'hub', 4.0) : $rig)->document();
    }

    /** A pod behind a relay that a hand switch throws, its coil led home or not. */
    private static function coil(bool $home): Rig
    {
        $rig = Rig::on()->input('hand')->switch('s', 'hand')->device('k', 'relay', 'relay_4_12_resistor');
        $rig->light('pod', 'module', 'pod_warm_12')->want(['input' => 'hand'], 'pod');
        $rig->fused('bank.plus', 'k.30', 2.0)->lead('k.87', 'pod.plus')->lead('pod.minus', 'bank.minus');
        $rig->fused('bank.plus', 's.1', 2.0)->lead('s.2', 'k.86');

        return $home ? $rig->lead('k.85', 'bank.minus') : $rig;
    }

    /** A pod behind two switches in a row, by what moves each. */
    /**
     * A lamp by hand that was once made for another wish.
     *
     * @param  array<array-key, mixed>  $when
     */
    private static function madeFor(array $when): Document
    {
        $rig = self::two('hand', 'other');
        $rig->data['circuits'][0]['composed_for'] = $when;

        return $rig->document();
    }

    private static function two(string $first, string $second): Rig
    {
        $rig = Rig::on()->input('hand')->input('other')->switch('s1', $first)->switch('s2', $second);
        $when = $first === $second ? ['input' => $first] : ['all' => [['input' => $first], ['input' => $second]]];
        $rig->light('pod', 'module', 'pod_warm_12')->want($when, 'pod');

        return $rig
            ->fused('bank.plus', 's1.1', 2.0)
            ->lead('s1.2', 's2.1')
            ->lead('s2.2', 'pod.plus')
            ->lead('pod.minus', 'bank.minus');
    }

    /**
     * A pod behind a relay whose coil lies between a positive and a ground-switched wire of the host.
     *
     * @param  list<array<string, mixed>>  $inline  in the coil's lead
     */
    private static function betweenWires(array $inline): Rig
    {
        $lamp = ['id' => 'lamp', 'kind' => 'filament', 'w' => 10, 'at_v' => 12];
        $rig = Rig::on()->input('one')->input('two')->part('silicon_1')->device('k', 'relay', 'relay_4_12_resistor');
        foreach ([['plus_wire', 'positive', 'one'], ['ground_wire', 'ground', 'two']] as [$id, $polarity, $input]) {
            $rig->host('wires', [
                'id' => $id,
                'label' => ucfirst(str_replace('_', ' ', $id)),
                'polarity' => $polarity,
                'live_when' => ['input' => $input],
                'fed_by' => 'bank',
                'fuse_a' => 5,
                'loads' => [$lamp],
            ]);
        }
        $rig->light('pod', 'module', 'pod_warm_12')->want(['all' => [['input' => 'one'], ['input' => 'two']]], 'pod');

        return $rig
            ->fused('bank.plus', 'k.30', 2.0)
            ->lead('k.87', 'pod.plus')
            ->lead('pod.minus', 'bank.minus')
            ->lead('plus_wire', 'k.86', [
                'inline' => [
                    ['id' => 'f', 'kind' => 'fuse', 'at_m' => 0.05, 'fuse_a' => 1, 'form' => 'inline_blade'],
                    ...$inline,
                ],
            ])
            ->lead('k.85', 'ground_wire');
    }
}
