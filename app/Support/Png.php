<?php

declare(strict_types=1);

namespace App\Support;

/** A picture of coloured points as a file (W3C, PNG, 2nd edition): true colour with transparency, no filter. */
final class Png
{
    /**
     * @param  string  $points  four bytes each, red green blue alpha, row by row
     */
    public static function of(int $w, int $h, string $points): string
    {
        $rows = '';
        for ($y = 0; $y < $h; $y++) {
            $rows .= "\0".substr($points, 4 * $w * $y, 4 * $w);
        }

        return "\x89PNG\r\n\x1a\n".
            self::chunk('IHDR', pack('NNC5', $w, $h, 8, 6, 0, 0, 0)).
            self::chunk('IDAT', (string) gzcompress($rows, 6)).
            self::chunk('IEND', '');
    }

    private static function chunk(string $name, string $data): string
    {
        return pack('N', strlen($data)).$name.$data.pack('N', crc32($name.$data));
    }
}
