<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;

/** A strip laid along straights and corners, cut to whole units (layout-harness.md 2). Lengths in m along the path. */
final readonly class StripPath
{
    /** Kept free at a cut corner besides half the strip's width. */
    private const CORNER_M = 0.002;

    /** A jumper this short leaves both sides one light: its resistance is left out. */
    public const JUMPER_M = 0.15;

    /** Radius a strip bears out of its plane where its maker says nothing. */
    public const BEND_MM = 20.0;

    /** Off a cut mark by less than this, a fold sits on it. */
    private const ON_MARK_M = 0.0005;

    /**
     * @param  list<array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}>  $corners
     * @param  list<StripPiece>  $pieces
     * @param  float  $summedM  its straights as they were measured, added up
     * @param  list<float>  $straights
     */
    private function __construct(
        public float $pitchM,
        public float $widthM,
        public float $pathM,
        public float $summedM,
        public array $straights,
        public array $corners,
        public array $pieces,
        public string $anchor,
        public bool $isUp,
        public ?float $laidM,
        public ?float $reelM,
    ) {
    }

    public static function of(Fields $f, Light $light): self
    {
        $pitch = $light->strip()->pitchM();
        $width = $light->part->number('width_mm', 10.0) / 1000;
        $anchor = $f->text('anchor', 'start');
        $isUp = $light->fields->text('fit', 'down') === 'up';
        [$straights, $corners] = self::segments($f->objects('segments'));
        $laid = $f->numberOrNull('laid_m');
        $sum = array_sum($straights);
        // Laid dry along the path it is known better than by its parts.
        if ($laid !== null && $laid > 0.0 && $sum > 0.0) {
            $straights = array_map(fn (float $m): float => ($m * $laid) / $sum, $straights);
            $corners = array_map(fn (array $c): array => [...$c, 'at' => ($c['at'] * $laid) / $sum], $corners);
        }
        [$pieces, $corners] = self::cut($straights, $corners, $pitch, $width, $anchor, $isUp);
        $pack = $light->part->object('pack');

        return new self(
            $pitch,
            $width,
            array_sum($straights),
            $sum,
            $straights,
            $corners,
            $pieces,
            $anchor,
            $isUp,
            $laid,
            $pack->text('unit') === 'm' ? $pack->number('size') : null,
        );
    }

    /**
     * Straights one after the other without a corner between them are one.
     *
     * @param  list<Fields>  $segments
     * @return array{list<float>, list<array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}>}
     */
    private static function segments(array $segments): array
    {
        $straights = [0.0];
        $corners = [];
        foreach ($segments as $s) {
            $straights[count($straights) - 1] += $s->number('straight_m');
            if ($s->text('corner') !== '') {
                $corners[] = [
                    'at' => array_sum($straights),
                    'kind' => $s->text('corner'),
                    'deg' => $s->number('deg', 90.0),
                    'shift' => 0.0,
                    'radius_mm' => $s->numberOrNull('radius_mm'),
                ];
                $straights[] = 0.0;
            }
        }

        return [$straights, $corners];
    }

    /**
     * @param  list<float>  $straights
     * @param  list<array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}>  $corners
     * @return array{list<StripPiece>, list<array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}>}
     */
    private static function cut(
        array $straights,
        array $corners,
        float $pitch,
        float $width,
        string $anchor,
        bool $isUp,
    ): array {
        $pieces = [];
        $from = 0.0;
        $light = 0;
        $freeStart = true;
        $edges = [...array_filter($corners, fn (array $c): bool => self::parts($c)), null];
        foreach ($edges as $corner) {
            $to = $corner['at'] ?? array_sum($straights);
            $last = $corner === null;
            $start = $from + ($freeStart ? 0.0 : $width / 2 + self::CORNER_M);
            $room = $to - ($last ? 0.0 : $width / 2 + self::CORNER_M) - $start;
            $units = (int) max(0.0, $isUp && $last ? ceil($room / $pitch - 1e-9) : floor($room / $pitch + 1e-9));
            $gap = $room - $units * $pitch;
            $before = max(0.0, ['end' => $gap, 'middle' => $gap / 2][$anchor] ?? 0.0);
            $pieces[] = new StripPiece($start, $room, $start + $before, $units, $units * $pitch, $gap, $light);
            foreach ($corners as $n => $c) {
                // A fold falls on a cut mark: the nearest one, and how far that is from the corner.
                if (! self::parts($c) && $c['kind'] === 'fold' && $c['at'] > $from && $c['at'] < $to) {
                    $marks = ($c['at'] - $start - $before) / $pitch;
                    $shift = (round($marks) - $marks) * $pitch;
                    $corners[$n]['shift'] = abs($shift) < self::ON_MARK_M ? 0.0 : $shift;
                }
            }
            if ($corner !== null) {
                $light += self::isNewLight($corner, $width) ? 1 : 0;
                $from = $to;
                $freeStart = false;
            }
        }

        return [$pieces, $corners];
    }

    /** @param  array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}  $corner */
    private static function parts(array $corner): bool
    {
        return in_array($corner['kind'], ['jumper', 'new_piece'], true);
    }

    /** @param  array{at: float, kind: string, deg: float, shift: float, radius_mm: float|null}  $corner */
    private static function isNewLight(array $corner, float $width): bool
    {
        return $corner['kind'] === 'new_piece' || self::jumperM($width) > self::JUMPER_M;
    }

    /** Wire of a jumper, per rail: half the width and 10 mm, out and in. */
    public static function jumperM(float $width): float
    {
        return 2 * ($width / 2 + 0.01);
    }

    public function units(): int
    {
        return array_sum(array_map(fn (StripPiece $p): int => $p->units, $this->pieces));
    }

    /** Strip that is used. */
    public function tapeM(): float
    {
        return array_sum(array_map(fn (StripPiece $p): float => $p->cutM, $this->pieces));
    }

    /** Soldered joints it takes besides its feed, a rail each counted once. */
    public function joints(): int
    {
        return 2 * count(array_filter($this->corners, self::parts(...)));
    }

    /**
     * What tells a better way of laying it from a worse one: dark length in sight, then joints, then price.
     *
     * @return array{float, int, float} less is better
     */
    public function order(float $price): array
    {
        return [round($this->darkM() + $this->pastM(), 3), $this->joints(), round($price, 2)];
    }

    /**
     * Metres that each light gets: pieces a jumper joins are one light, a new piece is one of its own.
     *
     * @return list<float>
     */
    public function lightsM(): array
    {
        $all = [];
        foreach ($this->pieces as $piece) {
            $all[$piece->light] = ($all[$piece->light] ?? 0.0) + $piece->cutM;
        }

        return array_values(array_map(fn (float $m): float => round($m, 6), $all));
    }

    /** What stays without light in sight: ends, and where pieces part. */
    public function darkM(): float
    {
        $dark = $this->pathM;
        foreach ($this->pieces as $piece) {
            $dark -= min($piece->cutM, $piece->roomM);
        }

        return max(0.0, $dark);
    }

    /**
     * Dark places along the path.
     *
     * @return list<array{from: float, to: float, where: string}> where: start · end · corner
     */
    public function gaps(): array
    {
        $all = [];
        $at = 0.0;
        foreach ($this->pieces as $n => $piece) {
            if ($piece->units === 0) {
                continue;
            }
            if ($piece->fromM - $at > 1e-6) {
                $all[] = ['from' => $at, 'to' => $piece->fromM, 'where' => $n === 0 ? 'start' : 'corner'];
            }
            $at = $piece->fromM + $piece->cutM;
        }
        if ($this->pathM - $at > 1e-6) {
            $all[] = ['from' => $at, 'to' => $this->pathM, 'where' => 'end'];
        }

        return $all;
    }

    /** So much further than the path goes; 0 where it stays on it. */
    public function pastM(): float
    {
        $last = $this->pieces[count($this->pieces) - 1] ?? null;

        return $last === null ? 0.0 : max(0.0, $last->fromM + $last->cutM - $this->pathM);
    }

    /** What is left of the reel; null where its size is not known. */
    public function leftM(): ?float
    {
        return $this->reelM === null ? null : $this->reelM - $this->tapeM();
    }

    /** Laid dry and summed up they differ: by so much, or 0 within 1 % and 5 mm. */
    public function differsM(): float
    {
        $by = $this->laidM === null ? 0.0 : $this->laidM - $this->summedM;

        return abs($by) > 0.01 * $this->summedM + 0.005 ? $by : 0.0;
    }

    /**
     * Where the path goes in its plane: a point at the start and at each corner, and the end.
     *
     * @return list<array{float, float}>
     */
    public function points(): array
    {
        $points = [[0.0, 0.0]];
        $angle = 0.0;
        [$x, $y] = [0.0, 0.0];
        foreach ($this->straights as $n => $m) {
            $x += $m * cos($angle);
            $y += $m * sin($angle);
            $points[] = [$x, $y];
            $corner = $this->corners[$n] ?? null;
            // A bend leaves the plane it is drawn in: it goes on straight.
            $angle += $corner === null || $corner['kind'] === 'bend' ? 0.0 : deg2rad($corner['deg']);
        }

        return $points;
    }

    /** @return array{float, float, float} x, y and direction, rad, at so many metres along the path */
    public function at(float $m): array
    {
        $points = $this->points();
        $left = $m;
        foreach ($this->straights as $n => $long) {
            [$a, $b] = [$points[$n], $points[$n + 1]];
            $angle = atan2($b[1] - $a[1], $b[0] - $a[0]);
            if ($left <= $long || $n === count($this->straights) - 1) {
                return [$a[0] + $left * cos($angle), $a[1] + $left * sin($angle), $angle];
            }
            $left -= $long;
        }

        return [0.0, 0.0, 0.0];
    }

    /**
     * Middles of the units along the path.
     *
     * @return list<array{m: float, light: int, unit: int}> unit: its place in its light, from 0
     */
    public function places(): array
    {
        $all = [];
        $count = [];
        foreach ($this->pieces as $piece) {
            for ($u = 0; $u < $piece->units; $u++) {
                $n = $count[$piece->light] ?? 0;
                $all[] = [
                    'm' => $piece->fromM + ($u + 0.5) * $this->pitchM,
                    'light' => $piece->light,
                    'unit' => $n,
                ];
                $count[$piece->light] = $n + 1;
            }
        }

        return $all;
    }
}
