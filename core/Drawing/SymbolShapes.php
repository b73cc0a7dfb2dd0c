<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** Symbol, name and value of one thing, lying in a wide drawing or upright in a narrow one. */
final class SymbolShapes
{
    /** Room a name leaves free in its column, px. */
    private const BESIDE = 12.0;

    private const NAME_LINE = 16.0;

    /** What a name on two lines needs above that of one line, px. */
    public static function more(Sketch $sketch, Symbol $symbol, float $room): float
    {
        return in_array($symbol->kind, ['box', 'stub', 'light'], true)
            ? 0.0
            : self::NAME_LINE * (count(Shape::lines($sketch->words($symbol)[0], $room - self::BESIDE)) - 1);
    }

    /**
     * @param  list<float>  $ys  its rows
     * @return list<Shape>
     */
    public static function lying(Sketch $sketch, Symbol $symbol, float $cx, array $ys, float $half, float $room): array
    {
        [$name, $value] = $sketch->words($symbol);
        $pin = $sketch->pin($symbol->id, $symbol->part);
        [$top, $last] = [$ys[0], $ys[count($ys) - 1]];
        $shapes = [];
        if ($symbol->kind === 'stub') {
            return [
                Shape::box('stub', $cx - $half, $top - 4.0, 8.0, 8.0, ''),
                Shape::text(Shape::cut('also '.$symbol->part, $room - 20.0), $cx - $half + 14.0, $top + 5.0),
            ];
        }
        if ($symbol->kind === 'box') {
            $shapes[] = Shape::box(
                'box',
                $cx - $half,
                $top - 16.0,
                2 * $half,
                $last - $top + 32.0,
                $symbol->part,
                $sketch->look($symbol),
                title: $sketch->said($symbol),
            );
            foreach (
                [[$symbol->left, 'start', $cx - $half + 6.0], [$symbol->right, 'end', $cx + $half - 6.0]] as [$pins, $anchor, $x]
            ) {
                foreach ($pins as $i => [$p]) {
                    // Two names on one line share the box.
                    $shared = isset($symbol->left[$i], $symbol->right[$i]);
                    $shapes[] = Shape::text(
                        Shape::cut(self::local($p), $shared ? $half - 8.0 : 2 * $half - 12.0),
                        $x,
                        $ys[$i] + 5.0,
                        'label',
                        $anchor,
                        $symbol->part,
                    );
                }
            }
            // Its pin stands beside its name, over the box.
            $shapes[] = Shape::text(
                Shape::cut($name, $room - ($pin === null ? 12.0 : 44.0)),
                $pin === null ? $cx : $cx - 14.0,
                $top - 22.0,
                'label',
                'middle',
                $symbol->part,
            );
            if ($pin !== null) {
                $shapes[] = Shape::pin($pin[0], $cx + $room / 2 - 28.0, $top - 38.0, $pin[1], $symbol->part);
            }
        } else {
            $shapes[] = Shape::box(
                $symbol->kind,
                $cx - $half,
                $top - 11.0,
                2 * $half,
                22.0,
                $symbol->part,
                $sketch->look($symbol).($symbol->kind === 'diode' && $symbol->flow < 0 ? ' reversed' : ''),
                title: $sketch->said($symbol),
            );
            $lines = Shape::lines($name, $room - self::BESIDE);
            foreach (array_reverse($lines) as $n => $line) {
                $y = $top - 19.0 - self::NAME_LINE * $n;
                $shapes[] = Shape::text($line, $cx, $y, 'label', 'middle', $symbol->part);
            }
            $shapes[] = Shape::text(
                Shape::cut($value, ($room - ($pin === null ? 12.0 : 40.0)) * 0.7),
                $pin === null ? $cx : $cx - 14.0,
                $top + 30.0,
                self::style($value),
                'middle',
                $symbol->part,
            );
        }
        if ($pin !== null && $symbol->kind !== 'box') {
            $shapes[] = Shape::pin($pin[0], $cx + $room / 2 - 26.0, $last + 15.0, $pin[1], $symbol->part);
        }

        return $shapes;
    }

    /**
     * @param  float  $x  where its text begins
     * @return list<Shape>
     */
    public static function upright(
        Sketch $sketch,
        Symbol $symbol,
        float $from,
        float $to,
        float $cy,
        float $x,
        float $width,
    ): array {
        [$name, $value] = $sketch->words($symbol);
        $pin = $sketch->pin($symbol->id, $symbol->part);
        $room = $width - $x - ($pin === null ? 4.0 : 34.0);
        $shapes = match ($symbol->kind) {
            'stub' => [Shape::box('stub', $from - 4.0, $cy - 25.0, 8.0, 8.0, '')],
            'box' => [
                Shape::box(
                    'box',
                    $from - 11.0,
                    $cy - 22.0,
                    $to - $from + 22.0,
                    44.0,
                    $symbol->part,
                    $sketch->look($symbol),
                    title: $sketch->said($symbol),
                ),
            ],
            default => [
                Shape::box(
                    $symbol->kind,
                    $from - 11.0,
                    $cy - 22.0,
                    22.0,
                    44.0,
                    $symbol->part,
                    $sketch->look($symbol).
                        ' upright'.
                        ($symbol->kind === 'diode' && $symbol->flow < 0 !== $symbol->back ? ' reversed' : ''),
                    title: $sketch->said($symbol),
                ),
            ],
        };
        $shapes[] = Shape::text(
            Shape::cut($symbol->kind === 'stub' ? "also {$symbol->part}" : $name, $room),
            $x,
            $cy - 4.0,
            'label',
            'start',
            $symbol->kind === 'stub' ? '' : $symbol->part,
        );
        if ($value !== '') {
            $shapes[] = Shape::text(
                Shape::cut($value, $room * 0.7),
                $x,
                $cy + 17.0,
                self::style($value),
                'start',
                $symbol->part,
            );
        }
        if ($pin !== null) {
            $shapes[] = Shape::pin($pin[0], $width - 26.0, $cy - 11.0, $pin[1], $symbol->part);
        }

        return $shapes;
    }

    private static function style(string $value): string
    {
        return preg_match('/^[\d−–.,]+ ?[a-zA-ZµΩ]{0,5}$/u', $value) === 1 ? 'figure' : 'label';
    }

    private static function local(string $pin): string
    {
        return str_replace(
            ['_plus', '_minus', '_common', '_'],
            [' +', ' −', ' com', ' '],
            str_contains($pin, '.') ? (string) substr((string) strrchr($pin, '.'), 1) : $pin,
        );
    }
}
