<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** The kinds of quantity people type, each with its SI unit, the spellings it takes and an example. */
enum Unit: string
{
    case Length = 'length';
    case Millimetres = 'mm';
    case Volts = 'volts';
    case Amps = 'amps';
    case Ohms = 'ohms';
    case Watts = 'watts';
    case WattsPerMetre = 'watts_per_m';
    case LedsPerMetre = 'leds_per_m';
    case Lumens = 'lumens';
    case OhmsPerMetre = 'ohm_per_m';
    case Celsius = 'celsius';
    case AmpHours = 'amp_hours';
    case Percent = 'percent';
    case Count = 'count';
    case Money = 'money';

    /** @return array<string, float> spelling in lower case => factor to the SI unit; '' is the unit meant when none is typed */
    public function spellings(): array
    {
        return match ($this) {
            self::Length => [
                'm' => 1.0,
                'metre' => 1.0,
                'metres' => 1.0,
                'meter' => 1.0,
                'meters' => 1.0,
                'cm' => 0.01,
                'mm' => 0.001,
                'in' => 0.0254,
                'inch' => 0.0254,
                'inches' => 0.0254,
                '"' => 0.0254,
                'ft' => 0.3048,
                'foot' => 0.3048,
                'feet' => 0.3048,
                "'" => 0.3048,
            ],
            // Kept in mm: bits, flanges, bends.
            self::Millimetres => [
                '' => 1.0,
                'mm' => 1.0,
                'cm' => 10.0,
                'm' => 1000.0,
                'in' => 25.4,
                'inch' => 25.4,
                '"' => 25.4,
            ],
            self::Volts => ['' => 1.0, 'v' => 1.0, 'volt' => 1.0, 'volts' => 1.0, 'mv' => 0.001],
            self::Amps => ['' => 1.0, 'a' => 1.0, 'amp' => 1.0, 'amps' => 1.0, 'ma' => 0.001],
            self::Ohms => [
                '' => 1.0,
                'r' => 1.0,
                'ohm' => 1.0,
                'ohms' => 1.0,
                'ω' => 1.0,
                'k' => 1e3,
                'kohm' => 1e3,
                'kω' => 1e3,
                'meg' => 1e6,
                'mohm' => 0.001,
                'mω' => 0.001,
            ],
            self::Watts => ['' => 1.0, 'w' => 1.0, 'watt' => 1.0, 'watts' => 1.0, 'mw' => 0.001, 'kw' => 1000.0],
            self::WattsPerMetre => ['' => 1.0, 'w/m' => 1.0, 'w/ft' => 1 / 0.3048],
            self::LedsPerMetre => [
                '' => 1.0,
                'leds/m' => 1.0,
                'led/m' => 1.0,
                '/m' => 1.0,
                'leds/ft' => 1 / 0.3048,
                'led/ft' => 1 / 0.3048,
                '/ft' => 1 / 0.3048,
            ],
            self::Lumens => ['' => 1.0, 'lm' => 1.0],
            self::OhmsPerMetre => [
                '' => 1.0,
                'ohm/m' => 1.0,
                'ω/m' => 1.0,
                'r/m' => 1.0,
                'mohm/m' => 0.001,
                'ohm/ft' => 1 / 0.3048,
            ],
            self::Celsius => ['' => 1.0, 'c' => 1.0, '°c' => 1.0],
            self::AmpHours => ['' => 1.0, 'ah' => 1.0, 'mah' => 0.001],
            self::Percent => ['' => 0.01, '%' => 0.01, 'percent' => 0.01],
            self::Count => ['' => 1.0, 'x' => 1.0],
            self::Money => ['' => 1.0],
        };
    }

    public function example(): string
    {
        return match ($this) {
            self::Length => "a length, as 1.84 m, 72 1/2 in or 6' 4 1/2\"",
            self::Millimetres => 'millimetres, as 5.2 mm or 1/4 in',
            self::Volts => 'volts, as 12.6 V',
            self::Amps => 'amps, as 20 mA or 1.4 A',
            self::Ohms => 'ohms, as 330R, 4k7 or 220 ohm',
            self::Watts => 'watts, as 9.6 W',
            self::WattsPerMetre => 'watts per metre, as 9.6 W/m',
            self::LedsPerMetre => 'LEDs per metre, as 60/m',
            self::Lumens => 'lumens, as 30 lm',
            self::OhmsPerMetre => 'ohms per metre, as 0.1 ohm/m',
            self::Celsius => 'a temperature, as 40 °C',
            self::AmpHours => 'amp-hours, as 90 Ah',
            self::Percent => 'a share, as 85 %',
            self::Count => 'a whole number, as 12',
            self::Money => 'a price, as 12.50',
        };
    }
}
