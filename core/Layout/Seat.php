<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;

/** Where the sources of a panel sit inside its outline (layout-harness.md 4). */
final class Seat
{
    public const MOST = 2_000;

    /** Nothing sits nearer to the edge than this where nothing is said, m. */
    public const MARGIN_M = 0.01;

    /**
     * @param  Light|null  $light  whose strip or LEDs they are
     * @return list<Source> in the order in which they are wired
     */
    public static function of(Fields $panel, Outline $outline, ?Light $light): array
    {
        $margin = $panel->number('edge_margin_m', self::MARGIN_M);
        $arrange = self::arranged($panel, $light);
        $strip = $light?->kind === 'strip' ? $light->strip()->pitchM() : null;
        $pitch = $strip ?? $panel->number('pitch_m', 0.05);
        $rows = max(1, min(40, $panel->integer('rows', 1)));
        if ($outline->contours === [] || $pitch <= 0.0) {
            return [];
        }
        $sources = match ($arrange) {
            'points' => self::points($panel),
            'stroke' => $light?->kind === 'strip'
                ? self::strokes($outline, $light, $pitch)
                : self::dotted($outline, $light?->count() ?? 1, $panel->numberOrNull('pitch_m')),
            'edge' => self::row($outline, $outline->bounds()[1] + $margin, $margin, $pitch, 1),
            'grid' => self::grid($outline, $rows, $margin, $panel->numberOrNull('pitch_m'), $light?->count() ?? 1),
            default => self::rows($outline, $rows, $margin, $pitch),
        };

        return array_slice($sources, 0, self::MOST);
    }

    /** @return list<Source> */
    private static function points(Fields $panel): array
    {
        $all = [];
        foreach ($panel->items('points') as $p) {
            if (is_array($p) && is_numeric($p[0] ?? null) && is_numeric($p[1] ?? null)) {
                $all[] = new Source((float) $p[0], (float) $p[1], 1);
            }
        }

        return $all;
    }

    /** @return list<Source> rows of whole units, from one side to the other and back */
    private static function rows(Outline $outline, int $rows, float $margin, float $pitch): array
    {
        [, $y0, , $y1] = $outline->bounds();
        $all = [];
        for ($r = 0; $r < $rows; $r++) {
            $y = $y0 + (($y1 - $y0) * ($r + 0.5)) / $rows;
            $row = self::row($outline, $y, $margin, $pitch, $r + 1);
            array_push($all, ...$r % 2 === 0 ? $row : array_reverse($row));
        }

        return $all;
    }

    /** @return list<Source> */
    private static function row(Outline $outline, float $y, float $margin, float $pitch, int $row): array
    {
        $all = [];
        foreach ($outline->spans($y) as [$from, $to]) {
            $room = $to - $from - 2 * $margin;
            $n = (int) floor($room / $pitch + 1e-9);
            for ($i = 0; $i < $n; $i++) {
                $all[] = new Source(($from + $to - $n * $pitch) / 2 + ($i + 0.5) * $pitch, $y, $row);
            }
        }

        return $all;
    }

    /** @return list<Source> single LEDs: a pitch, or so many rows with the count spread over what is inside */
    private static function grid(Outline $outline, int $rows, float $margin, ?float $pitch, int $count): array
    {
        [$x0, , $x1] = $outline->bounds();
        if ($pitch !== null) {
            $columns = (int) floor(($x1 - $x0 - 2 * $margin) / $pitch + 1e-9) + 1;

            return self::crossings($outline, $rows, $columns, $pitch, $margin);
        }
        $columns = max(1, (int) ceil($count / $rows));
        // Where much of it lies outside, the columns stand closer until all find a place: at least by as much as is outside.
        $thin = max(1.0, (0.8 * $outline->width() * $outline->height()) / max(1e-9, $outline->area()));
        for ($more = 0; $more <= 12; $more++) {
            $n = (int) ceil($columns * ($thin < 1.1 ? 1.0 : $thin) * (1 + $more / 6));
            $all = self::crossings($outline, $rows, $n, max(0.001, ($x1 - $x0) / $n), $margin);
            if (count($all) >= $count) {
                break;
            }
        }

        return array_slice($all, 0, $count);
    }

    /** @return list<Source> */
    private static function crossings(Outline $outline, int $rows, int $columns, float $step, float $margin): array
    {
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        $all = [];
        for ($r = 0; $r < $rows; $r++) {
            $y = $y0 + (($y1 - $y0) * ($r + 0.5)) / $rows;
            $spans = $outline->spans($y);
            for ($i = 0; $i < $columns; $i++) {
                $x = ($x0 + $x1) / 2 + ($i - ($columns - 1) / 2) * $step;
                foreach ($spans as [$from, $to]) {
                    $room = min($x - $from, $to - $x);
                    if ($room >= $margin - 1e-9 && $outline->toEdge($x, $y) >= $margin - 1e-9) {
                        $all[] = new Source($x, $y, $r + 1);
                    }
                }
            }
        }

        return $all;
    }

    /** @return list<Source> single LEDs along the strokes, as far apart from each other everywhere */
    private static function dotted(Outline $outline, int $count, ?float $pitch): array
    {
        $lines = Strokes::of($outline);
        $whole = array_sum(array_map(fn (Stroke $s): float => $s->lengthM(), $lines));
        $step = $pitch ?? $whole / max(1, $count);
        $all = [];
        foreach ($lines as $n => $line) {
            $long = $line->lengthM();
            $dots = max(1, (int) round($long / max(1e-4, $step)));
            for ($i = 0; $i < $dots; $i++) {
                [$x, $y] = $line->at((($i + 0.5) * $long) / $dots);
                $all[] = new Source($x, $y, $n + 1);
            }
        }

        return $pitch === null ? array_slice($all, 0, $count) : $all;
    }

    /** @return list<Source> along the middle of each stroke, in whole units; one by one where a stroke is too narrow */
    private static function strokes(Outline $outline, ?Light $light, float $pitch): array
    {
        $width = ($light?->part->number('width_mm', 10.0) ?? 5.0) / 1000;
        $bend = $light?->part->number('min_bend_mm', StripPath::BEND_MM) ?? 0.0;
        $all = [];
        foreach (Strokes::of($outline) as $n => $line) {
            foreach ($line->straights($bend) as $straight) {
                $room = $straight['m'];
                $narrow = $line->widthM < $width + 0.002;
                $units = (int) floor($room / $pitch + 1e-9);
                for ($i = 0; $i < $units && ! $narrow; $i++) {
                    [$x, $y] = $straight['at'](($room - $units * $pitch) / 2 + ($i + 0.5) * $pitch);
                    $all[] = new Source($x, $y, $n + 1);
                }
            }
        }

        return $all;
    }

    /** How they are arranged; where nothing is said, strips in rows, single LEDs in the strokes of letters or in a grid. */
    public static function arranged(Fields $panel, ?Light $light): string
    {
        $usual = $panel->object('outline')->has('text') ? 'stroke' : 'grid';

        return $panel->text('arrange', $light === null || $light->kind === 'strip' ? 'rows' : $usual);
    }
}
