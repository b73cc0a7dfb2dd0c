<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Quantity\Shown;

/** Figures of a proof as they are shown: what a meter's digits can tell. */
final class Figure
{
    private const DIGITS = ['volts' => 1, 'amps' => 2, 'ohms' => 1, 'contact' => 1, 'seconds' => 0];

    private const UNIT = [...Taken::SIGNS, 'contact' => Taken::SIGNS['ohms']];

    /** A small current or resistance needs another digit. */
    private const SMALL = 0.1;

    private const KILO = 1000.0;

    /** "11.9", "open", "glows" */
    public static function value(Expectation $e): string
    {
        return match (true) {
            $e->word !== null => $e->word,
            $e->value === null => $e->high === null ? 'open' : '0',
            default => self::number($e->value, $e->what),
        };
    }

    public static function unit(Expectation $e): string
    {
        return $e->value === null && $e->high === null ? '' : self::UNIT[$e->what] ?? '';
    }

    /** "11.7 to 12.1", "under 0.4 Ω", "over 1 kΩ" */
    public static function band(Expectation $e): string
    {
        $unit = self::UNIT[$e->what] ?? '';
        $low = $e->low === null || $e->low <= 0.0 ? null : self::number($e->low, $e->what);

        return match (true) {
            $low !== null && $e->high !== null => "{$low} to ".self::number($e->high, $e->what),
            $e->high !== null => 'under '.self::number($e->high, $e->what)." {$unit}",
            $low !== null => 'over '.
                ($e->low >= self::KILO ? Shown::plain($e->low / self::KILO, 1)." k{$unit}" : "{$low} {$unit}"),
            $e->word === 'wandering' => 'or next to nothing',
            default => '',
        };
    }

    public static function taken(Taken $reading): string
    {
        $unit = Taken::SIGNS[$reading->kind] ?? '';

        return $reading->value === null
            ? $reading->word
            : self::number($reading->value, $reading->kind).($unit === '' ? '' : " {$unit}");
    }

    private static function number(float $value, string $what): string
    {
        $digits = self::DIGITS[$what] ?? 1;
        if ($what !== 'volts' && $what !== 'seconds' && abs($value) < self::SMALL) {
            $digits++;
        }

        return number_format(abs($value) < 10 ** -$digits / 2 ? 0.0 : $value, $digits, '.', '');
    }
}
