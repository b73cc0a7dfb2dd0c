<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Light\Seen;
use BenchGlow\Parts\Copper;
use BenchGlow\Parts\Led;
use BenchGlow\Parts\StripFit;
use BenchGlow\Parts\StripType;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\FuseWindow;
use BenchGlow\Sizing\NotFitted;
use BenchGlow\Sizing\Preferred;
use BenchGlow\Sizing\SeriesResistor;
use BenchGlow\Sizing\StripCalibration;
use BenchGlow\Sizing\StripRun;
use BenchGlow\Sizing\WireChoice;
use Tests\Support\Make;
use Tests\Support\Rig;

function strip(float $rail = 0.1, array $vf = [3.0], ?float $common = null): StripType
{
    return new StripType(12.0, 14.4, 60.0, 3, $vf, $rail, $common ?? $rail);
}

it('lists preferred values over six decades', function (): void {
    expect(count(Preferred::E24->values()))
        ->toBe(6 * 24 + 1)
        ->and(count(Preferred::E12->values()))
        ->toBe(6 * 12 + 1)
        ->and(count(Preferred::E96->values()))
        ->toBe(6 * 96 + 1)

        ->and(Preferred::E24->atLeast(321.0))
        ->toBe(330.0)
        ->and(Preferred::E96->values()[1])
        ->toBe(1.02)
        ->and(Preferred::E12->atLeast(2e6))
        ->toBeNull();
});

it('takes the smallest resistor that holds both limits, checked against every value', function (
    Preferred $series,
    int $n,
): void {
    $led = new Led(3.1, 0.02, 0.03);
    $supply = new Envelope(11.8, 12.6, 14.4);
    $chosen = (new SeriesResistor($supply, $led, 12, 0.02, $series))->resistor($n);
    $fits = fn (float $r): bool => $led->string($n, $r * 0.95, -0.1)->amps(14.4) <= 0.03 &&
        $led->string($n, $r)->amps(12.6) <= 0.021;
    $all = array_values(array_filter($series->values(), $fits));
    expect($chosen)->toBe($all[0] ?? null);
})
    ->with([Preferred::E12, Preferred::E24, Preferred::E96])
    ->with([1, 2, 3, 4]);

it('gives a short last string its own value and ranks by parts and swing', function (): void {
    $options = (new SeriesResistor(new Envelope(11.8, 12.6, 14.4), new Led(3.1, 0.02, 0.03), 10, 0.02))->options();
    expect(array_map(fn ($o) => [$o->ledsPerString, $o->strings, $o->lastStringLeds], $options))->toBe([
        [1, 10, 1],
        [2, 5, 2],
        [3, 4, 1],
        [4, 3, 2],
    ]);
    $three = $options[2];
    expect($three->lastResistorOhm)
        ->toBe($options[0]->resistorOhm)
        ->and($three->resistorOhm)
        ->not->toBe($three->lastResistorOhm)

        ->and($three->currentA['worst'])
        ->toBeLessThanOrEqual(0.03)
        ->and($three->swingLow)
        ->toBeLessThan(1.0)
        ->and($three->swingHigh)
        ->toBeGreaterThan(1.0);
    $best = SeriesResistor::best($options);
    foreach ($options as $o) {
        expect($options[$best]->score)->toBeLessThanOrEqual($o->score);
    }
});

it('says why a string can\'t be used', function (): void {
    $dark = (new SeriesResistor(new Envelope(5.0, 12.6, 14.4), new Led(3.1, 0.02, 0.03), 3, 0.02))->options();
    expect($dark[2]->reasons)
        ->toBe(['It goes dark at 5 V.'])
        ->and($dark[2]->feasible())
        ->toBeFalse();
    $hot = (new SeriesResistor(new Envelope(45.0, 48.0, 50.0), new Led(3.1, 0.35, 0.5), 1, 0.35))->options();
    expect($hot[0]->reasons)->toBe(['A resistor would need more than 10 W.']);
    expect((new SeriesResistor(new Envelope(2.5, 2.8, 3.0), new Led(3.1, 0.02, 0.03), 3, 0.02))->options())->toBe([]);
});

it('rates a resistor for 60 % load', function (): void {
    expect([
        SeriesResistor::rating(0.074),
        SeriesResistor::rating(0.076),
        SeriesResistor::rating(0.31),
        SeriesResistor::rating(6.0),
        SeriesResistor::rating(6.1),
    ])->toBe([0.125, 0.25, 1.0, 10.0, null]);
});

it('cuts a strip at its marks, down or up, and survives rounding', function (): void {
    $strip = strip();
    expect(StripFit::of($strip, 2.34)->units)
        ->toBe(46)
        ->and(StripFit::of($strip, 2.34)->gapM)
        ->toEqualWithDelta(0.04, 1e-12)

        ->and(StripFit::of($strip, 2.34, 'up')->units)
        ->toBe(47)
        ->and(StripFit::of($strip, 2.34, 'up')->gapM)
        ->toEqualWithDelta(-0.01, 1e-12);
    foreach (range(1, 500) as $k) {
        expect(StripFit::of($strip, $k * $strip->pitchM())->units)
            ->toBe($k)
            ->and(StripFit::of($strip, $k * $strip->pitchM(), 'up')->units)
            ->toBe($k);
    }
});

it('gives the label\'s amps at the label\'s volts and refuses LEDs that leave nothing', function (): void {
    $strip = strip();
    expect($strip->law(0)->amps(12.0))
        ->toEqualWithDelta((14.4 * 0.05) / 12, 1e-12)
        ->and((new StripType(12.0, 14.4, 60.0, 4, [3.0], 0.1, 0.1))->overfull())
        ->toBe(0);
});

it('solves a strip of one unit by hand', function (): void {
    $run = StripRun::solve(strip(2.0), 1, 12.0, 'start', 0.5, 0.5);
    // Half a pitch of both rails (2 × 2 ohm/m × 0.025 m) and the lead's ohm, all in series with the unit.
    $amps = BenchGlow\Law\StringLaw::of(3.0, 0.06, 3, (12 - 9) / 0.06 + 0.1 + 1.0)->amps(12.0);
    expect($run->currentA)
        ->toEqualWithDelta($amps, 1e-9)
        ->and($run->volts[0][0])
        ->toEqualWithDelta(12.0 - 1.1 * $amps, 1e-9);
});

it('is symmetrical about its feeds and brighter with more supply', function (): void {
    $both = StripRun::solve(strip(), 60, 12.0, 'both')->flux[0];
    $start = StripRun::solve(strip(), 60, 12.0)->flux[0];
    foreach ($both as $k => $f) {
        expect($f)->toEqualWithDelta($both[59 - $k], 1e-9);
    }
    expect(StripRun::solve(strip(), 60, 12.0, 'end')->flux[0])->toEqualWithDelta(array_reverse($start), 1e-9);
    $before = 0.0;
    foreach ([9.5, 10.0, 11.0, 12.0, 13.0, 14.4] as $volts) {
        $run = StripRun::solve(strip(), 60, $volts);
        expect($run->span()['min'])
            ->toBeGreaterThan($before)
            ->and($run->powerW)
            ->toEqualWithDelta($volts * $run->currentA, 1e-9);
        $before = $run->span()['min'];
    }
});

it('lets a white fade warm: red keeps its current longest', function (): void {
    $run = StripRun::solve(new StripType(12.0, 14.4, 60.0, 3, [2.0, 3.1, 3.05], 0.3, 0.12), 100, 12.0);
    expect($run->flux[0][99])
        ->toBeGreaterThan($run->flux[2][99])
        ->and($run->flux[2][99])
        ->toBeGreaterThan($run->flux[1][99]);
});

it('finds the rails of a real piece again from its readings', function (
    array $vf,
    float $rail,
    float $common,
    float $watts,
): void {
    $true = new StripType(12.0, $watts, 60.0, 3, $vf, $rail, $common);
    $run = StripRun::solve($true, 80, 12.2);
    $fit = StripCalibration::fit(
        new StripType(12.0, 14.4, 60.0, 3, $vf, 0.1, (0.1 * $common) / $rail),
        4.0,
        12.2,
        min(array_map(fn (array $r): float => $r[79], $run->volts)),
        $run->currentA,
    );
    expect($fit->railOhmPerM)
        ->toEqualWithDelta($rail, 1e-5 * $rail)
        ->and($fit->commonOhmPerM)
        ->toEqualWithDelta($common, 1e-5 * $common)
        ->and($fit->wattsPerM)
        ->toEqualWithDelta($watts, 1e-4 * $watts);
})->with([[[3.0], 0.16, 0.16, 14.4], [[3.0], 0.07, 0.07, 11.0], [[2.0, 3.1, 3.05], 0.25, 0.1, 13.0]]);

it('refuses readings that nothing explains', function (float $fed, float $far, string $says): void {
    expect(fn () => StripCalibration::fit(strip(), 4.0, $fed, $far, 3.0))->toThrow(NotFitted::class, $says);
})->with([
    [12.0, 12.0, 'The far end must read less'],
    [12.0, 13.0, 'The far end must read less'],
    [12.0, 11.99999999, 'No rail resistance'],
]);

it('computes copper from its area and temperature', function (): void {
    expect(Copper::ohmPerM(1.0))
        ->toEqualWithDelta(0.017241, 1e-9)
        ->and(Copper::ohmPerM(2.5, 60.0))
        ->toEqualWithDelta((0.017241 / 2.5) * 1.1572, 1e-9)
        ->and(Copper::ohmPerM(1.0, 20.0, 'copper_clad_aluminium'))
        ->toEqualWithDelta(0.017241 * 1.55, 1e-9);
});

it('allows the table\'s amps at the gauges and less in heat and company', function (): void {
    foreach (Copper::AMPS as $awg => $amps) {
        expect(Copper::allowedA(Gauge::areaOfAwg($awg), 105.0))->toEqualWithDelta($amps, 1e-6);
    }
    $free = Copper::allowedA(0.75, 105.0);
    expect($free)
        ->toBeGreaterThan(Copper::allowedA(0.5, 105.0))
        ->and(Copper::allowedA(0.75, 105, 67.5))
        ->toEqualWithDelta($free * sqrt(0.5), 1e-9)

        ->and(Copper::allowedA(0.75, 105, 30, 3))
        ->toEqualWithDelta(0.7 * $free, 1e-9)
        ->and(Copper::allowedA(0.75, 105, 30, 6))
        ->toEqualWithDelta(0.6 * $free, 1e-9)

        ->and(Copper::allowedA(0.75, 105, 30, 24))
        ->toEqualWithDelta(0.5 * $free, 1e-9)
        ->and(Copper::allowedA(0.75, 105, -10))
        ->toEqualWithDelta($free, 1e-9)

        // What does not say counts with 80 °C.
        ->and(Copper::allowedA(0.75))
        ->toEqualWithDelta($free * sqrt(50 / 75), 1e-9)
        ->and(Copper::allowedA(0.75, 80, 85))
        ->toBe(0.0);
});

it('gives a fuse its window and the smallest value in it', function (): void {
    $w = FuseWindow::of(2.1, 9.0);
    expect($w->lowA)
        ->toEqualWithDelta(2.8, 1e-12)
        ->and($w->recommendedA)
        ->toBe(3.0)
        ->and($w->highA)
        ->toBe(9.0)

        ->and(FuseWindow::of(2.1, 9.0, 60.0)->recommendedA)
        ->toBe(4.0)
        ->and(FuseWindow::of(10.0, 9.0)->recommendedA)
        ->toBeNull()
        ->and(FuseWindow::of(0.3, 9.0, 30.0, 'inline_glass')->recommendedA)
        ->toBe(0.5);
});

it('recommends the thinnest wire for drop, fuse and motion', function (): void {
    // 3 A over 3 m and back at 12 V: 0.36 V allowed; 1 mm² loses 0.1792 ohm·…, see the sum
    $w = WireChoice::of('mm2', 12.0, 3.0, 3.0, 3.0);
    expect($w->gauge?->areaMm2)
        ->toBe(1.0)
        ->and($w->dropV)
        ->toEqualWithDelta(3 * 6 * 0.017241 * 1.0393, 1e-9);
    expect(WireChoice::of('awg', 12.0, 0.2, 0.5, 0.5)->gauge?->awg)
        ->toBe(20)
        ->and(WireChoice::of('awg', 12.0, 0.2, 0.5, 0.5, leastMm2: 0.08)->gauge?->awg)
        ->toBe(28)
        ->and(WireChoice::of('mm2', 12.0, 0.2, 0.5, 0.5)->gauge?->areaMm2)
        ->toBe(0.5)
        ->and(WireChoice::of('mm2', 12.0, 0.2, 0.5, 0.5, leastMm2: Copper::leastMm2('boat'))->gauge?->areaMm2)
        ->toBe(1.0);
    // Short and heavy: the drop is nothing, the fuse decides. 12 A wants a 20 A fuse; its copper's ceiling asks for 14 AWG,
    // whatever heat the insulation would bear.
    expect(WireChoice::of('awg', 12.0, 12.0, 0.2, 0.2)->gauge?->awg)
        ->toBe(14)
        ->and(WireChoice::of('awg', 12.0, 12.0, 0.2, 0.2, insulationC: 200.0)->gauge?->awg)
        ->toBe(14);
});

it('never lets a fuse pass the ceiling of its copper', function (float $mm2, float $amps): void {
    expect(Copper::ceilingA($mm2))->toBe($amps)->and(Copper::ceilingA($mm2 * 1.01))->toBe($amps);
})->with([
    [0.22, 2.0],
    [0.35, 5.0],
    [0.5, 7.5],
    [0.75, 10.0],
    [1.0, 15.0],
    [1.5, 20.0],
    [2.5, 30.0],
    [4.0, 40.0],
    [6.0, 60.0],
    [10.0, 80.0],
    // the gauges: 28 26 24 22 20 18 16 14 12 10 8 AWG
    [0.080978, 1.0],
    [0.128759, 1.0],
    [0.204735, 2.0],
    [0.325542, 5.0],
    [0.517632, 7.5],
    [0.823067, 10.0],
    [1.308728, 15.0],
    [2.080959, 20.0],
    [3.308855, 30.0],
    [5.261285, 40.0],
    [8.365771, 60.0],
]);

it('gives the low end of the fuse where no wire fits', function (): void {
    $w = WireChoice::of('mm2', 12.0, 20.0, 40.0, 40.0)->toArray();
    expect($w['recommended'])
        ->toBeNull()
        ->and($w['fuse'])
        ->toBe(['recommended_a' => null, 'low_a' => 20.0 / 0.75, 'high_a' => null]);
});

it('recommends nothing rather than the thickest regardless', function (
    float $amps,
    float $m,
    float $ambient,
    string $why,
): void {
    $w = WireChoice::of('mm2', 12.0, $amps, $m, $m, ambientC: $ambient);
    expect($w->gauge)->toBeNull()->and($w->reason)->toContain($why);
})->with([
    [20.0, 40.0, 30.0, 'drop within the target'],
    [35.0, 0.1, 30.0, 'No blade fuse'],
    [3.0, 2.0, 110.0, 'hotter'],
]);

it('sees half the current as three quarters of the light', function (): void {
    expect(Seen::share(0.5))
        ->toEqualWithDelta(0.7607, 1e-4)
        ->and(Seen::share(1.0))
        ->toEqualWithDelta(1.0, 1e-12)
        ->and(Seen::share(0.01))
        ->toEqualWithDelta(0.0899, 2e-4)
        ->and(Seen::share(0.0))
        ->toBe(0.0);
});

it('scales light before it encodes it', function (): void {
    // Linear 0.5 is code 188 of 255, not 128.
    expect(Seen::hex(['warm_white' => 0.5]))->toStartWith('#bc')->and(Seen::hex(['red' => 0.0]))->toBe('#000000');
});

it('ends every series at one megohm, and finds nothing above', function (Preferred $series): void {
    $values = $series->values();
    $sorted = $values;
    sort($sorted);
    expect(end($values))
        ->toBe(1e6)
        ->and($values)
        ->toBe($sorted)
        ->and($series->atLeast(1e6))
        ->toBe(1e6)
        ->and($series->atLeast(1_000_001.0))
        ->toBeNull()
        ->and($series->atLeast(0.1))
        ->toBe($values[0]);
    foreach ($values as $n => $value) {
        expect($series->atLeast($value))->toBe($value);
        if ($n > 0) {
            expect($series->atLeast($values[$n - 1] * 1.0001))->toBe($value);
        }
    }
})->with(Preferred::cases());

it('recommends one wire, asked as a quick sum or as a lead of a build', function (float $metres, float $way): void {
    $supply = ['min_v' => 12, 'nominal_v' => 12, 'max_v' => 12, 'internal_ohm' => 0.001, 'rated_w' => null];
    $build = Make::circuit(
        Make::bare($supply, 'driver_12_60'),
        'Shelf',
        'strip_warm_12_96',
        ['kind' => 'strip', 'wanted_m' => $metres],
        $way,
    );
    $lead = Analysis::of($build)->leads['shelf_light_feed'];
    foreach (['mm2', 'awg'] as $system) {
        $lead = Analysis::of($build, $system)->leads['shelf_light_feed'];
        // Rated amps, as both go by: solved with wire that hides nothing.
        $sum = WireChoice::of($system, 12.0, $lead->amps, $way, $way);
        expect($sum->gauge?->label())->toBe($lead->recommended?->label());
    }
})->with([[0.5, 1.0], [1.0, 3.2], [2.0, 5.0], [3.0, 0.5], [2.0, 12.0]]);

it('counts what starts with a gulp three times on a small contact', function (
    string $key,
    string $part,
    float $amps,
): void {
    $rig = fn (string $lamp): Document => Rig::on()
        ->input('hand')
        ->switch('s', 'hand', $key, $key === 'reed_no' ? 'near' : 'on')
        ->light('pod', 'module', $lamp, ['count' => (int) $amps])
        ->fused('bank.plus', 's.1', 5.0)
        ->lead('s.2', 'pod.plus')
        ->lead('pod.minus', 'bank.minus')
        ->want(['input' => 'hand'], 'pod')
        ->document();
    $said = array_filter(Review::of($rig($part))->open(), fn (Finding $f): bool => $f->rule === 'contact.over_rating');
    expect($said)
        ->toHaveCount(1)
        ->and(array_values($said)[0]->message)
        ->toContain('since its load draws more as it starts');
})->with([['toggle_mini', 'spot_switching', 2.0], ['reed_no', 'spot_switching', 1.0]]);
