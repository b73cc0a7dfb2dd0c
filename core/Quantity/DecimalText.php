<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Where a measured or reckoned number becomes decimal text: money is reckoned on from here without floats. */
final class DecimalText
{
    /** The shortest text that is the number, with so many digits at most. */
    public static function of(float $number, int $digits = 6): string
    {
        $text = number_format($number, $digits, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
