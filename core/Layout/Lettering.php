<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Format\Fields;

/** Words set in a shipped face, as an outline in m that begins at (0, 0) (layout-harness.md 4). */
final readonly class Lettering
{
    /**
     * @param  list<array{sign: string, n: int, from: int, to: int}>  $signs  contours of each sign, its place in the words
     * @param  list<string>  $missing  signs the face lacks; they are left out
     * @param  array{float, string, string}|null  $widest  widest gap between two signs of a word, m, and those signs
     */
    private function __construct(
        public Outline $outline,
        public array $signs,
        public array $missing,
        public ?array $widest,
    ) {
    }

    public static function of(Fields $text): self
    {
        $nudges = array_map(fn (mixed $n): float => is_numeric($n) ? (float) $n : 0.0, $text->items('nudge_em'));

        return self::set(
            $text->text('words'),
            $text->text('face', 'narrow'),
            $text->number('cap_m', 0.1),
            $text->number('spacing_em'),
            $nudges,
        );
    }

    /**
     * @param  float  $capM  height of a capital
     * @param  float  $spacingEm  added after every sign
     * @param  list<float>  $nudgeEm  added after each sign in turn
     */
    public static function set(
        string $words,
        string $name,
        float $capM,
        float $spacingEm = 0.0,
        array $nudgeEm = [],
    ): self {
        $face = Face::named($name);
        $scale = $capM / max(1e-9, $face->cap());
        $contours = $signs = $missing = [];
        $x = 0.0;
        foreach (mb_str_split($words) as $n => $sign) {
            $code = (int) mb_ord($sign);
            if (! $face->has($code)) {
                $missing[$sign] = $sign;

                continue;
            }
            $from = count($contours);
            foreach ($face->curves($code) as $curve) {
                $contours[] = self::flat($curve, $scale, $x);
            }
            if (count($contours) > $from) {
                $signs[] = ['sign' => $sign, 'n' => $n, 'from' => $from, 'to' => count($contours) - 1];
            }
            $x += ($face->advance($code) + ($spacingEm + ($nudgeEm[$n] ?? 0.0)) * $face->em) * $scale;
        }
        $outline = Outline::of($contours);
        [$x0, $y0] = $outline->bounds();

        return new self(
            $outline->moved(-$x0, -$y0),
            $signs,
            array_values($missing),
            self::widestGap($contours, $signs),
        );
    }

    /**
     * @param  list<list<array{float, float}>>  $contours
     * @param  list<array{sign: string, n: int, from: int, to: int}>  $signs
     * @return array{float, string, string}|null
     */
    private static function widestGap(array $contours, array $signs): ?array
    {
        $widest = null;
        foreach ($signs as $n => $sign) {
            $next = $signs[$n + 1] ?? null;
            if ($next === null || $next['n'] > $sign['n'] + 1) {
                continue;
            }
            [$right] = self::reach($contours, $next);
            [, $left] = self::reach($contours, $sign);
            $gap = $right - $left;
            $widest = $widest === null || $gap > $widest[0] ? [$gap, $sign['sign'], $next['sign']] : $widest;
        }

        return $widest;
    }

    /**
     * From left to right.
     *
     * @param  list<list<array{float, float}>>  $contours
     * @param  array{sign: string, n: int, from: int, to: int}  $sign
     * @return array{float, float}
     */
    private static function reach(array $contours, array $sign): array
    {
        $own = Outline::of(array_slice($contours, $sign['from'], $sign['to'] - $sign['from'] + 1));
        [$x0, , $x1] = $own->bounds();

        return [$x0, $x1];
    }

    /**
     * TrueType curves as chords within 0.2 mm: between two control points the outline runs through their middle.
     *
     * @param  list<array{float, float, int}>  $curve
     * @return list<array{float, float}>
     */
    private static function flat(array $curve, float $scale, float $dx): array
    {
        $points = [];
        $before = $curve[count($curve) - 1];
        foreach ($curve as $p) {
            if ($p[2] === 0 && $before[2] === 0) {
                $points[] = [($p[0] + $before[0]) / 2, ($p[1] + $before[1]) / 2, 1];
            }
            $points[] = $p;
            $before = $p;
        }
        // It begins where the outline runs through.
        while ($points[0][2] === 0) {
            $points[] = array_shift($points);
        }
        $points = array_map(fn (array $p): array => [$dx + $p[0] * $scale, -$p[1] * $scale, $p[2]], $points);
        $all = [];
        $points[] = $points[0];
        for ($i = 0; $i < count($points); $i++) {
            $p = [$points[$i][0], $points[$i][1]];
            if ($points[$i][2] === 1) {
                $all[] = $p;

                continue;
            }
            $from = $all[count($all) - 1];
            $to = $points[++$i];
            array_push($all, ...self::curve($from, $p, [$to[0], $to[1]]));
        }
        array_pop($all);

        return $all;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $c
     * @param  array{float, float}  $b
     * @return list<array{float, float}>
     */
    private static function curve(array $a, array $c, array $b): array
    {
        $bend = hypot($a[0] - 2 * $c[0] + $b[0], $a[1] - 2 * $c[1] + $b[1]);
        $n = max(1, (int) ceil(sqrt((0.25 * $bend) / (Outline::CHORD_MM / 1000))));
        $all = [];
        for ($i = 1; $i <= $n; $i++) {
            $t = $i / $n;
            $u = 1 - $t;
            $all[] = [
                $u * $u * $a[0] + 2 * $u * $t * $c[0] + $t * $t * $b[0],
                $u * $u * $a[1] + 2 * $u * $t * $c[1] + $t * $t * $b[1],
            ];
        }

        return $all;
    }

    /**
     * @param  array{sign: string, n: int, from: int, to: int}  $sign
     * @return array{float, float, float, float} least x and y, greatest x and y of a sign
     */
    public function bounds(array $sign): array
    {
        $own = array_slice($this->outline->contours, $sign['from'], $sign['to'] - $sign['from'] + 1);

        return Outline::of($own)->bounds();
    }

    /**
     * What falls out when it is cut.
     *
     * @return list<array{name: string, letter: string, x: float, y: float, w: float, h: float, area: float}>
     */
    public function islands(): array
    {
        $holes = $this->outline->holes();
        $all = [];
        foreach ($this->signs as $sign) {
            $own = array_filter(
                $holes,
                fn (int $n): bool => $n >= $sign['from'] && $n <= $sign['to'],
                ARRAY_FILTER_USE_KEY,
            );
            uasort($own, fn (array $a, array $b): int => $a['y'] <=> $b['y']);
            foreach (array_values($own) as $k => $hole) {
                $place = count($own) < 2 ? '' : ($k === 0 ? 'upper ' : 'lower ');
                $all[] = [
                    'name' => "{$place}inside of {$sign['sign']}",
                    'letter' => self::letter(count($all)),
                    ...$hole,
                ];
            }
        }

        return $all;
    }

    public static function letter(int $n): string
    {
        return ($n >= 26 ? chr(64 + intdiv($n, 26)) : '').chr(65 + ($n % 26));
    }
}
