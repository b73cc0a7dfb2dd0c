<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** A drawing with one wire parted: two bare ends, and what might go in between as dashes. Nothing else moves. */
final class Parted
{
    private const GAP = 44.0;

    /** Places along the longest piece, the best first. */
    private const PLACES = [0.5, 0.6, 0.4, 0.7, 0.3, 0.8, 0.2, 0.85, 0.15];

    /**
     * @param  string  $wire  lead.core
     * @param  string  $symbol  of the offer in hand; '' for none
     */
    public static function at(Drawing $drawing, string $wire, string $symbol): Drawing
    {
        [$n, $m, $length] = self::longest($drawing->shapes, $wire);
        if ($n === null) {
            return $drawing;
        }
        $shapes = $drawing->shapes;
        $cut = $shapes[$n];
        [[$x1, $y1], [$x2, $y2]] = [$cut->points[$m], $cut->points[$m + 1]];
        $gap = min(self::GAP, 0.6 * $length);
        [$ux, $uy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
        $mid = self::free($shapes, [[$x1, $y1], [$x2, $y2]], $gap / $length);
        $from = [$mid[0] - ($ux * $gap) / 2, $mid[1] - ($uy * $gap) / 2];
        $to = [$mid[0] + ($ux * $gap) / 2, $mid[1] + ($uy * $gap) / 2];
        $halves = [
            Shape::wire(
                [...array_slice($cut->points, 0, $m + 1), $from],
                $cut->state,
                $cut->part,
                $cut->pin,
                $cut->text,
            ),
            Shape::wire([$to, ...array_slice($cut->points, $m + 1)], $cut->state, $cut->part, $cut->pin, $cut->text),
        ];
        $ends = array_map(fn (array $p): Shape => Shape::box('bare', $p[0] - 8.0, $p[1] - 8.0, 16.0, 16.0, ''), [
            $from,
            $to,
        ]);
        if ($symbol !== '') {
            $upright = abs($uy) > abs($ux);
            [$w, $h] = $upright ? [18.0, $gap - 12.0] : [$gap - 12.0, 18.0];
            $ends[] = Shape::box(
                $symbol,
                $mid[0] - $w / 2,
                $mid[1] - $h / 2,
                $w,
                $h,
                '',
                $upright ? 'offered upright' : 'offered',
            );
        }
        array_splice($shapes, $n, 1, $halves);
        $threads = abs($uy) > abs($ux) ? [] : self::threads($shapes, [$from, $to], $drawing->height);

        return new Drawing(
            $drawing->width,
            $drawing->height,
            [...$threads, ...$shapes, ...$ends],
            $drawing->title,
            $drawing->description,
        );
    }

    /**
     * Two threads from the bare ends to the lower edge, where the slip hangs; none where something is in their way.
     *
     * @param  list<Shape>  $shapes
     * @param  array{array{float, float}, array{float, float}}  $ends
     * @return list<Shape>
     */
    private static function threads(array $shapes, array $ends, float $height): array
    {
        $threads = [];
        foreach ($ends as [$x, $y]) {
            $crossed = array_filter($shapes, function (Shape $s) use ($x, $y): bool {
                [$left, $top, $w, $h] = $s->rect();

                return $s->kind === 'wire'
                    ? self::crosses($s->points, $x, $y + 10.0)
                    : $s->kind !== 'bracket' && $left < $x + 3.0 && $left + $w > $x - 3.0 && $top + $h > $y + 10.0;
            });
            if ($crossed !== []) {
                return [];
            }
            $threads[] = Shape::wire([[$x, $y + 8.0], [$x, $height]], 'thread', '');
        }

        return $threads;
    }

    /** @param  list<array{float, float}>  $points  of a wire */
    private static function crosses(array $points, float $x, float $below): bool
    {
        for ($m = 0; $m + 1 < count($points); $m++) {
            [[$x1, $y1], [$x2, $y2]] = [$points[$m], $points[$m + 1]];
            if (min($x1, $x2) < $x + 3.0 && max($x1, $x2) > $x - 3.0 && max($y1, $y2) > $below) {
                return true;
            }
        }

        return false;
    }

    /**
     * The middle of the gap: of the wire, unless words or a symbol stand there and there is room beside.
     *
     * @param  list<Shape>  $shapes
     * @param  array{array{float, float}, array{float, float}}  $piece
     * @param  float  $share  the gap's of the piece
     * @return array{float, float}
     */
    private static function free(array $shapes, array $piece, float $share): array
    {
        [[$x1, $y1], [$x2, $y2]] = $piece;
        $half = self::GAP / 2 + 10.0;
        foreach (self::PLACES as $at) {
            $mid = [$x1 + ($x2 - $x1) * $at, $y1 + ($y2 - $y1) * $at];
            $covered = array_filter($shapes, function (Shape $s) use ($mid, $half): bool {
                [$x, $y, $w, $h] = $s->rect();

                return ! in_array($s->kind, ['wire', 'halo', 'bracket'], true) &&
                    $x < $mid[0] + $half &&
                    $x + $w > $mid[0] - $half &&
                    $y < $mid[1] + 16.0 &&
                    $y + $h > $mid[1] - 16.0;
            });
            if ($covered === [] && $at - $share / 2 > 0.0 && $at + $share / 2 < 1.0) {
                return $mid;
            }
        }

        return [($x1 + $x2) / 2, ($y1 + $y2) / 2];
    }

    /**
     * @param  list<Shape>  $shapes
     * @return array{int|null, int, float} shape, segment and length of the longest straight piece of a wire
     */
    private static function longest(array $shapes, string $wire): array
    {
        $best = [null, 0, 0.0];
        foreach ($shapes as $n => $shape) {
            if ($shape->kind !== 'wire' || $shape->text !== $wire) {
                continue;
            }
            for ($m = 0; $m + 1 < count($shape->points); $m++) {
                [[$x1, $y1], [$x2, $y2]] = [$shape->points[$m], $shape->points[$m + 1]];
                $length = hypot($x2 - $x1, $y2 - $y1);
                if ($length > $best[2]) {
                    $best = [$n, $m, $length];
                }
            }
        }

        return $best;
    }
}
