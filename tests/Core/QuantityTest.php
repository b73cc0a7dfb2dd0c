<?php

declare(strict_types=1);

use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;

it('reads quantities as people type them', function (Unit $unit, string $typed, float $si): void {
    expect(Typed::read($unit, $typed))->toEqualWithDelta($si, 1e-12 * max(1.0, abs($si)));
})->with([
    [Unit::Length, "6' 4 1/2\"", 1.9431],
    [Unit::Length, '72 1/2 in', 1.8415],
    [Unit::Length, '1,84 m', 1.84],
    [Unit::Length, '1.84m', 1.84],
    [Unit::Length, '184 cm', 1.84],
    [Unit::Length, '6 ft 4', 1.9304],
    [Unit::Length, '6 feet', 1.8288],
    [Unit::Length, "6'4½\"", 1.9431],
    [Unit::Length, '3/4 in', 0.01905],
    [Unit::Length, '.5 m', 0.5],
    [Unit::Length, '2', 2.0],
    [Unit::Length, '6’ 4”', 1.9304],
    [Unit::Volts, '12v', 12.0],
    [Unit::Volts, '12.6 V', 12.6],
    [Unit::Volts, '450 mV', 0.45],
    [Unit::Amps, '20 mA', 0.02],
    [Unit::Amps, '1,4 A', 1.4],
    [Unit::Ohms, '330R', 330.0],
    [Unit::Ohms, '4k7', 4700.0],
    [Unit::Ohms, '4R7', 4.7],
    [Unit::Ohms, '1M2', 1.2e6],
    [Unit::Ohms, '2.2k', 2200.0],
    [Unit::Ohms, '220 ohm', 220.0],
    [Unit::Ohms, '47Ω', 47.0],
    [Unit::Ohms, '12 mohm', 0.012],
    [Unit::Watts, '9.6 W', 9.6],
    [Unit::WattsPerMetre, '9.6 W/m', 9.6],
    [Unit::WattsPerMetre, '3 w/ft', 3 / 0.3048],
    [Unit::LedsPerMetre, '60/m', 60.0],
    [Unit::LedsPerMetre, '60 LEDs/m', 60.0],
    [Unit::Percent, '85 %', 0.85],
    [Unit::Count, '12', 12.0],
    [Unit::Celsius, '-5 °C', -5.0],
    [Unit::AmpHours, '90 Ah', 90.0],
    [Unit::OhmsPerMetre, '0.1 ohm/m', 0.1],
    [Unit::Lumens, '30 lm', 30.0],
]);

it('says what was expected where it does not understand', function (Unit $unit, string $typed, string $says): void {
    expect(fn () => Typed::read($unit, $typed))->toThrow(NotUnderstood::class, $says);
})->with([
    [Unit::Length, 'long', "'long' is not understood. Type a length, as 1.84 m, 72 1/2 in or 6' 4 1/2\"."],
    [Unit::Length, '', 'Nothing is typed. Type a length'],
    [Unit::Length, '6 ft 14 in', 'is not understood'],
    [Unit::Length, '1/0 in', 'is not understood'],
    [Unit::Length, '-2 m', 'is not understood'],
    [Unit::Length, '1.234,5 m', 'is not understood'],
    [Unit::Volts, '12 A', 'Type volts, as 12.6 V.'],
    [Unit::Count, '2.5', 'Type a whole number'],
    [Unit::Ohms, '4q7', 'Type ohms, as 330R'],
    [Unit::Amps, '1e999', 'Type amps'],
]);

it('takes a bare length in the bench\'s own unit', function (): void {
    expect(Typed::read(Unit::Length, '72 1/2', 'in'))->toEqualWithDelta(1.8415, 1e-12);
});

it('prints what it reads back', function (Unit $unit, float $low, float $high): void {
    mt_srand(7);
    foreach (range(1, 300) as $_) {
        $value = $low + (($high - $low) * mt_rand()) / mt_getrandmax();
        $read = Typed::read($unit, Shown::forField($unit, $value));
        expect(abs($read - $value))->toBeLessThanOrEqual(5e-4 * max(1.0, abs($value)));
    }
})->with([
    [Unit::Length, 0.01, 20.0],
    [Unit::Volts, 0.1, 60.0],
    [Unit::Amps, 0.001, 40.0],
    [Unit::Ohms, 1.0, 9e5],
    [Unit::Watts, 0.1, 500.0],
    [Unit::Percent, 0.01, 1.0],
    [Unit::WattsPerMetre, 1.0, 30.0],
]);

it('prints feet to a sixteenth and reads them back', function (): void {
    foreach (range(1, 400) as $sixteenths) {
        $m = ($sixteenths * 0.0254) / 16;
        expect(Typed::read(Unit::Length, Shown::feet($m)))->toEqualWithDelta($m, 1e-9);
    }
    expect(Shown::feet(1.9431))->toBe("6' 4 1/2\"");
});

it('knows wire by gauge and by area', function (): void {
    expect(Gauge::read('18 awg')->areaMm2)
        ->toEqualWithDelta(0.823, 5e-4)
        ->and(Gauge::read('AWG 10')->areaMm2)
        ->toEqualWithDelta(5.26, 5e-3)
        ->and(Gauge::read('0,75 mm²')->areaMm2)
        ->toBe(0.75)
        ->and(Gauge::read('0.75 mm2')->awg)
        ->toBeNull()

        ->and(fn () => Gauge::read('18 ga'))
        ->toThrow(NotUnderstood::class, "'18 ga' could be wire or sheet metal. Type 18 awg or 0.75 mm2.")
        ->and(fn () => Gauge::read('18'))
        ->toThrow(NotUnderstood::class, 'a gauge or an area')
        ->and(fn () => Gauge::read('thick'))
        ->toThrow(NotUnderstood::class, 'a wire size');
});

it('keeps small currents readable', function (): void {
    expect([
        Shown::amps(0.0003),
        Shown::amps(0.02),
        Shown::amps(1.418),
        Shown::amps(0.00004),
        Shown::ohms(4700.0),
        Shown::watts(0.05),
    ])->toBe(['0.3 mA', '20 mA', '1.42 A', '40 µA', '4.7 kohm', '50 mW']);
});

it('reads moments of a story and prints them back', function (string $text, float $seconds, string $shown): void {
    expect(BenchGlow\Quantity\Clock::read($text))
        ->toBe($seconds)
        ->and(BenchGlow\Quantity\Clock::show($seconds))
        ->toBe($shown)
        ->and(BenchGlow\Quantity\Clock::read($shown))
        ->toBe($seconds);
})->with([
    ['18:30', 66600.0, '18:30'],
    ['6:05:09', 21909.0, '6:05:09'],
    ['day 3 6:15', 195300.0, 'day 3 6:15'],
    ['90 min', 5400.0, '1:30'],
    ['1.5 h', 5400.0, '1:30'],
    ['1,5 h', 5400.0, '1:30'],
    ['2 d', 172800.0, 'day 3 0:00'],
    ['24:00', 86400.0, '24:00'],
    ['45 s', 45.0, '0:00:45'],
]);

it('says what is no time', function (): void {
    expect(fn () => BenchGlow\Quantity\Clock::read('teatime'))->toThrow(
        BenchGlow\Quantity\NotUnderstood::class,
        "'teatime' is no time. Type 18:30, day 3 6:15, 90 min or 1.5 h.",
    );
});
