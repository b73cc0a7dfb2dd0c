<?php

declare(strict_types=1);

use BenchGlow\Law\Omega;
use BenchGlow\Law\StringLaw;
use BenchGlow\Parts\Led;

it('solves w + ln w = x from deep reverse to far forward', function (): void {
    foreach (range(-3000, 6000, 7) as $tenths) {
        $x = $tenths / 10;
        $w = Omega::at($x);
        // Below −36 w itself is e^x to rounding; the equation in w would lose digits there.
        $off = $x < -36 ? abs($w - exp($x)) : abs($w + log($w) - $x) / max(1.0, abs($x));
        expect($off)->toBeLessThan(1e-13);
    }
    expect(Omega::at(1.0))->toEqualWithDelta(1.0, 1e-15);
});

it('passes through the datasheet point', function (float $vf, float $if): void {
    expect((new Led($vf, $if, 2 * $if))->string(1, 0.0)->amps($vf))->toEqualWithDelta($if, 1e-9 * $if);
})->with([[2.0, 0.02], [3.1, 0.02], [3.1, 0.35], [40.0, 0.7], [1.2, 0.001]]);

it('is the inverse of its own volts, with a resistor and without', function (): void {
    foreach ([0.0, 100.0, 2200.0] as $ohm) {
        $law = StringLaw::of(3.0, 0.02, 3, $ohm);
        foreach ([1e-6, 1e-3, 0.02, 0.3] as $amps) {
            expect($law->amps($law->volts($amps)))->toEqualWithDelta($amps, 1e-9 * $amps + 1e-15);
        }
    }
});

it('has the slope of its own curve and never falls', function (): void {
    $law = StringLaw::of(2.0, 0.02, 3, 150.0);
    foreach (range(-20, 40) as $half) {
        $u = $half / 2;
        [$i, $g] = $law->at($u);
        $numeric = ($law->at($u + 1e-5)[0] - $law->at($u - 1e-5)[0]) / 2e-5;
        expect($g)
            ->toEqualWithDelta($numeric, 1e-6 * abs($numeric) + 2e-10)
            ->and($g)
            ->toBeGreaterThanOrEqual(0.0)
            ->and(is_finite($i))
            ->toBeTrue();
    }
});

it('takes the 12 V string by hand: 3 × 2 V and 300 ohm at 12 V is 20 mA', function (): void {
    expect(StringLaw::of(2.0, 0.02, 3, 300.0)->amps(12.0))->toEqualWithDelta(0.02, 1e-12);
});

it('counts m equal strings as one branch', function (): void {
    $one = StringLaw::of(3.0, 0.02, 3, 150.0)->amps(12.3);
    expect(StringLaw::of(3.0, 0.02, 3, 150.0, 7)->amps(12.3))->toEqualWithDelta(7 * $one, 1e-12);
});

it('shifts the forward volts with spread and keeps the bulk resistance', function (): void {
    $led = new Led(3.1, 0.02, 0.03);
    expect($led->string(1, 0.0, -0.1)->volts(0.02))->toEqualWithDelta(3.0, 1e-9);
});
