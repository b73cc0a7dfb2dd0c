<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Rows as CSV text that a spreadsheet will not take for formulas. */
final class Csv
{
    /** The UTF-8 byte order mark, for spreadsheets that ask for one. */
    public const MARK = "\xEF\xBB\xBF";

    /** @param  list<list<int|float|string|null>>  $rows  null is an empty cell */
    public static function text(array $rows): string
    {
        $lines = array_map(fn (array $row): string => implode(',', array_map(self::cell(...), $row)), $rows);

        return implode("\n", $lines)."\n";
    }

    private static function cell(int|float|string|null $value): string
    {
        if (is_int($value) || is_float($value)) {
            return (string) json_encode(round($value, 9));
        }
        // A leading = + - @ or control character makes a formula of a name; an apostrophe keeps it text.
        $value = preg_match('/^[=+\-@\t\r\n]/', (string) $value) === 1 ? "'{$value}" : (string) $value;

        return preg_match('/[",\r\n]/', $value) === 1 ? '"'.str_replace('"', '""', $value).'"' : $value;
    }
}
