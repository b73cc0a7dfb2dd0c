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
}
