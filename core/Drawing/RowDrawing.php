<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Lists\Strings;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/**
 * A row of LEDs as it is soldered: a lane for each string between the feed and the return, the long leg's side round and the
 * short leg's flat; from the front, or from behind, where left and right change over.
 */
final class RowDrawing
{
    private const LANE = 64.0;

    private const RAIL = 26.0;

    private const RESISTOR = 56.0;

    /** More strings than this are shown by the first of each kind. */
    private const MOST_LANES = 6;

    private const RADIUS = 11.0;

    public static function of(Analysis $analysis, Light $light, float $width, bool $behind): Drawing
    {
        $strings = Strings::of($analysis, $light)->all;
        $lanes = self::lanes($strings);
        $shapes = [];
        $y = 40.0;
        foreach ($lanes as [$string, $n, $words]) {
            array_push($shapes, ...self::lane($light, $string, $n, $words, $y, $width));
            $y += self::LANE;
        }
        $bottom = $y - self::LANE;
        $shapes = [
            Shape::text('feed', 0.0, 14.0),
            Shape::text('return', $width, 14.0, 'label', 'end'),
            Shape::wire([[self::RAIL, 22.0], [self::RAIL, $bottom]], 'dead', $light->id),
            Shape::wire([[$width - self::RAIL, 22.0], [$width - self::RAIL, $bottom]], 'dead', $light->id),
            ...$shapes,
        ];
        $side = $behind ? 'from behind' : 'from the front';

        return new Drawing(
            $width,
            // Below the last lane stand its resistor's words.
            $bottom + 40.0,
            $behind ? array_map(fn (Shape $s): Shape => $s->mirrored($width), $shapes) : $shapes,
            "{$light->label} as it is soldered, seen {$side}",
            Words::first(implode(' ', Strings::of($analysis, $light)->said())),
        );
    }

    /**
     * @param  list<array{first: int, last: int, ohm: float, watts: float|null, rating: float|null}>  $strings
     * @return list<array{array{first: int, last: int, ohm: float, watts: float|null, rating: float|null}, int, string}>
     */
    private static function lanes(array $strings): array
    {
        if (count($strings) <= self::MOST_LANES) {
            return array_map(fn (array $s, int $n): array => [$s, $n + 1, ''], $strings, array_keys($strings));
        }
        $last = $strings[count($strings) - 1];
        $alike = array_filter(
            $strings,
            fn (array $s): bool => [$s['last'] - $s['first'], $s['ohm']] === [
                $strings[0]['last'] - $strings[0]['first'],
                $strings[0]['ohm'],
            ],
        );

        return [
            [$strings[0], 1, count($alike).' strings like this'],
            ...count($alike) < count($strings) ? [[$last, count($strings), 'the last']] : [],
        ];
    }

    /**
     * @param  array{first: int, last: int, ohm: float, watts: float|null, rating: float|null}  $string
     * @return list<Shape>
     */
    private static function lane(Light $light, array $string, int $n, string $words, float $y, float $width): array
    {
        $count = $string['last'] - $string['first'] + 1;
        $from = self::RAIL + 20.0 + self::RESISTOR;
        $step = ($width - self::RAIL - $from) / ($count + 0.5);
        $r = min(self::RADIUS, $step / 2 - 2.0);
        $shapes = [
            Shape::wire([[self::RAIL, $y], [self::RAIL + 20.0, $y]], 'dead', $light->id),
            Shape::box('resistor', self::RAIL + 20.0, $y - 8.0, self::RESISTOR, 16.0, $light->id, '', '', "R{$n}"),
            Shape::text(
                "R{$n} ".
                    Strings::resistor($string).
                    ($string['watts'] === null ? '' : ', makes '.Shown::watts($string['watts'])).
                    ($words === '' ? '' : " · {$words}"),
                self::RAIL + 20.0,
                $y + 30.0,
            ),
        ];
        $x = $from;
        for ($i = 0; $i < $count; $i++) {
            $middle = $from + $step * ($i + 0.75);
            $shapes[] = Shape::wire([[$x, $y], [$middle - $r, $y]], 'dead', $light->id);
            $shapes[] = Shape::box(
                'led',
                $middle - $r,
                $y - $r,
                2 * $r,
                2 * $r,
                $light->id,
                '',
                '',
                'LED '.($string['first'] + $i),
            );
            if ($step >= 30.0 || $i === 0 || $i === $count - 1) {
                $shapes[] = Shape::text((string) ($string['first'] + $i), $middle, $y - $r - 5.0, 'figure', 'middle');
            }
            $x = $middle + $r;
        }
        $shapes[] = Shape::wire([[$x, $y], [$width - self::RAIL, $y]], 'dead', $light->id);

        return $shapes;
    }
}
