<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Format\Fields;

/** An outline as a build holds it: rectangle, circle, path data or words. */
final class Shapes
{
    /** Nothing where it can't be read: a draft may be unfinished. */
    public static function outline(Fields $f): Outline
    {
        $rect = array_values(array_filter($f->items('rect_m'), is_numeric(...)));
        if (count($rect) === 2) {
            return Outline::rectangle((float) $rect[0], (float) $rect[1], $f->number('corner_m'));
        }
        if ($f->has('circle_m')) {
            return Outline::circle($f->number('circle_m'));
        }
        if ($f->has('text')) {
            return Lettering::of($f->object('text'))->outline;
        }
        if ($f->text('path') === '') {
            return Outline::of([]);
        }
        try {
            return Outline::path($f->text('path'));
        } catch (NoOutline) {
            return Outline::of([]);
        }
    }

    /** The words of an outline, set; null where it has none. */
    public static function lettering(Fields $f): ?Lettering
    {
        return $f->has('text') ? Lettering::of($f->object('text')) : null;
    }

    /**
     * What falls out of it when it is cut.
     *
     * @return list<array{name: string, letter: string, x: float, y: float, w: float, h: float, area: float}>
     */
    public static function islands(Fields $f): array
    {
        $words = self::lettering($f);
        if ($words !== null) {
            return $words->islands();
        }
        $all = [];
        foreach (array_values(self::outline($f)->holes()) as $n => $hole) {
            $all[] = ['name' => 'opening '.($n + 1), 'letter' => Lettering::letter($n), ...$hole];
        }

        return $all;
    }

    /**
     * Where an island may be held by bridges instead of being glued on: two, above and below it, a sixth of the stroke wide
     * (layout-harness.md 4). m.
     *
     * @return list<array{letter: string, x: float, from: float, to: float, wide: float}> upright bridges, x of their middle
     */
    public static function bridges(Fields $f): array
    {
        $outline = self::outline($f);
        $wide = max(0.001, (2 * $outline->area()) / max(1e-9, $outline->perimeter()) / 6);
        $all = [];
        foreach (self::islands($f) as $island) {
            foreach ([-1, 1] as $side) {
                $from = $island['y'] + ($side * $island['h']) / 2;
                $to = self::out($outline, $island['x'], $from, $side);
                if ($to !== null) {
                    $all[] = [
                        'letter' => $island['letter'],
                        'x' => $island['x'],
                        'from' => min($from, $to),
                        'to' => max($from, $to),
                        'wide' => $wide,
                    ];
                }
            }
        }

        return $all;
    }

    /** From the rim of an island through the stroke to where it ends. */
    private static function out(Outline $outline, float $x, float $y, int $side): ?float
    {
        [, $y0, , $y1] = $outline->bounds();
        $step = max(1e-5, ($y1 - $y0) / 2000);
        $begun = false;
        for ($at = $y + $side * $step; $at > $y0 - 2 * $step && $at < $y1 + 2 * $step; $at += $side * $step) {
            $inside = $outline->contains($x, $at);
            $begun = $begun || $inside;
            if ($begun && ! $inside) {
                return $at;
            }
        }

        return null;
    }
}
