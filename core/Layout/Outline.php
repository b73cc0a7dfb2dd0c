<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** A flat shape of closed contours, m; inside by the nonzero rule (light.md 2). x to the right, y down. */
final readonly class Outline
{
    /** Chords stay this near their curves, mm; 0.2 is what is asked for. */
    public const CHORD_MM = 0.1;

    /** @param  list<list<array{float, float}>>  $contours */
    private function __construct(public array $contours)
    {
    }

    /** @param  list<list<array{float, float}>>  $contours  of at least three corners each; the last joins the first */
    public static function of(array $contours): self
    {
        $kept = [];
        foreach ($contours as $contour) {
            $clean = [];
            foreach ($contour as $p) {
                $last = $clean[count($clean) - 1] ?? null;
                if ($last === null || hypot($p[0] - $last[0], $p[1] - $last[1]) > 1e-9) {
                    $clean[] = $p;
                }
            }
            if (count($clean) > 1 && hypot($clean[0][0] - end($clean)[0], $clean[0][1] - end($clean)[1]) <= 1e-9) {
                array_pop($clean);
            }
            if (count($clean) > 2) {
                $kept[] = $clean;
            }
        }

        return new self($kept);
    }

    /** @throws NoOutline for text that is no path data */
    public static function path(string $mm): self
    {
        return self::of(PathData::contours($mm, self::CHORD_MM))->scaled(0.001);
    }

    /** @param  float  $corner  radius of its corners, m */
    public static function rectangle(float $w, float $h, float $corner = 0.0): self
    {
        $r = min($corner, $w / 2, $h / 2);
        if ($r <= 0.0) {
            return self::of([[[0.0, 0.0], [$w, 0.0], [$w, $h], [0.0, $h]]]);
        }
        $all = [];
        foreach ([[$w - $r, $r, -90], [$w - $r, $h - $r, 0], [$r, $h - $r, 90], [$r, $r, 180]] as [$x, $y, $from]) {
            array_push($all, ...self::turn($x, $y, $r, $from, 90));
        }

        return self::of([$all]);
    }

    public static function circle(float $across): self
    {
        $r = $across / 2;

        return self::of([self::turn($r, $r, $r, 0, 360)]);
    }

    /** @return list<array{float, float}> */
    private static function turn(float $x, float $y, float $r, float $from, float $by): array
    {
        $most = rad2deg(2 * acos(max(-1.0, 1 - min(1.0, self::CHORD_MM / 1000 / $r))));
        $n = max(3, (int) ceil($by / max(0.5, $most)));
        $all = [];
        for ($i = 0; $i <= $n; $i++) {
            $a = deg2rad($from + ($by * $i) / $n);
            $all[] = [$x + $r * cos($a), $y + $r * sin($a)];
        }

        return $all;
    }

    public function isEmpty(): bool
    {
        return $this->area() < 1e-9;
    }

    /** @return array{float, float, float, float} least x and y, greatest x and y */
    public function bounds(): array
    {
        $xs = $ys = [];
        foreach ($this->contours as $contour) {
            array_push($xs, ...array_column($contour, 0));
            array_push($ys, ...array_column($contour, 1));
        }

        return $xs === [] || $ys === [] ? [0.0, 0.0, 0.0, 0.0] : [min($xs), min($ys), max($xs), max($ys)];
    }

    public function width(): float
    {
        [$x0, , $x1] = $this->bounds();

        return $x1 - $x0;
    }

    public function height(): float
    {
        [, $y0, , $y1] = $this->bounds();

        return $y1 - $y0;
    }

    /**
     * Where a level line is inside.
     *
     * @return list<array{float, float}> from x to x, left to right
     */
    public function spans(float $y): array
    {
        $crossings = [];
        foreach ($this->contours as $contour) {
            $before = $contour[count($contour) - 1];
            foreach ($contour as $p) {
                if ($y >= $p[1] !== $before[1] <= $y) {
                    $x = $before[0] + (($y - $before[1]) * ($p[0] - $before[0])) / ($p[1] - $before[1]);
                    $crossings[] = [$x, $p[1] > $before[1] ? 1 : -1];
                }
                $before = $p;
            }
        }
        usort($crossings, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $spans = [];
        $winding = 0;
        foreach ($crossings as [$x, $turn]) {
            if ($winding === 0) {
                $from = $x;
            }
            $winding += $turn;
            if ($winding === 0 && $x > $from) {
                $spans[] = [$from, $x];
            }
        }

        return $spans;
    }

    public function contains(float $x, float $y): bool
    {
        foreach ($this->spans($y) as [$from, $to]) {
            if ($x >= $from && $x < $to) {
                return true;
            }
        }

        return false;
    }

    /** Square metres that lie inside: what the winding counts twice, once. */
    public function area(): float
    {
        $holes = $this->holes();
        $area = 0.0;
        foreach ($this->contours as $n => $contour) {
            $area += (isset($holes[$n]) ? -1 : 1) * abs(self::signed($contour));
        }

        return max(0.0, $area);
    }

    public function perimeter(): float
    {
        $sum = 0.0;
        foreach ($this->contours as $contour) {
            $sum += self::length($contour);
        }

        return $sum;
    }

    /** @param  list<array{float, float}>  $contour */
    private static function length(array $contour): float
    {
        $sum = 0.0;
        $before = $contour[count($contour) - 1];
        foreach ($contour as $p) {
            $sum += hypot($p[0] - $before[0], $p[1] - $before[1]);
            $before = $p;
        }

        return $sum;
    }

    /** @param  list<array{float, float}>  $contour */
    public static function signed(array $contour): float
    {
        $sum = 0.0;
        $before = $contour[count($contour) - 1];
        foreach ($contour as $p) {
            $sum += $before[0] * $p[1] - $p[0] * $before[1];
            $before = $p;
        }

        return $sum / 2;
    }

    /**
     * Contours with nothing of the shape just inside them: what falls out when they are cut.
     *
     * @return array<int, array{x: float, y: float, w: float, h: float, area: float}> contour => middle, size, area
     */
    public function holes(): array
    {
        $all = [];
        foreach ($this->contours as $n => $contour) {
            $inside = self::insideOf($contour);
            if ($inside !== null && ! $this->contains(...$inside)) {
                [$x0, $y0, $x1, $y1] = (new self([$contour]))->bounds();
                $all[$n] = [
                    'x' => ($x0 + $x1) / 2,
                    'y' => ($y0 + $y1) / 2,
                    'w' => $x1 - $x0,
                    'h' => $y1 - $y0,
                    'area' => abs(self::signed($contour)),
                ];
            }
        }

        return $all;
    }

    /**
     * A point inside a contour and near its edge.
     *
     * @param  list<array{float, float}>  $contour
     * @return array{float, float}|null
     */
    private static function insideOf(array $contour): ?array
    {
        $alone = new self([$contour]);
        [, $low, , $high] = $alone->bounds();
        foreach ([0.51, 0.37, 0.71, 0.13, 0.89] as $share) {
            $y = $low + $share * ($high - $low);
            $span = $alone->spans($y)[0] ?? null;
            if ($span !== null) {
                return [$span[0] + min(1e-5, ($span[1] - $span[0]) / 2), $y];
            }
        }

        return null;
    }

    /** Metres from a point to the nearest edge. */
    public function toEdge(float $x, float $y): float
    {
        $least = INF;
        foreach ($this->contours as $contour) {
            $a = $contour[count($contour) - 1];
            foreach ($contour as $b) {
                [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
                $along = (($x - $a[0]) * $dx + ($y - $a[1]) * $dy) / max(1e-18, $dx * $dx + $dy * $dy);
                $t = max(0.0, min(1.0, $along));
                $least = min($least, hypot($x - $a[0] - $t * $dx, $y - $a[1] - $t * $dy));
                $a = $b;
            }
        }

        return $least;
    }

    /** Some edge crosses another: what is inside is then what the winding says. */
    public function crossesItself(): bool
    {
        $edges = [];
        foreach ($this->contours as $contour) {
            $a = $contour[count($contour) - 1];
            foreach ($contour as $b) {
                $edges[] = [$a, $b];
                $a = $b;
            }
        }
        usort($edges, fn (array $e, array $f): int => min($e[0][0], $e[1][0]) <=> min($f[0][0], $f[1][0]));
        foreach ($edges as $i => [$a, $b]) {
            $right = max($a[0], $b[0]);
            for ($j = $i + 1; $j < count($edges) && min($edges[$j][0][0], $edges[$j][1][0]) <= $right; $j++) {
                if (self::cross($a, $b, ...$edges[$j])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function cross(array $a, array $b, array $c, array $d): bool
    {
        return self::side($a, $b, $c) * self::side($a, $b, $d) < -1e-18 &&
            self::side($c, $d, $a) * self::side($c, $d, $b) < -1e-18;
    }

    /**
     * On which side of a line a point lies.
     *
     * @param  array{float, float}  $p
     * @param  array{float, float}  $q
     * @param  array{float, float}  $r
     */
    private static function side(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
    }

    public function scaled(float $k): self
    {
        return $this->each(fn (array $p): array => [$p[0] * $k, $p[1] * $k]);
    }

    public function moved(float $dx, float $dy): self
    {
        return $this->each(fn (array $p): array => [$p[0] + $dx, $p[1] + $dy]);
    }

    /** Turned about the origin, degrees from x towards y. */
    public function turned(float $deg): self
    {
        [$c, $s] = [cos(deg2rad($deg)), sin(deg2rad($deg))];

        return $deg === 0.0
            ? $this
            : $this->each(fn (array $p): array => [$p[0] * $c - $p[1] * $s, $p[0] * $s + $p[1] * $c]);
    }

    /**
     * Every edge moved out by so much, corners kept sharp up to four times that; inwards below 0.
     * A contour that is used up by it is gone. Where a neck closes, the winding still tells what is inside.
     */
    public function offset(float $m): self
    {
        $holes = $this->holes();
        $kept = [];
        foreach ($this->contours as $n => $contour) {
            $area = self::signed($contour);
            $out = $m * ($area > 0.0 ? 1 : -1) * (isset($holes[$n]) ? -1 : 1);
            $moved = self::pushed($contour, $out);
            if (self::signed($moved) * $area > 0.0) {
                $kept[] = $moved;
            }
        }

        return new self($kept);
    }

    /** Corners sharper than this are cut short. */
    private const MITRE = 4.0;

    /**
     * @param  list<array{float, float}>  $contour
     * @param  float  $by  to the right of its way, m
     * @return list<array{float, float}>
     */
    private static function pushed(array $contour, float $by): array
    {
        $n = count($contour);
        $moved = [];
        foreach ($contour as $i => $p) {
            [$a, $b] = [$contour[($i + $n - 1) % $n], $contour[($i + 1) % $n]];
            [$u, $v] = [self::unit($a, $p), self::unit($p, $b)];
            if ($u === null || $v === null) {
                continue;
            }
            // Both normals added: long where the corner is sharp.
            [$x, $y] = [$u[1] + $v[1], -$u[0] - $v[0]];
            $half = 1 + $u[0] * $v[0] + $u[1] * $v[1];
            $k = $by / max($half, 2 / self::MITRE ** 2);
            $moved[] = [$p[0] + $k * $x, $p[1] + $k * $y];
        }

        return $moved === [] ? $contour : $moved;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return array{float, float}|null
     */
    private static function unit(array $a, array $b): ?array
    {
        $long = hypot($b[0] - $a[0], $b[1] - $a[1]);

        return $long < 1e-12 ? null : [($b[0] - $a[0]) / $long, ($b[1] - $a[1]) / $long];
    }

    /** As seen from behind: left and right change places within its own width. */
    public function mirrored(): self
    {
        [$x0, , $x1] = $this->bounds();

        return $this->each(fn (array $p): array => [$x0 + $x1 - $p[0], $p[1]]);
    }

    /** @param  callable(array{float, float}): array{float, float}  $map */
    private function each(callable $map): self
    {
        return new self(array_map(fn (array $contour): array => array_map($map, $contour), $this->contours));
    }

    /** SVG path data in mm. */
    public function mm(): string
    {
        $all = '';
        foreach ($this->contours as $contour) {
            foreach ($contour as $i => [$x, $y]) {
                $all .= ($i === 0 ? 'M' : 'L').round($x * 1000, 3).' '.round($y * 1000, 3);
            }
            $all .= 'Z';
        }

        return $all;
    }
}
