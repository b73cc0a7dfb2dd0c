<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Build\Settings;
use BenchGlow\Format\Fields;
use BenchGlow\Law\HeldLaw;
use BenchGlow\Law\Resistor;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Phases;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\State;
use Tests\Support\Make;
use Tests\Support\Rig;
use Tests\Support\Scenery;

/** A switching spot behind a rocker, on a bank. */
function spot(): Rig
{
    return Rig::on()
        ->input('hand')
        ->switch('s', 'hand')
        ->light('spot', 'module', 'spot_switching')
        ->fused('bank.plus', 's.1')
        ->lead('s.2', 'spot.plus')
        ->lead('spot.minus', 'bank.minus')
        ->want(['input' => 'hand'], 'spot');
}

/** @return list<string> why the circuit's wants are missed, each once */
function blamed(Rig $rig): array
{
    $intent = Analysis::of($rig->document())->intents['main'];

    return array_values(array_unique(array_map(fn ($m): string => $m->because, $intent->mismatches)));
}

it('never calls met what a later phase left unsolved, and keeps its reason', function (): void {
    $light = ['l' => ['glow' => new EmitterState('l', 'white', [1.0], [12.0], 5.0)]];
    $state = fn (bool $solved, ?string $reason): State => new State(
        'nominal',
        $solved,
        $reason,
        0.0,
        3,
        [],
        [],
        ['bank' => 1.0],
        $light,
    );
    $mean = Phases::mean([
        [0.5, $state(true, 'supply too weak to start x')],
        [0.5, $state(false, 'not solved in 100 steps')],
    ]);
    expect($mean->solved)
        ->toBeFalse()
        ->and($mean->reason)
        ->toBe('supply too weak to start x; not solved in 100 steps, in the pause of the dimming');

    $a = Analysis::of(spot()->document());
    $on = array_values(array_filter($a->scenes(), fn (Scene $s): bool => $s->inputs === ['hand' => 'on']))[0];
    $of = function (State $lit, ?State $dark) use ($a, $on): Judgement {
        $scene = new Scene($on->inputs, 'nominal', $lit, $dark, $on->closed, [], null, [], 0);

        return Judgement::of($a->build, $a->build->circuits['main'], $scene, 'spot', 'glow', $a->paths);
    };
    expect($of($on->lit, null)->why)
        ->toBeNull()
        ->and($of($on->lit, $state(false, 'not solved in 100 steps'))->why)
        ->toBe('not solved in 100 steps, in the dark half of the flash')
        ->and($of($state(false, null), null)->why)
        ->toBe('`spot` has no way to a supply');
});

it('solves a switching lamp behind an open contact and in the gap of a dimmer', function (): void {
    $scenes = Analysis::of(spot()->document())->scenes();
    expect($scenes)->toHaveCount(6);
    foreach ($scenes as $scene) {
        expect($scene->solved())
            ->toBeTrue()
            ->and($scene->lit->lights['spot']['glow']->greatest())
            ->toEqualWithDelta($scene->inputs['hand'] === 'on' ? 1.0 : 0.0, 1e-6);
    }
    $dimmed = Rig::on()
        ->device('d', 'controller', 'dimmer_low', ['set' => ['ch' => 0.4]])
        ->light('spot', 'module', 'spot_switching')
        ->fused('bank.plus', 'd.in_plus')
        ->lead('d.in_minus', 'bank.minus')
        ->lead('d.out_plus', 'spot.plus')
        ->lead('spot.minus', 'd.out_minus')
        ->want(['all' => []], 'spot');
    $channel = $dimmed->data['parts'][1]['contacts'][0]['id'];
    $dimmed->data['devices'][0]['set'] = [$channel => 0.4];
    foreach (Analysis::of($dimmed->document())->scenes() as $scene) {
        expect($scene->solved())
            ->toBeTrue()
            ->and($scene->lit->lights['spot']['glow']->greatest())
            ->toEqualWithDelta(0.4, 1e-3);
    }
});

it('finds the stable point of a switching load wherever there is one', function (
    float $volts,
    float $ohm,
    float $watts,
    ?float $u,
): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', $volts, 0.001);
    $net->branch('lead', 'p', 'x', new Resistor($ohm - 0.001));
    $net->branch('spot', 'x', 'm', new HeldLaw($watts, 5.0, 32.0));
    $solution = Solver::solve($net->build());
    expect($solution->solved)
        ->toBeTrue()
        ->and($solution->reasons)
        ->toBe($u === null ? ['supply too weak to start spot'] : [])
        ->and($solution->volts[$net->places()['x']])
        ->toEqualWithDelta($u ?? $volts, 1e-5);
})->with([
    // u = (E + √(E² − 4·P·R))/2
    'a long lead' => [12.0, 1.7, 20.0, (12.0 + sqrt(144.0 - 136.0)) / 2.0],
    'a thin lead at 28.8 V' => [28.8, 50.0, 4.0, (28.8 + sqrt(829.44 - 800.0)) / 2.0],
    'a hair before the fold' => [12.0, 1.7999, 20.0, (12.0 + sqrt(144.0 - 143.992)) / 2.0],
    'past the fold' => [12.0, 1.81, 20.0, null],
    'its point lies under its least volts' => [8.0, 1.2, 12.6, null],
]);

it('settles many switching loads on one trunk like one of their sum', function (int $n): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 0.001);
    $net->branch('lead', 'p', 'x', new Resistor(1.699));
    foreach (range(1, $n) as $k) {
        $net->branch("spot{$k}", 'x', 'm', new HeldLaw(20.0 / $n, 5.0, 32.0));
    }
    expect(Solver::solve($net->build())->volts[$net->places()['x']])->toEqualWithDelta(7.4142135, 1e-5);
})->with([2, 5, 20]);

it('judges what a chattering relay does not touch, and names the relay where it matters', function (): void {
    $a = Analysis::of(Scenery::buzzer());
    expect($a->intents['shelf']->verdict)->toBe('met');
    $b = Analysis::of(Scenery::buzzer('k.87'));
    expect($b->intents['shelf']->verdict)
        ->toBe('unknown')
        ->and($b->intents['shelf']->reason)
        ->toBe('oscillates: k.coil, period 2');
    $judged = [];
    foreach ($b->scenes() as $scene) {
        $j = Judgement::of($b->build, $b->build->circuits['shelf'], $scene, 'shelf_light', 'r', $b->paths);
        $judged[$scene->inputs['hand']] = $j->why;
    }
    expect($judged)->toBe(['off' => null, 'on' => 'oscillates: k.coil, period 2']);
});

it('calls a level by its border within a hair', function (float $flux, string $level): void {
    $settings = Settings::of(new Fields([]));
    expect((new EmitterState('l', 'white', [$flux], [12.0], 1.0))->level($settings))->toBe($level);
})->with([
    [0.59999995, 'high'],
    [0.5999, 'on'],
    [0.45000004, 'low'],
    [0.4501, 'on'],
    [0.04999996, 'low'],
    [0.0499, 'ghost'],
    [0.00200004, 'dark'],
    [0.0021, 'ghost'],
]);

it('blames a diode that points the wrong way, on the way out and on the way back', function (): void {
    $diode = fn (string $points, string $id = 'd1'): array => [
        'inline' => [['id' => $id, 'kind' => 'diode', 'part' => 'schottky_3', 'at_m' => 0.2, 'points' => $points]],
    ];
    $rig = fn (array $out, array $back): Rig => Rig::on()
        ->part('schottky_3')
        ->input('hand')
        ->switch('s', 'hand')
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 's.1')
        ->lead('s.2', 'pod.plus', $out)
        ->lead('pod.minus', 'bank.minus', $back)
        ->want(['input' => 'hand'], 'pod');
    expect(blamed($rig($diode('to'), $diode('to', 'd2'))))
        ->toBe([])
        ->and(blamed($rig($diode('from'), [])))
        ->toBe(['diode `d1` points against the current'])
        ->and(blamed($rig([], $diode('from'))))
        ->toBe(['diode `d1` points against the current']);
});

it('blames leads changed over, a wrong common, a return nothing joins, a wire switched to minus', function (): void {
    $pod = fn (): Rig => Rig::on()
        ->light('pod', 'module', 'pod_warm_12')
        ->want(['all' => []], 'pod');
    $swapped = $pod()->fused('bank.plus', 'pod.minus')->lead('pod.plus', 'bank.minus');
    $apart = $pod()->supply('pack', 'tool_18')->fused('bank.plus', 'pod.plus')->lead('pod.minus', 'pack.minus');
    $strip = Rig::on()
        ->device('c', 'controller', 'colour_common_minus')
        ->light('glow', 'strip', 'strip_rgb_12_144', ['wanted_m' => 0.5])
        ->fused('bank.plus', 'c.in_plus')
        ->lead('c.in_minus', 'bank.minus')
        ->cable([
            ['c.common', 'glow.start.common'],
            ['c.r', 'glow.start.r'],
            ['c.g', 'glow.start.g'],
            ['c.b', 'glow.start.b'],
        ])
        ->want(['all' => []], 'glow');
    $ground = $pod()
        ->input('door')
        ->host('wires', [
            'id' => 'courtesy',
            'label' => 'Courtesy lamp',
            'polarity' => 'ground',
            'fed_by' => 'bank',
            'live_when' => ['input' => 'door'],
            'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 5]],
        ])
        ->lead('courtesy', 'pod.plus')
        ->lead('pod.minus', 'bank.minus')
        ->set('circuits', [
            [
                'id' => 'main',
                'label' => 'Main',
                'wants' => [['id' => 'w', 'when' => ['input' => 'door'], 'glow' => ['pod'], 'level' => 'on']],
            ],
        ]);
    expect(blamed($swapped))
        ->toBe(['`pod` hangs the wrong way round'])
        ->and(blamed($apart))
        ->toBe(['its way back goes to `pack`, which nothing joins to `bank`'])
        ->and(blamed($strip))
        ->toBe(['`glow` has its plus in common and is fed the other way round'])
        ->and(blamed($ground))
        ->toContain('`courtesy` is switched to minus and can\'t be its plus')
        ->toContain('current comes through the lamp `courtesy.bulb`');
});

it('names the piece that takes the volts where everything is made', function (): void {
    $rig = Rig::on()
        ->input('hand')
        ->switch('s', 'hand')
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 's.1')
        ->lead('s.2', 'pod.plus', ['inline' => [['id' => 'r1', 'kind' => 'resistor', 'at_m' => 0.2, 'ohm' => 4700]]])
        ->lead('pod.minus', 'bank.minus')
        ->want(['input' => 'hand'], 'pod');
    expect(implode("\n", blamed($rig)))->toContain('`r1` takes')->not->toContain('no contact on its way');
});

it('says unknown of a lamp no way reaches, and one finding says what is missing', function (): void {
    $rig = Rig::on()
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 'pod.plus')
        ->want(['all' => []], 'pod');
    $a = Analysis::of($rig->document());
    expect($a->intents['main']->verdict)
        ->toBe('unknown')
        ->and($a->intents['main']->mismatches)
        ->toBe([])
        ->and($a->intents['main']->reason)
        ->toBe('`pod` has no way to a supply')
        ->and(Make::findings($rig->document()))
        ->toContain('warning light.unfed pod');
});

it('blames a short on the fuse that opens first, else on the lead that carries most', function (
    array $fuses,
    string $through,
): void {
    $rig = Rig::on('pack_lifepo4_12', ['max_current_a' => 20])
        ->device('hub', 'joint')
        ->device('out', 'joint');
    $inline = fn (int $n, ?float $amps): array => $amps === null
        ? []
        : [
            'inline' => [
                ['id' => "f{$n}", 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => $amps, 'form' => 'inline_blade'],
            ],
        ];
    $rig->lead('bank.plus', 'hub', $inline(1, $fuses[0]))
        ->lead('hub', 'out', $inline(2, $fuses[1]))
        ->lead('out', 'bank.minus');
    $reason = Analysis::of($rig->document())->states['nominal']->reason;
    expect($reason)->toMatch("/^short through {$through} from bank$/");
})->with([
    'the smaller of two in a row' => [[30.0, 5.0], 'f2'],
    'the other way round' => [[5.0, 30.0], 'f1'],
    'no fuse at all' => [[null, null], 'lead_\d'],
]);

it('blames a short behind a way of the host on the way', function (): void {
    $rig = Rig::on('pack_lifepo4_12', ['max_current_a' => 20])
        ->host('ways', ['id' => 'w', 'kind' => 'fuse_way', 'fuse_a' => 10, 'load_a' => 1, 'fed_by' => 'bank'])
        ->lead('w.load', 'bank.minus');
    expect(Analysis::of($rig->document())->states['nominal']->reason)->toBe('short through w from bank');
});

it('calls too much for a supply that limits itself an overload, not a short', function (): void {
    $strip = fn (float $metres, string $supply): Rig => Rig::on($supply)
        ->light(
            'glow',
            'strip',
            'strip_white_12_144',
            ['wanted_m' => $metres, 'surface' => 'aluminium channel'],
            [
                'rail_ohm_per_m' => 0.002,
            ],
        )
        ->fused('bank.plus', 'glow.start.plus', 10.0)
        ->lead('glow.start.minus', 'bank.minus')
        ->want(['all' => []], 'glow');
    $over = $strip(8.0, 'driver_12_60')->document();
    expect(Analysis::of($over)->states['max']->reason)
        ->toBe('bank is overloaded')
        ->and(Make::findings($over))
        ->toContain('danger supply.driver_overloaded bank')
        ->not->toContain('danger supply.shorted bank');
    // A dead short stays one, and no more runs than its electronics let out: the fuse may never open.
    $short = $strip(1.0, 'driver_12_60')->lead('glow.start.plus', 'bank.minus')->document();
    $a = Analysis::of($short);
    expect($a->states['nominal']->reason)->toStartWith('short through ');
    $quiet = Analysis::of($strip(1.0, 'driver_12_60')->document());
    expect($quiet->fuses['fuse_0']->shortA)
        ->toEqualWithDelta((1.2 * 60.0) / 12.0, 1e-9)
        ->and(Make::findings($strip(1.0, 'driver_12_60')->document()))
        ->toContain('note fuse.may_not_blow fuse_0')
        ->and(Analysis::of($strip(1.0, 'house_bank_12')->document())->fuses['fuse_0']->shortA)
        ->toBeGreaterThan(100.0);
});
