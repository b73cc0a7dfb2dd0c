<?php

declare(strict_types=1);

namespace App\Support;

/** One cell of a CSV file that a spreadsheet will not take for a formula. */
final class CsvCell
{
    public static function safe(int|float|string|null $value): string
    {
        if ($value === null) {
            return '—';
        }
        if (! is_string($value)) {
            return (string) round($value, 4);
        }

        // A leading = + - @ or control character makes a formula of a name; an apostrophe keeps it text.
        return preg_match('/^[=+\-@\t\r\n]/', $value) === 1 ? "'{$value}" : $value;
    }
}
