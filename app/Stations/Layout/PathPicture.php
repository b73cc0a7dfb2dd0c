<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Layout\StripPath;
use BenchGlow\Layout\StripPiece;
use BenchGlow\Quantity\Shown;

/** A strip along its path in the picture: band, folding rule, dark places, sizes, corners. */
final readonly class PathPicture
{
    /** A limb of the folding rule, m, or of a rule in feet: half a foot. */
    private const LIMB = ['metric' => 0.2, 'imperial' => 0.1524];

    /** Limbs narrower than this carry no number. */
    private const NUMBERED = 44.0;

    /** A dimension shorter than its field is typed in the rows below. */
    private const FIELD_W = 108.0;

    public function __construct(private LayoutPage $page, private Picture $on)
    {
    }

    /** @return list<array{d: string, wide: float}> the strip's own band, piece by piece */
    public function bands(): array
    {
        $path = $this->page->path();
        $all = [];
        foreach ($path->pieces ?? [] as $piece) {
            if ($path === null || $piece->units === 0) {
                continue;
            }
            $d = $this->along($path, $piece);
            $all[] = ['d' => $d, 'wide' => round(max(10.0, min(16.0, 1.6 * $path->widthM * $this->on->k())), 1)];
        }

        return $all;
    }

    /** The line of a piece, from its first unit to its last, round the corners it is folded at. */
    public function along(StripPath $path, StripPiece $piece): string
    {
        $stops = [$piece->fromM, $piece->fromM + $piece->cutM];
        foreach ($path->corners as $corner) {
            if ($corner['at'] > $piece->fromM && $corner['at'] < $piece->fromM + $piece->cutM) {
                $stops[] = $corner['at'];
            }
        }
        sort($stops);
        $d = '';
        foreach ($stops as $i => $m) {
            [$x, $y] = $path->at($m);
            $d .= ($i === 0 ? 'M' : 'L').$this->on->x($x).' '.$this->on->y($y);
        }

        return $d;
    }

    /** @return list<array{d: string, words: string, x: float, y: float}> places that stay dark */
    public function gaps(): array
    {
        $path = $this->page->path();
        $all = [];
        foreach ($path?->gaps() ?? [] as $gap) {
            if ($path === null || $gap['to'] - $gap['from'] < 0.004) {
                continue;
            }
            [$x, $y] = $path->at($gap['from']);
            [$u, $v] = $path->at($gap['to']);
            $all[] = [
                'd' => 'M'.$this->on->x($x).' '.$this->on->y($y).'L'.$this->on->x($u).' '.$this->on->y($v),
                'words' => 'dark '.$this->page->short($gap['to'] - $gap['from']),
                'x' => $this->on->x($u),
                'y' => $this->on->y($v),
            ];
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, turn: float, w: float, number: string}> limbs of the folding rule along the path */
    public function limbs(): array
    {
        $path = $this->page->path();
        if ($path === null) {
            return [];
        }
        $inches = $this->page->frame->preference->units === 'imperial';
        $limb = self::LIMB[$inches ? 'imperial' : 'metric'];
        $all = [];
        $from = 0.0;
        $n = 0;
        foreach ($path->straights as $s => $long) {
            for ($m = 0.0; $m < $long - 1e-6; $m += $part) {
                $part = min($limb - fmod($from + $m, $limb) + 1e-9, $long - $m);
                [$x, $y, $a] = self::onStraight($path, $s, $m);
                $aside = -(14.0 + ($n % 2) * 3.0) / $this->on->k();
                $end = $from + $m + $part;
                $number =
                    abs(fmod($end + 1e-6, $limb)) < 1e-3 && $part * $this->on->k() >= self::NUMBERED
                        ? Shown::plain($inches ? $end / 0.0254 : 100 * $end, 0)
                        : '';
                $all[] = [
                    'x' => $this->on->x($x - $aside * sin($a)),
                    'y' => $this->on->y($y + $aside * cos($a)),
                    'turn' => round(rad2deg($this->page->isBack() ? M_PI - $a : $a), 1),
                    'w' => $this->on->px($part),
                    'number' => $number,
                ];
                $n++;
            }
            $from += $long;
        }

        return $all;
    }

    /** @return array{float, float, float} */
    private static function onStraight(StripPath $path, int $s, float $m): array
    {
        $points = $path->points();
        [$a, $b] = [$points[$s], $points[$s + 1]];
        $angle = atan2($b[1] - $a[1], $b[0] - $a[0]);

        return [$a[0] + $m * cos($angle), $a[1] + $m * sin($angle), $angle];
    }

    /**
     * Dimension lines of the straights, each with its field where that finds room.
     *
     * @return list<array{d: string, x: float, y: float, n: int, m: float, room: bool}>
     */
    public function sizes(): array
    {
        $path = $this->page->path();
        if ($path === null) {
            return [];
        }
        $points = $path->points();
        $all = [];
        foreach ($this->straights() as $s => $n) {
            $long = $path->straights[$s] ?? 0.0;
            if ($long <= 0.0) {
                continue;
            }
            [$a, $b] = [$points[$s], $points[$s + 1]];
            $level = abs($b[0] - $a[0]) >= abs($b[1] - $a[1]);
            $x0 = $this->on->x($a[0]);
            $x1 = $this->on->x($b[0]);
            [$y0, $y1] = [$this->on->y($a[1]), $this->on->y($b[1])];
            $aside = $level ? $this->on->y($this->clear(($a[0] + $b[0]) / 2, $a[1])) + 20.0 : max($x0, $x1) - 62.0;
            $all[] = [
                'd' => $level
                    ? "M{$x0} {$aside}H{$x1}M{$x0} ".($aside - 6).'v12M'."{$x1} ".($aside - 6).'v12'
                    : "M{$aside} {$y0}V{$y1}M".($aside - 6)." {$y0}h12M".($aside - 6)." {$y1}h12",
                'x' => $level ? ($x0 + $x1) / 2 : $aside,
                'y' => $level ? $aside : round($y0 + 0.62 * ($y1 - $y0), 1),
                'n' => $n,
                'm' => $path->straights[$s],
                'room' => $level ? abs($x1 - $x0) > self::FIELD_W : abs($y1 - $y0) > 56.0,
            ];
        }

        return $all;
    }

    /** Below a point, where the face ends. */
    private function clear(float $x, float $y): float
    {
        $step = max(0.002, $this->on->face->height() / 100);
        for ($at = $y; $at < $this->on->foot() && $this->on->face->contains($x, $at); $at += $step);

        return min($at, $this->on->foot());
    }

    /** @return array<int, int> number of the straight => its place among the segments, where it is one segment */
    private function straights(): array
    {
        $all = [];
        $s = 0;
        foreach ($this->page->laid?->fields->objects('segments') ?? [] as $n => $segment) {
            if ($segment->has('straight_m')) {
                $all[$s] ??= $n;
            }
            $s += $segment->text('corner') !== '' ? 1 : 0;
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, n: int, kind: string, url: string, open: bool}> corners that open */
    public function corners(): array
    {
        $path = $this->page->path();
        $all = [];
        $c = 0;
        foreach ($this->page->laid?->fields->objects('segments') ?? [] as $n => $segment) {
            if ($segment->text('corner') === '' || $path === null) {
                continue;
            }
            [$x, $y] = $path->points()[++$c];
            $open = $this->page->frame->own('corner') === (string) $n;
            $all[] = [
                'x' => $this->on->x($x),
                'y' => $this->on->y($y),
                'n' => $n,
                'kind' => $segment->text('corner'),
                'url' => $this->page->frame->url(['corner' => $open ? null : (string) $n]),
                'open' => $open,
            ];
        }

        return $all;
    }
}
