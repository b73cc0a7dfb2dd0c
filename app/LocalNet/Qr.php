<?php

declare(strict_types=1);

namespace App\LocalNet;

use RuntimeException;
use TCPDF2DBarcode;

/** A code to point the camera at (ISO/IEC 18004), as one path of an SVG. */
final class Qr
{
    /** Modules of light around it that the standard asks for. */
    public const QUIET = 4;

    /** @return array{int, string} modules along a side with the light around it, and the path of the dark ones */
    public static function of(string $text): array
    {
        /** @var array{num_rows: int, bcode: array<int, array<int, int>>}|false $code */
        $code = (new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        if ($code === false) {
            throw new RuntimeException('No code could be made.');
        }
        $path = '';
        foreach ($code['bcode'] as $y => $row) {
            foreach ($row as $x => $dark) {
                $path .= $dark === 1 ? 'M'.($x + self::QUIET).' '.($y + self::QUIET).'h1v1h-1z' : '';
            }
        }

        return [$code['num_rows'] + 2 * self::QUIET, $path];
    }
}
