<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** Seen brightness and colours on a screen. */
final class Seen
{
    /** CIE 1976 lightness as a share of full: half the current looks like three quarters of the light (electrics.md 8). */
    public static function share(float $relativeFlux): float
    {
        $y = max(0.0, $relativeFlux);

        return ($y > 0.008856 ? 116.0 * $y ** (1.0 / 3.0) - 16.0 : 903.3 * $y) / 100.0;
    }

    /**
     * Emission colours in linear sRGB, brightest component 1: dominant wavelengths for the coloured dies, black-body whites.
     *
     * @return array{float, float, float}
     */
    public static function linear(string $colour): array
    {
        return match ($colour) {
            'red' => [1.0, 0.02, 0.01],
            'amber' => [1.0, 0.33, 0.0],
            'yellow' => [1.0, 0.65, 0.02],
            'green' => [0.02, 1.0, 0.12],
            'blue' => [0.02, 0.12, 1.0],
            'warm_white' => [1.0, 0.66, 0.33],
            'cool_white' => [0.82, 0.91, 1.0],
            'uv' => [0.32, 0.05, 1.0],
            default => [1.0, 0.95, 0.88],
        };
    }

    /**
     * The colour as a hex code at a share of full light, scaled in linear light and then encoded (IEC 61966-2-1).
     *
     * @param  array<string, float>  $parts  colour name => relative flux; they add
     */
    public static function hex(array $parts): string
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($parts as $colour => $flux) {
            foreach (self::linear($colour) as $i => $x) {
                $sum[$i] += $x * max(0.0, $flux);
            }
        }
        // Over full, the hue is kept and the brightest component stops at 1.
        $scale = max(1.0, max($sum));

        return self::encode(array_map(fn (float $x): float => $x / $scale, $sum));
    }

    /** @param  array<int, float>  $linear red, green, blue from 0 to 1 in linear light */
    public static function encode(array $linear): string
    {
        return '#'.
            implode(
                '',
                array_map(function (float $x): string {
                    $encoded = $x <= 0.0031308 ? 12.92 * $x : 1.055 * $x ** (1 / 2.4) - 0.055;

                    return str_pad(dechex((int) round(255 * $encoded)), 2, '0', STR_PAD_LEFT);
                }, $linear),
            );
    }
}
