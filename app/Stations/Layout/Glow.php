<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Support\Png;
use BenchGlow\Light\Colour;
use BenchGlow\Light\Contours;
use BenchGlow\Light\Field;
use BenchGlow\Light\Lit;
use BenchGlow\Light\Seen;

/** A lit field as it is shown: a picture of it, lines of equal light, what was judged. Small enough to be kept. */
final readonly class Glow
{
    /** Shares of the brightest place at which a line is drawn. */
    private const SHARES = [0.9, 0.7, 0.5, 0.3];

    private const MOST_POINTS = 40;

    /** What an unlit face looks like under a lamp that is off, of full. */
    private const DARK = 0.06;

    /**
     * @param  array{float, float, float, float}  $box  x, y, width and height that the picture covers, m
     * @param  list<array{share: float, lines: list<list<array{float, float}>>, at: array{float, float}}>  $contours
     * @param  array{float, float}  $darkest
     * @param  array{float, float}  $brightest
     */
    private function __construct(
        public string $png,
        public array $box,
        public array $contours,
        public float $mean,
        public float $least,
        public float $greatest,
        public ?float $evenness,
        public ?float $contrast,
        public float $luminance,
        public array $darkest,
        public array $brightest,
        public bool $grown,
        public int $cells,
    ) {
    }

    /** @param  array<string, float>  $colours  colour => lumens of all its light */
    public static function of(Lit $lit, Field $field, array $colours, bool $lines = true): self
    {
        $contours = [];
        foreach ($lines && ! $lit->isDark() ? self::SHARES : [] as $share) {
            $found = array_slice(Contours::of($field, $share * $field->greatest()), 0, 6);
            $found = array_values(array_filter($found, fn (array $line): bool => count($line) > 8));
            if ($found !== []) {
                $thin = array_map(self::thinned(...), $found);
                $contours[] = ['share' => $share, 'lines' => $thin, 'at' => $thin[0][intdiv(count($thin[0]), 2)]];
            }
        }

        return new self(
            base64_encode(self::picture($field, $colours)),
            [$field->x0, $field->y0, $field->nx * $field->dx, $field->ny * $field->dy],
            $contours,
            $field->mean(),
            $field->least(),
            $field->greatest(),
            $field->evenness(),
            $field->contrast(),
            $field->luminance($lit->transmission),
            $field->darkest(),
            $field->brightest(),
            $field->grown,
            $field->cells(),
        );
    }

    /**
     * @param  list<array{float, float}>  $line
     * @return non-empty-list<array{float, float}>
     */
    private static function thinned(array $line): array
    {
        $step = max(1, (int) ceil(count($line) / self::MOST_POINTS));
        $kept = array_values(array_filter($line, fn (int $i): bool => $i % $step === 0, ARRAY_FILTER_USE_KEY));

        return [...$kept, $line[count($line) - 1]];
    }

    /** @param  array<string, float>  $colours */
    private static function picture(Field $field, array $colours): string
    {
        $parts = array_map(fn (string $colour, float $lm): array => [$colour, $lm], array_keys($colours), $colours);
        $hex = Colour::mix($parts)->hex ?? '#ffffff';
        [$r, $g, $b] = array_map(fn (string $two): int => (int) hexdec($two), str_split(substr($hex, 1), 2));
        $most = max(1e-12, $field->greatest());
        // Shades are made once: 256 are more than the eye tells apart.
        $shades = [];
        for ($i = 0; $i < 256; $i++) {
            $seen = self::DARK + (1 - self::DARK) * Seen::share($i / 255);
            $shades[$i] = pack('C4', (int) round($r * $seen), (int) round($g * $seen), (int) round($b * $seen), 255);
        }
        $rows = [];
        foreach ($field->inside as $n => $k) {
            $rows[$k] = $shades[(int) round((255 * $field->lux[$n]) / $most)];
        }
        $all = '';
        for ($k = 0; $k < $field->nx * $field->ny; $k++) {
            $all .= $rows[$k] ?? "\0\0\0\0";
        }

        return Png::of($field->nx, $field->ny, $all);
    }
}
