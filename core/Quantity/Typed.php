<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Reads quantities as people type them. All results are SI numbers. */
final class Typed
{
    /** A number with point or comma, a fraction, or both: 12  1.84  1,84  .5  1/2  72 1/2  4½ */
    private const NUMBER = '(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)';

    /** A length typed without its unit that is longer is asked about, metres or inches. */
    private const LONG = ['m' => 60.0, 'in' => 2400.0];

    /** The same for amps: 350 is milliamps that lost their m. */
    private const MANY_AMPS = 150.0;

    private const VULGAR = [
        '½' => ' 1/2',
        '¼' => ' 1/4',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
    ];

    /**
     * @param  string  $bareLength  the unit of a length typed without one: "m" or "in"
     *
     * @throws NotUnderstood
     */
    public static function read(Unit $unit, string $typed, string $bareLength = 'm'): float
    {
        $text = self::tidy($typed);
        $value = match ($unit) {
            Unit::Length => self::length($text, $bareLength),
            Unit::Ohms => self::ohms($typed, $text),
            default => self::single($unit, $text),
        };
        if ($value !== null) {
            self::ask($unit, $text, $value, $bareLength);
        }
        if ($value === null || ! is_finite($value)) {
            throw NotUnderstood::expected($typed, $unit->example());
        }
        if ($unit === Unit::Count && floor($value) !== $value) {
            throw NotUnderstood::expected($typed, $unit->example());
        }

        return $value;
    }

    /**
     * What is hardly meant, typed without a unit: asked about instead of taken.
     *
     * @throws NotUnderstood
     */
    private static function ask(Unit $unit, string $text, float $value, string $bare): void
    {
        if (preg_match('/^[\d.,]+$/', $text) !== 1) {
            return;
        }
        if ($unit === Unit::Length && (float) str_replace(',', '.', $text) > self::LONG[$bare]) {
            $long =
                $bare === 'in'
                    ? Shown::plain($value / 0.3048, 0).' ft'
                    : ($value >= 1000.0
                        ? Shown::plain($value / 1000.0, 2).' km'
                        : Shown::plain($value, 1).' m');
            throw new NotUnderstood(
                "{$text} {$bare} is {$long}. If you mean {$text} mm or {$text} cm, type the unit; else type {$text} {$bare}.",
            );
        }
        if ($unit === Unit::Amps && $value > self::MANY_AMPS) {
            throw new NotUnderstood(
                "{$text} A is a great deal. If you mean {$text} mA, type the unit; else type {$text} A.",
            );
        }
    }

    private static function tidy(string $typed): string
    {
        $text = strtr(mb_strtolower(trim($typed)), [
            ...self::VULGAR,
            '′' => "'",
            '’' => "'",
            '″' => '"',
            '”' => '"',
            "''" => '"',
            '−' => '-',
            'µ' => 'u',
            "\u{2126}" => 'ω',
        ]);

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** @throws NotUnderstood where three digits stand after a comma: a thousand to some, a fraction to others */
    public static function number(string $text): ?float
    {
        $text = trim($text);
        if (preg_match('/^([1-9]\d{0,2}),(\d{3})$/', $text, $m) === 1) {
            throw new NotUnderstood("'{$text}' may be {$m[1]}{$m[2]} or {$m[1]}.{$m[2]}: type it as one of them.");
        }
        if (preg_match('/^(?:(\d+) )?(\d+)\/(\d+)$/', $text, $m) === 1) {
            return (float) $m[3] > 0 ? (float) $m[1] + (float) $m[2] / (float) $m[3] : null;
        }

        return preg_match('/^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/', $text) === 1 ? (float) str_replace(',', '.', $text) : null;
    }

    private static function single(Unit $unit, string $text): ?float
    {
        $sign = $unit === Unit::Celsius ? '-?' : '';
        if (preg_match('/^('.$sign.self::NUMBER.') ?(.*)$/u', $text, $m) !== 1) {
            return null;
        }
        $factor = $unit->spellings()[trim($m[2])] ?? null;
        $negative = str_starts_with($m[1], '-');
        $number = self::number(ltrim($m[1], '-'));

        return $factor === null || $number === null ? null : ($negative ? -1 : 1) * $number * $factor;
    }

    /** One or two parts: 1.84 m · 184cm · 6 ft 4 1/2 in · 6' 4 1/2" · 6'4 */
    private static function length(string $text, string $bare): ?float
    {
        $spellings = Unit::Length->spellings();
        if (
            preg_match("/^(\\d+) ?(?:ft|foot|feet|') ?(".self::NUMBER.') ?(?:in|inch|inches|")?$/u', $text, $m) ===
            1
        ) {
            $inches = self::number($m[2]);

            return $inches === null || $inches >= 12.0 ? null : (float) $m[1] * 0.3048 + $inches * 0.0254;
        }
        // "3m 20", "1 m 5": metres and centimetres.
        if (preg_match('/^(\d+) ?m ?(\d{1,2})(?: ?cm)?$/u', $text, $m) === 1) {
            return (float) $m[1] + (float) $m[2] / 100.0;
        }
        if (preg_match('/^('.self::NUMBER.') ?([^\d ]*)$/u', $text, $m) !== 1) {
            return null;
        }
        $number = self::number($m[1]);
        $factor = $spellings[$m[2] === '' ? $bare : $m[2]] ?? null;

        return $number === null || $factor === null ? null : $number * $factor;
    }

    /** 330R  4k7  1M2  4R7  220 ohm  2.2k; capital M is mega, a small m stands for milli only before "ohm". */
    private static function ohms(string $typed, string $text): ?float
    {
        if (preg_match('/^(\d+)([rkRKM])(\d*)$/', trim($typed), $m) === 1) {
            return (float) "{$m[1]}.{$m[3]}0" * ['r' => 1.0, 'k' => 1e3, 'm' => 1e6][strtolower($m[2])];
        }
        if (preg_match('/^([\d.,]+) ?M(?:ohm|Ω|Ω)?$/u', trim($typed), $m) === 1) {
            $number = self::number($m[1]);

            return $number === null ? null : $number * 1e6;
        }

        return self::single(Unit::Ohms, $text);
    }
}
