<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use FontLib\Font;
use FontLib\Glyph\Outline as Glyph;
use FontLib\Glyph\OutlineComposite;
use FontLib\Glyph\OutlineSimple;
use FontLib\TrueType\File;

/** A face that ships with the bench, as outlines of its signs in units of its em. */
final class Face
{
    /** @var array<string, string> name in the file => file; the first is taken where none is said */
    public const FILES = [
        'narrow' => 'barlow-semi-condensed-600',
        'bold' => 'atkinson-hyperlegible-next-700',
        'plain' => 'atkinson-hyperlegible-next-400',
        'mono' => 'atkinson-hyperlegible-mono-400',
    ];

    /** @var array<string, self> */
    private static array $open = [];

    /** @var array<int, int> code point => glyph */
    private array $map;

    /** @var array<int, Glyph> */
    private array $glyphs = [];

    /** @var array<int, float> */
    private array $advances = [];

    public readonly float $em;

    private function __construct(string $path)
    {
        $font = Font::load($path);
        assert($font instanceof File);
        $font->parse();
        $this->map = self::whole($font->getUnicodeCharMap());
        foreach ((array) $font->getData('glyf') as $n => $glyph) {
            if ($glyph instanceof Glyph) {
                $this->glyphs[(int) $n] = $glyph;
            }
        }
        foreach ((array) $font->getData('hmtx') as $n => $pair) {
            $this->advances[(int) $n] = self::figure(((array) $pair)[0] ?? 0);
        }
        $this->em = self::figure(((array) $font->getData('head'))['unitsPerEm'] ?? 1000);
    }

    /** @return array<int, int> */
    private static function whole(mixed $map): array
    {
        $all = [];
        foreach ((array) $map as $code => $glyph) {
            $all[(int) $code] = (int) self::figure($glyph);
        }

        return $all;
    }

    private static function figure(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    public static function named(string $name): self
    {
        $file = self::FILES[$name] ?? self::FILES['narrow'];

        return self::$open[$file] ??= new self(dirname(__DIR__, 2)."/resources/fonts/{$file}.ttf");
    }

    public function has(int $code): bool
    {
        return isset($this->map[$code]);
    }

    public function advance(int $code): float
    {
        return $this->advances[$this->map[$code] ?? 0] ?? 0.0;
    }

    /** Height of the H above the line. */
    public function cap(): float
    {
        $top = 0.0;
        foreach ($this->curves(ord('H')) as $contour) {
            $top = max($top, ...array_column($contour, 1));
        }

        return $top;
    }

    /**
     * Contours of a sign, each point with 1 where the outline runs through it and 0 where it is a control point; y up.
     *
     * @return list<list<array{float, float, int}>>
     */
    public function curves(int $code): array
    {
        $glyph = $this->glyphs[$this->map[$code] ?? -1] ?? null;

        return $glyph === null ? [] : $this->of($glyph, 0);
    }

    /** @return list<list<array{float, float, int}>> */
    private function of(Glyph $glyph, int $depth): array
    {
        $glyph->parseData();
        if ($glyph instanceof OutlineSimple) {
            return self::simple((array) $glyph->points);
        }
        $all = [];
        foreach ($glyph instanceof OutlineComposite && $depth < 4 ? $glyph->components : [] as $part) {
            $inner = $this->glyphs[(int) self::figure($part->glyphIndex)] ?? null;
            [$a, $b, $c, $d, $e, $f] = array_map(self::figure(...), array_values((array) $part->getMatrix()));
            foreach ($inner === null ? [] : $this->of($inner, $depth + 1) as $contour) {
                $all[] = array_map(
                    fn (array $p): array => [$a * $p[0] + $c * $p[1] + $e, $b * $p[0] + $d * $p[1] + $f, $p[2]],
                    $contour,
                );
            }
        }

        return $all;
    }

    /**
     * @param  array<array-key, mixed>  $points
     * @return list<list<array{float, float, int}>>
     */
    private static function simple(array $points): array
    {
        $all = $now = [];
        foreach ($points as $point) {
            $point = (array) $point;
            $through = ($point['onCurve'] ?? 1) != 0 ? 1 : 0;
            $now[] = [self::figure($point['x'] ?? 0), self::figure($point['y'] ?? 0), $through];
            if (($point['endOfContour'] ?? false) === true) {
                $all[] = $now;
                $now = [];
            }
        }

        return $all;
    }
}
