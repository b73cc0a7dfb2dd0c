<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Layout\Outline;

/** Lux on a lit surface, cell by cell inside its outline: the direct sum and what the box throws back (light.md 2, 3). */
final readonly class Field
{
    public const MOST_CELLS = 60_000;

    /** Cells times sources: beyond it the cells grow. */
    public const MOST_WORK = 20_000_000;

    /**
     * @param  list<int>  $inside  numbers of the cells inside, row by row
     * @param  list<float>  $lux  of those cells
     */
    private function __construct(
        public float $x0,
        public float $y0,
        public float $dx,
        public float $dy,
        public int $nx,
        public int $ny,
        public array $inside,
        public array $lux,
        public float $cavity,
        public bool $grown,
    ) {
    }

    /**
     * @param  list<Lamp>  $lamps
     * @param  float  $depth  from the sources to the lit surface, m
     * @param  float  $cell  wished size of a cell, m
     * @param  float  $reflectance  mean of the inside of the box; 0: open
     * @param  float|null  $boxArea  m² of the inside; null: twice the face and its sides
     * @param  bool  $edge  the sources sit at the edge and shine along the pocket (light.md 2)
     */
    public static function of(
        Outline $outline,
        array $lamps,
        float $depth,
        Beam $beam,
        float $cell,
        float $reflectance = 0.0,
        ?float $boxArea = null,
        bool $edge = false,
    ): self {
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        [$w, $h] = [max(1e-9, $x1 - $x0), max(1e-9, $y1 - $y0)];
        $most = min(self::MOST_CELLS, self::MOST_WORK / max(1, count($lamps)));
        $size = max($cell, sqrt(($w * $h) / $most));
        $nx = max(1, (int) ceil($w / $size - 1e-9));
        $ny = max(1, (int) ceil($h / $size - 1e-9));
        [$dx, $dy] = [$w / $nx, $h / $ny];
        $inside = $lux = [];
        for ($j = 0; $j < $ny; $j++) {
            $y = $y0 + ($j + 0.5) * $dy;
            $cells = self::row($outline, $y, $x0, $dx, $nx);
            if ($cells === []) {
                continue;
            }
            $xs = array_map(fn (int $i): float => $x0 + ($i + 0.5) * $dx, $cells);
            $row = match (true) {
                $edge => self::pocket($xs, $y, $lamps, $depth, $beam->m, $reflectance),
                default => self::lit($xs, $y, $lamps, $depth, $beam->m),
            };
            foreach ($cells as $n => $i) {
                $inside[] = $j * $nx + $i;
                $lux[] = $row[$n];
            }
        }
        $area = $boxArea ?? 2 * $outline->area() + $outline->perimeter() * $depth;
        $lumens = array_sum(array_map(fn (Lamp $l): float => $l->lm, $lamps));
        $cavity = $reflectance > 0.0 && $area > 0.0 ? ($lumens * $reflectance) / ($area * (1 - $reflectance)) : 0.0;

        return new self(
            $x0,
            $y0,
            $dx,
            $dy,
            $nx,
            $ny,
            $inside,
            $cavity > 0.0 ? array_map(fn (float $e): float => $e + $cavity, $lux) : $lux,
            $cavity,
            $size > $cell * 1.0001,
        );
    }

    /** @return list<int> cells of a row whose middles are inside */
    private static function row(Outline $outline, float $y, float $x0, float $dx, int $nx): array
    {
        $all = [];
        foreach ($outline->spans($y) as [$from, $to]) {
            $last = min($nx - 1, (int) ceil(($to - $x0) / $dx - 0.5) - 1);
            for ($i = max(0, (int) ceil(($from - $x0) / $dx - 0.5)); $i <= $last; $i++) {
                $all[] = $i;
            }
        }

        return $all;
    }

    /**
     * E = I0·cos^m(θ)·z/d³ on a plane z away; untilted that is I0·z^(m+1)/d^(m+3).
     *
     * @param  list<float>  $xs
     * @param  list<Lamp>  $lamps
     * @return array<int, float>
     */
    private static function lit(array $xs, float $y, array $lamps, float $z, float $m): array
    {
        $row = array_fill(0, count($xs), 0.0);
        $per = ($m + 1) / (2 * M_PI);
        $half = -($m + 3) / 2;
        $round = abs($m - 1.0) < 1e-9;
        foreach ($lamps as $lamp) {
            if ($lamp->lm <= 0.0) {
                continue;
            }
            $px = $lamp->x;
            if ($lamp->tilt !== 0.0) {
                self::tilted($row, $xs, $y, $lamp, $z, $m, $per * $lamp->lm);

                continue;
            }
            $c = ($y - $lamp->y) ** 2 + $z * $z;
            $k = $per * $lamp->lm * $z ** ($m + 1);
            if ($round) {
                foreach ($xs as $i => $x) {
                    $q = ($x - $px) * ($x - $px) + $c;
                    $row[$i] += $k / ($q * $q);
                }

                continue;
            }
            foreach ($xs as $i => $x) {
                $row[$i] += $k * (($x - $px) * ($x - $px) + $c) ** $half;
            }
        }

        return $row;
    }

    /**
     * @param  array<int, float>  $row
     * @param  list<float>  $xs
     */
    private static function tilted(array &$row, array $xs, float $y, Lamp $lamp, float $z, float $m, float $i0): void
    {
        $along = ($y - $lamp->y) * sin($lamp->tilt) + $z * cos($lamp->tilt);
        if ($along <= 0.0) {
            return;
        }
        $c = ($y - $lamp->y) ** 2 + $z * $z;
        foreach ($xs as $i => $x) {
            $d = sqrt(($x - $lamp->x) ** 2 + $c);
            $row[$i] += ($i0 * ($along / $d) ** $m * $z) / ($d * $d * $d);
        }
    }

    /**
     * Sources at the upper edge, half the depth from the front, shining down along the pocket: each reaches the front straight and
     * by its image in the back wall, which counts as much as the wall reflects.
     *
     * @param  list<float>  $xs
     * @param  list<Lamp>  $lamps
     * @return array<int, float>
     */
    private static function pocket(array $xs, float $y, array $lamps, float $depth, float $m, float $reflectance): array
    {
        $row = array_fill(0, count($xs), 0.0);
        foreach ($lamps as $lamp) {
            $along = $y - $lamp->y;
            if ($along <= 0.0 || $lamp->lm <= 0.0) {
                continue;
            }
            $i0 = ($lamp->lm * ($m + 1)) / (2 * M_PI);
            foreach ([[$depth / 2, 1.0], [1.5 * $depth, $reflectance]] as [$h, $weight]) {
                $c = $along * $along + $h * $h;
                foreach ($xs as $i => $x) {
                    $d = sqrt(($x - $lamp->x) ** 2 + $c);
                    $row[$i] += ($weight * $i0 * ($along / $d) ** $m * $h) / ($d * $d * $d);
                }
            }
        }

        return $row;
    }

    public function cells(): int
    {
        return count($this->inside);
    }

    public function least(): float
    {
        return $this->lux === [] ? 0.0 : min($this->lux);
    }

    public function greatest(): float
    {
        return $this->lux === [] ? 0.0 : max($this->lux);
    }

    public function mean(): float
    {
        return $this->lux === [] ? 0.0 : array_sum($this->lux) / count($this->lux);
    }

    /** Least over mean; null where it is dark. */
    public function evenness(): ?float
    {
        return $this->mean() > 0.0 ? $this->least() / $this->mean() : null;
    }

    /** Least over greatest; null where it is dark. */
    public function contrast(): ?float
    {
        return $this->greatest() > 0.0 ? $this->least() / $this->greatest() : null;
    }

    /** Candela per m² of a face that lets so much through. */
    public function luminance(float $transmission): float
    {
        return ($transmission * $this->mean()) / M_PI;
    }

    /** @return array{float, float} middle of the darkest cell */
    public function darkest(): array
    {
        return $this->place((int) array_search($this->least(), $this->lux, true));
    }

    /** @return array{float, float} middle of the brightest cell */
    public function brightest(): array
    {
        return $this->place((int) array_search($this->greatest(), $this->lux, true));
    }

    /** @return array{float, float} */
    private function place(int $n): array
    {
        $k = $this->inside[$n] ?? 0;

        return [
            $this->x0 + (($k % $this->nx) + 0.5) * $this->dx,
            $this->y0 + (intdiv($k, $this->nx) + 0.5) * $this->dy,
        ];
    }

    /** Lux in the cell of a point; null outside. */
    public function at(float $x, float $y): ?float
    {
        $i = (int) floor(($x - $this->x0) / $this->dx);
        $j = (int) floor(($y - $this->y0) / $this->dy);
        if ($i < 0 || $j < 0 || $i >= $this->nx || $j >= $this->ny) {
            return null;
        }
        $n = array_search($j * $this->nx + $i, $this->inside, true);

        return $n === false ? null : $this->lux[$n];
    }

    /** @return array<int, float> cell => lux */
    public function byCell(): array
    {
        return $this->inside === [] ? [] : array_combine($this->inside, $this->lux);
    }
}
