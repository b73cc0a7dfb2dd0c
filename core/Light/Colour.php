<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** Additive colour: XYZ of the parts weighted by their lumens (electrics.md 8; CIE 1931, IEC 61966-2-1). */
final readonly class Colour
{
    /** Chromaticity of the emitters: 620, 590, 525 and 465 nm dies, near-ultraviolet, and whites on the black-body line. */
    private const XY = [
        'red' => [0.69, 0.31],
        'amber' => [0.575, 0.424],
        'yellow' => [0.51, 0.48],
        'green' => [0.17, 0.7],
        'blue' => [0.14, 0.05],
        'uv' => [0.17, 0.01],
        'warm_white' => [0.4578, 0.4101],
        'neutral_white' => [0.3805, 0.3767],
        'white' => [0.3457, 0.3585],
        'cool_white' => [0.3127, 0.329],
    ];

    private function __construct(public float $x, public float $y, public float $lumens, public string $hex)
    {
    }

    /** @param  list<array{string, float}>  $parts colour and lumens of each; null where nothing glows */
    public static function mix(array $parts): ?self
    {
        [$bigX, $bigY, $bigZ] = [0.0, 0.0, 0.0];
        foreach ($parts as [$colour, $lumens]) {
            [$x, $y] = self::XY[$colour] ?? self::XY['white'];
            $bigX += ($lumens * $x) / $y;
            $bigY += $lumens;
            $bigZ += ($lumens * (1 - $x - $y)) / $y;
        }
        $sum = $bigX + $bigY + $bigZ;

        return $bigY <= 0.0 ? null : new self($bigX / $sum, $bigY / $sum, $bigY, self::hex($bigX, $bigY, $bigZ));
    }

    /** The preview: brightest component at full, what a screen can't show clipped toward it. */
    private static function hex(float $x, float $y, float $z): string
    {
        $linear = array_map(fn (float $c): float => max(0.0, $c), [
            3.2406 * $x - 1.5372 * $y - 0.4986 * $z,
            -0.9689 * $x + 1.8758 * $y + 0.0415 * $z,
            0.0557 * $x - 0.204 * $y + 1.057 * $z,
        ]);
        $top = max(max($linear), 1e-12);

        return Seen::encode(array_map(fn (float $c): float => $c / $top, $linear));
    }
}
