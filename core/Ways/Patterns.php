<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\Light;
use BenchGlow\Sizing\Preferred;

/** What each ready way is made of: its switches, relays and controllers, how they are joined, and what it then does. */
final class Patterns
{
    /** @throws DoesNotSuit */
    public static function lay(string $id, Plan $p): void
    {
        match ($id) {
            'straight' => self::straight($p),
            'host_wire' => self::hostWire($p),
            'fuse_tap' => self::fuseTap($p),
            'spare_way' => self::spareWay($p),
            'hand' => self::hand($p, 'rocker_plain', false),
            'hand_lit' => self::hand($p, 'rocker_lit', true),
            'hand_return' => self::handInReturn($p),
            'relay_positive' => self::relayPositive($p, false),
            'relay_ground' => self::relayGround($p),
            'solid_state' => self::solidState($p),
            'either' => self::either($p),
            'lid_master' => self::lidAndMaster($p, true),
            'lid_master_feed' => self::lidAndMaster($p, false),
            'on_unless' => self::relayPositive($p, true),
            'change_over' => self::changeOver($p),
            'low_high_runs' => self::twoRuns($p),
            'low_high_resistor' => self::lowByResistor($p),
            'low_high_dimmer' => self::lowByDimmer($p),
            'repeater' => self::repeater($p),
            'merged' => self::merged($p),
            'functions' => self::functions($p),
            'dimmer' => self::dimmer($p),
            'colour' => self::colour($p, false),
            'colour_amplifier' => self::colour($p, true),
            'radio' => self::radio($p),
            'trunk' => self::trunk($p),
            default => throw new DoesNotSuit("there is no way called `{$id}`."),
        };
    }

    private static function straight(Plan $p): void
    {
        $p->feed($p->plus(), ['fuse']);
        $p->back($p->minus());
        $p->want(['all' => []]);
    }

    private static function hostWire(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy');
        $p->feed($wire, ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }

    private static function repeater(Plan $p): void
    {
        $wire = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $p->feed($wire, ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($wire), 'on', true);
    }

    private static function fuseTap(Plan $p): void
    {
        $way = $p->way('Accessory way', ['fuse_way']);
        $p->device('tap', 'fuse_tap', '', [], ['way' => $way, 'fuse_a' => null, 'live_leg' => 'common']);
        $p->feed('tap.out');
        $p->back($p->minus());
        $p->want($p->liveWhen($way));
    }

    private static function spareWay(Plan $p): void
    {
        $way = $p->way('Spare way', ['spare_way', 'panel_channel']);
        $p->feed("{$way}.line", ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($way));
    }

    private static function hand(Plan $p, string $part, bool $lit): void
    {
        $input = $p->input($p->setting->build->circuits[$p->setting->circuit]->label.' rocker', 'hand');
        $p->hand('s', $part, $input);
        $p->lead($p->plus(), 's.in', ['fuse'], 'To the switch');
        $p->feed('s.out');
        if ($lit) {
            $p->lead('s.ground', $p->minus(), [], 'Return of the switch lamp');
        }
        $p->back($p->minus());
        $p->want(['input' => $input]);
    }

    private static function handInReturn(Plan $p): void
    {
        $input = $p->input($p->setting->build->circuits[$p->setting->circuit]->label.' rocker', 'hand');
        $p->hand('s', 'rocker_plain', $input);
        $p->feed($p->plus(), ['fuse']);
        $p->back('s.in');
        $p->lead('s.out', $p->minus(), [], 'Return');
        $p->want(['input' => $input]);
    }

    private static function relayPositive(Plan $p, bool $unless): void
    {
        $wire = $unless ? $p->wire('Ignition', 'key') : $p->wire('Courtesy', 'courtesy');
        $p->relay('k', $unless);
        $p->lead($p->plus(), 'k.30', ['fuse'], 'To the relay');
        $p->feed($unless ? 'k.87a' : 'k.87');
        $p->lead($wire, 'k.86', ['fuse'], 'Trigger');
        $p->lead('k.85', $p->minus(), [], 'Return of the coil');
        $p->back($p->minus());
        $p->want($unless ? ['not' => $p->liveWhen($wire)] : $p->liveWhen($wire));
    }

    private static function relayGround(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy', 'ground');
        $p->relay('k');
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the relay');
        $p->lead('j', 'k.30');
        $p->lead('j', 'k.86');
        $p->lead('k.85', $wire, [], 'Trigger');
        $p->feed('k.87');
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }

    private static function solidState(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy');
        $p->device('s', 'switch', 'solid_state_10');
        $p->lead($p->plus(), 's.in', ['fuse'], 'To the switch');
        $p->feed('s.out');
        $p->lead($wire, 's.ctl', ['fuse'], 'Trigger');
        $p->lead('s.minus', $p->minus(), [], 'Return of the switch');
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }

    private static function either(Plan $p): void
    {
        $one = $p->wire('Fore door', 'door');
        $two = $p->wire('Aft door', 'door');
        $p->device('j', 'joint');
        $p->lead($one, 'j', ['fuse', 'diode'], 'First source');
        $p->lead($two, 'j', ['fuse', 'diode'], 'Second source');
        $p->feed('j');
        $p->back($p->minus());
        $p->want(['any' => [$p->liveWhen($one), $p->liveWhen($two)]]);
    }

    private static function lidAndMaster(Plan $p, bool $inReturn): void
    {
        $lid = $p->input('Lid', 'lid', ['down', 'up']);
        $master = $p->input('Master', 'hand');
        $p->hand('lid', 'lid_switch', $lid);
        $p->hand('master', 'rocker_plain', $master);
        $p->lead('lid.out', 'master.in');
        if ($inReturn) {
            $p->feed($p->plus(), ['fuse']);
            $p->back('lid.in');
            $p->lead('master.out', $p->minus(), [], 'Return');
        } else {
            $p->lead($p->plus(), 'lid.in', ['fuse'], 'To the switches');
            $p->feed('master.out');
            $p->back($p->minus());
        }
        $p->want(['all' => [['input' => $lid], ['input' => $master]]]);
    }

    private static function changeOver(Plan $p): void
    {
        $p->needLights(2, 'it changes over between two lights; this circuit has one.');
        $wire = $p->wire('Running', 'running');
        $p->relay('k', true);
        $p->lead($p->plus(), 'k.30', ['fuse'], 'To the relay');
        $p->lead($wire, 'k.86', ['fuse'], 'Trigger');
        $p->lead('k.85', $p->minus(), [], 'Return of the coil');
        foreach ($p->setting->lights as $n => $light) {
            foreach ($light['plus'] as $pin) {
                $p->lead($n === 0 ? 'k.87' : 'k.87a', $pin);
            }
            $p->want($n === 0 ? $p->liveWhen($wire) : ['not' => $p->liveWhen($wire)], 'on', false, $light['light']->id);
        }
        $p->back($p->minus());
    }

    /** @return array{string, string} inputs for low and high */
    private static function levels(Plan $p): array
    {
        $low = $p->input('Low', 'hand');
        $high = $p->input('High', 'hand');
        $p->hand('low', 'rocker_plain', $low);
        $p->hand('high', 'rocker_plain', $high);
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the switches');
        $p->lead('j', 'low.in');
        $p->lead('j', 'high.in');

        return [$low, $high];
    }

    private static function twoRuns(Plan $p): void
    {
        $p->needLights(2, 'it takes two runs of light; this circuit has one.');
        [$low, $high] = self::levels($p);
        foreach ($p->setting->lights as $n => $light) {
            foreach ($light['plus'] as $pin) {
                $p->lead($n === 0 ? 'low.out' : 'high.out', $pin);
            }
            $p->want(['input' => $n === 0 ? $low : $high], 'on', false, $light['light']->id);
        }
        $p->back($p->minus());
    }

    private static function lowByResistor(Plan $p): void
    {
        $p->onlyOneChannel();
        [$low, $high] = self::levels($p);
        $p->device('meet', 'joint');
        $p->lead('low.out', 'meet', ['resistor '.self::lowOhm($p), 'diode'], 'Low');
        $p->lead('high.out', 'meet', ['diode'], 'High');
        $p->feed('meet');
        $p->back($p->minus());
        $p->want(['input' => $high], 'high');
        $p->want(['input' => $low], 'low');
    }

    /** Leaves a fifth of the current, a diode counted; the next preferred value up. */
    private static function lowOhm(Plan $p): float
    {
        $volts = $p->setting->build->supplies[$p->setting->supply]->nominalV;
        $headroom = INF;
        $amps = 0.0;
        foreach ($p->setting->lights as $light) {
            [$drop, $a] = self::load($light['light'], $volts);
            $headroom = min($headroom, $volts - $drop);
            $amps += $a;
        }
        $ohm =
            $amps > 0.0 && is_finite($headroom)
                ? (self::KEPT_BACK * max(0.5, $headroom) - self::DIODE_V) / (self::LOW * $amps)
                : 100.0;

        return Preferred::from($p->setting->build->settings->resistorSeries)->atLeast(max(1.0, $ohm)) ?? 100.0;
    }

    private const LOW = 0.2;

    private const KEPT_BACK = 0.8;

    private const DIODE_V = 0.45;

    /** @return array{float, float} volts across its LEDs, amps at full light */
    private static function load(Light $light, float $volts): array
    {
        if ($light->kind === 'strip') {
            $part = $light->part;
            $vf = $part->objects('channels')[0]->number('vf_v');

            return [
                $part->integer('series_leds', $part->integer('leds_per_cut', 1)) * $vf,
                $light->strip()->unitA() * $light->fit()->units,
            ];
        }
        if ($light->kind === 'leds') {
            $per = max(1, min($light->count(), $light->fields->integer('per_string', 1)));

            return [$per * $light->led()->vfV, $light->led()->ifA * ceil($light->count() / $per)];
        }
        foreach ($light->part->objects('inside') as $branch) {
            if ($branch->isA('string')) {
                return [
                    $branch->integer('series_leds', 1) * $branch->number('vf_v'),
                    $branch->number('if_a') * $light->count(),
                ];
            }
        }

        return [0.6 * $volts, 0.1 * $light->count()];
    }

    private static function lowByDimmer(Plan $p): void
    {
        $p->onlyOneChannel();
        [$low, $high] = self::levels($p);
        $p->device('c', 'controller', 'dimmer_high', [], ['set' => ['high' => 0.2]]);
        $p->device('meet', 'joint');
        $p->lead('low.out', 'c.in_plus');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the dimmer');
        $p->lead('c.out_plus', 'meet', ['diode'], 'Low');
        $p->lead('high.out', 'meet', ['diode'], 'High');
        $p->feed('meet');
        $p->back($p->minus());
        $p->want(['input' => $high], 'high');
        $p->want(['input' => $low], 'low');
    }

    private static function merged(Plan $p): void
    {
        $p->onlyOneChannel();
        $run = $p->wire('Running', 'running');
        $brake = $p->wire('Brake', 'brake');
        $turn = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $p->device('m', 'controller', 'merge_three');
        $p->lead($run, 'm.run', ['fuse'], 'Running');
        $p->lead($brake, 'm.brake', ['fuse'], 'Brake');
        $p->lead($turn, 'm.turn', ['fuse'], 'Turn');
        $p->lead('m.minus', $p->minus(), [], 'Return of the controller');
        $p->feed('m.out');
        $p->back($p->minus());
        $p->want(['any' => [$p->liveWhen($brake), $p->liveWhen($turn), $p->liveWhen($run)]], 'free');
    }

    private static function functions(Plan $p): void
    {
        $pins = $p->setting->lights[0]['functions'];
        if (count($pins) < 2 || $p->setting->lights[0]['light']->kind === 'strip') {
            throw new DoesNotSuit('its lamp has one function only.');
        }
        $kinds = [
            ['Running', 'running', []],
            ['Brake', 'brake', []],
            ['Turn left', 'turn', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]],
        ];
        foreach (array_slice($pins, 0, 3) as $n => $pin) {
            [$label, $kind, $behaviour] = $kinds[$n];
            $wires[] = $wire = $p->wire($label, $kind, 'positive', $behaviour);
            if (count($p->setting->lights) === 1) {
                $p->lead($wire, $pin, ['fuse'], $label);

                continue;
            }
            $p->device("j{$n}", 'joint');
            $p->lead($wire, "j{$n}", ['fuse'], $label);
            foreach ($p->setting->lights as $light) {
                $p->lead(
                    "j{$n}",
                    $light['functions'][$n] ?? throw new DoesNotSuit('its lamps differ in their functions.'),
                );
            }
        }
        $p->back($p->minus());
        $p->want(['any' => array_map(fn (string $w): array => $p->liveWhen($w), array_reverse($wires))], 'free');
    }

    private static function dimmer(Plan $p): void
    {
        $p->onlyOneChannel();
        $p->device('c', 'controller', 'dimmer_low', [], ['set' => ['low' => 0.5]]);
        $p->lead($p->plus(), 'c.in_plus', ['fuse'], 'To the dimmer');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the dimmer');
        $p->feed('c.out_plus');
        $p->back('c.out_minus');
        $p->want(['all' => []]);
    }

    private static function colour(Plan $p, bool $amplified): void
    {
        $strips = array_values(
            array_filter(
                $p->setting->lights,
                fn (array $l): bool => $l['light']->kind === 'strip' && count($l['light']->emitters()) > 1,
            ),
        );
        if (count($strips) !== count($p->setting->lights)) {
            throw new DoesNotSuit('it drives colour strips; this circuit has another light.');
        }
        if ($amplified && count($strips) < 2) {
            throw new DoesNotSuit('the amplifier drives a second run; this circuit has one.');
        }
        $plus = $strips[0]['light']->part->text('common', 'plus') === 'plus';
        $channels = array_keys($strips[0]['light']->emitters());
        $key = match (true) {
            count($channels) === 4 && $plus => 'colour_white_common_plus',
            count($channels) !== 3 => throw new DoesNotSuit('no controller of the shelf has its number of colours.'),
            default => $plus ? 'colour_common_plus' : 'colour_common_minus',
        };
        if ($amplified && (! $plus || count($channels) !== 3)) {
            throw new DoesNotSuit('the amplifier of the shelf has three channels with a common plus.');
        }
        $p->device('c', 'controller', $key, [], ['set' => array_fill_keys($channels, 1)]);
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the controller');
        $p->lead('j', 'c.in_plus');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the controller');
        foreach ($strips as $n => $strip) {
            $far = $amplified && $n > 0;
            if ($far && $n === 1) {
                $p->device('a', 'controller', 'amplifier_three');
                $p->lead('j', 'a.in_plus');
                $p->lead('a.in_minus', $p->minus(), [], 'Return of the amplifier');
                $p->lead('c.common', 'a.sig_common');
                foreach ($channels as $channel) {
                    $p->lead("c.{$channel}", "a.sig_{$channel}");
                }
            }
            $driver = $far ? 'a' : 'c';
            foreach ([...$strip['plus'], ...$strip['minus']] as $pin) {
                $p->lead("{$driver}.".substr((string) strrchr($pin, '.'), 1), $pin);
            }
        }
        $p->want(['all' => []]);
    }

    private static function radio(Plan $p): void
    {
        $p->onlyOneChannel();
        $wire = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $range = $p->input('Radio range', 'other', ['lost', 'near']);
        $p->device('t', 'controller', 'radio_sender');
        $p->device(
            'r',
            'controller',
            'radio_receiver',
            [],
            ['hears' => ['left' => 't.left'], 'link_when' => ['input' => $range]],
        );
        $p->lead($p->plus(), 't.in_plus', ['fuse'], 'To the sender');
        $p->lead('t.in_minus', $p->minus(), [], 'Return of the sender');
        $p->lead($wire, 't.left', ['fuse'], 'Trigger');
        $p->lead($p->plus(), 'r.in_plus', ['fuse'], 'To the receiver');
        $p->lead('r.in_minus', $p->minus(), [], 'Return of the receiver');
        $p->feed('r.left');
        $p->back($p->minus());
        $p->want(['all' => [$p->liveWhen($wire), ['input' => $range]]], 'on', true);
    }

    private static function trunk(Plan $p): void
    {
        $p->needLights(2, 'a trunk serves several lights; this circuit has one.');
        $from = $p->plus();
        $inline = ['fuse'];
        $home = $p->minus();
        foreach ($p->setting->lights as $n => $light) {
            $p->device("tap{$n}", 'joint', '', [], ['style' => 'idc_tap']);
            $p->device("back{$n}", 'joint', '', [], ['style' => 'idc_tap']);
            $p->lead($from, "tap{$n}", $inline, $n === 0 ? 'Trunk' : '');
            $p->lead("back{$n}", $home, [], $n === 0 ? 'Return of the trunk' : '');
            foreach ($light['plus'] as $pin) {
                $p->lead("tap{$n}", $pin);
            }
            foreach ($light['minus'] as $pin) {
                $p->lead($pin, "back{$n}");
            }
            [$from, $inline, $home] = ["tap{$n}", [], "back{$n}"];
        }
        $p->want(['all' => []]);
    }
}
