<?php

declare(strict_types=1);

namespace Tests\Support;

/** Pictures as cameras and others make them. */
final class Pictures
{
    public static function jpeg(int $w, int $h): string
    {
        $image = imagecreatetruecolor(max(1, $w), max(1, $h));
        imagefilledrectangle($image, 0, 0, intdiv($w, 2), $h, 0xC0402B);
        ob_start();
        imagejpeg($image, null, 90);

        return (string) ob_get_clean();
    }

    public static function png(int $w, int $h): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(max(1, $w), max(1, $h)));

        return (string) ob_get_clean();
    }

    /** A picture held sideways, with when and where it was taken beside it. */
    public static function held(int $w, int $h): string
    {
        $jpeg = self::jpeg($w, $h);
        $when = "2026:05:30 18:22:01\0";
        // Three entries in the first directory, one in each of the others; values after them.
        $first = 8;
        $exif = $first + 2 + 3 * 12 + 4;
        $gps = $exif + 2 + 12 + 4;
        $text = $gps + 2 + 12 + 4;
        $entry = fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count).
            str_pad($value, 4, "\0");
        $tiff =
            "II*\0".
            pack('V', $first).
            pack('v', 3).
            $entry(0x0112, 3, 1, pack('v', 6)).
            $entry(0x8769, 4, 1, pack('V', $exif)).
            $entry(0x8825, 4, 1, pack('V', $gps)).
            pack('V', 0).
            pack('v', 1).
            $entry(0x9003, 2, strlen($when), pack('V', $text)).
            pack('V', 0).
            pack('v', 1).
            $entry(0x0001, 2, 2, "N\0").
            pack('V', 0).
            $when;
        $segment = "Exif\0\0{$tiff}";

        return "\xFF\xD8\xFF\xE1".
            pack('n', strlen($segment) + 2).
            $segment.
            substr($jpeg, 2).
            'GPS lies after the end';
    }

    /** The head of a picture of sixty thousand by sixty thousand, and nothing else. */
    public static function onlyHead(): string
    {
        $head = 'IHDR'.pack('NN', 60_000, 60_000)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1a\n".
            pack('N', 13).
            $head.
            pack('N', crc32($head)).
            pack('N', 0).
            'IEND'.
            pack('N', crc32('IEND'));
    }
}
