<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Prints quantities the way they are spoken at a bench; what it prints, Typed reads back. */
final class Shown
{
    /** The bench's decimal sign; the command line keeps the point. */
    private static string $sign = '.';

    public static function decimalComma(bool $comma): void
    {
        self::$sign = $comma ? ',' : '.';
    }

    /** With just so many decimals, so that columns line up. */
    public static function figure(float $value, int $digits = 2): string
    {
        return number_format($value, $digits, self::$sign, '');
    }

    /** At most $digits decimals, no trailing zeros. */
    public static function plain(float $value, int $digits = 2): string
    {
        $text = self::figure($value, $digits);
        $text = $digits > 0 ? rtrim(rtrim($text, '0'), self::$sign) : $text;

        return $text === '-0' ? '0' : $text;
    }

    public static function metres(float $m): string
    {
        return self::plain($m, abs($m) < 0.1 ? 4 : 3).' m';
    }

    /** Feet and inches to the nearest 1/16 in. */
    public static function feet(float $m): string
    {
        $sixteenths = (int) round((abs($m) / 0.0254) * 16);
        $feet = intdiv($sixteenths, 192);
        $inches = intdiv($sixteenths % 192, 16);
        $rest = $sixteenths % 16;
        $text = '';
        if ($rest > 0) {
            $half = $rest & -$rest;
            $text = ' '.intdiv($rest, $half).'/'.intdiv(16, $half);
        }
        $text = trim(($inches > 0 || $text === '' ? (string) $inches : '').$text).'"';

        return ($m < 0 ? '-' : '').($feet > 0 ? "{$feet}' {$text}" : $text);
    }

    public static function length(float $m, string $units = 'metric'): string
    {
        return $units === 'imperial' ? self::feet($m) : self::metres($m);
    }

    public static function bothLengths(float $m, string $units = 'metric'): string
    {
        return $units === 'imperial'
            ? self::feet($m).' · '.self::metres($m)
            : self::metres($m).' · '.self::feet($m);
    }

    public static function volts(float $v): string
    {
        return self::plain($v, 2).' V';
    }

    /** A reading in a column or a drawing: always two decimals, so that columns line up. */
    public static function reading(float $v): string
    {
        return self::figure($v).' V';
    }

    public static function amps(float $a): string
    {
        $size = abs($a);
        if ($size < 5e-8) {
            return '0 A';
        }
        if ($size < 0.9995e-4) {
            return self::plain($a * 1e6, 1).' µA';
        }

        return $size < 0.09995 ? self::plain($a * 1e3, 1).' mA' : self::plain($a, $size < 9.995 ? 2 : 1).' A';
    }

    /**
     * Two currents side by side, with as many digits as it takes to tell them apart.
     *
     * @return array{string, string}
     */
    public static function ampsApart(float $a, float $b): array
    {
        [$one, $other] = [self::amps($a), self::amps($b)];
        for ($digits = 3; $one === $other && $a !== $b && $digits <= 6; $digits++) {
            [$one, $other] = [self::plain($a, $digits).' A', self::plain($b, $digits).' A'];
        }

        return [$one, $other];
    }

    public static function watts(float $w): string
    {
        return abs($w) < 0.0995 ? self::plain($w * 1e3, 0).' mW' : self::plain($w, abs($w) < 9.95 ? 2 : 1).' W';
    }

    public static function ohms(float $ohm): string
    {
        if ($ohm >= 1e6) {
            return self::plain($ohm / 1e6, 3).' Mohm';
        }
        if ($ohm >= 1e3) {
            return self::plain($ohm / 1e3, 3).' kohm';
        }

        return $ohm < 0.0995 ? self::plain($ohm * 1e3, 1).' mohm' : self::plain($ohm, 3).' ohm';
    }

    public static function percent(float $share): string
    {
        return self::plain($share * 100, 0).' %';
    }

    /** A value as the history says it. */
    public static function amount(?Unit $unit, float $value): string
    {
        return match ($unit) {
            Unit::Length => self::metres($value),
            Unit::Millimetres => self::plain($value, 2).' mm',
            Unit::Amps => self::amps($value),
            Unit::Volts => self::volts($value),
            Unit::Ohms => self::ohms($value),
            Unit::Percent => self::percent($value),
            default => self::plain($value, 3),
        };
    }

    /** Prints a stored value for its field, so that what stands there can be edited. */
    public static function forField(Unit $unit, float $value, string $units = 'metric'): string
    {
        return match ($unit) {
            Unit::Length => $units === 'imperial' ? self::feet($value) : self::plain($value, 4).' m',
            Unit::Millimetres => self::plain($value, 3).' mm',
            Unit::Volts => self::plain($value, 3).' V',
            Unit::Amps => abs($value) < 0.1 ? self::plain($value * 1e3, 4).' mA' : self::plain($value, 4).' A',
            Unit::Ohms => self::ohms($value),
            Unit::Watts => self::plain($value, 3).' W',
            Unit::WattsPerMetre => self::plain($value, 3).' W/m',
            Unit::LedsPerMetre => self::plain($value, 3).' LEDs/m',
            Unit::Lumens => self::plain($value, 2).' lm',
            Unit::OhmsPerMetre => self::plain($value, 5).' ohm/m',
            Unit::Celsius => self::plain($value, 1).' °C',
            Unit::AmpHours => self::plain($value, 2).' Ah',
            Unit::Percent => self::plain($value * 100, 2).' %',
            Unit::Count => self::plain($value, 0),
            Unit::Money => self::plain($value, 2),
        };
    }
}
