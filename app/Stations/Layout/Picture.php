<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Layout\Outline;
use BenchGlow\Layout\StripPath;
use BenchGlow\Layout\StripPiece;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** The picture of a layout: everything in px of a drawing 724 wide, seen from the front or from the back. */
final class Picture
{
    public const W = 724;

    private const MOST_H = 300.0;

    /** Room for the rule, dimension lines and words around the piece. */
    private const AROUND = ['strip_path' => [26, 34, 26, 60], 'panel' => [8, 8, 8, 34], 'footprint' => [8, 20, 8, 10]];

    /** A limb of the folding rule, m, or of a rule in feet: half a foot. */
    private const LIMB = ['metric' => 0.2, 'imperial' => 0.1524];

    /** Limbs narrower than this carry no number. */
    private const NUMBERED = 44.0;

    /** A dimension shorter than its field is typed in the rows below. */
    private const FIELD_W = 108.0;

    private float $k = 1.0;

    private float $left = 0.0;

    private float $top = 0.0;

    /** @var array{float, float, float, float} */
    private array $box;

    public readonly Outline $face;

    public function __construct(private readonly LayoutPage $page)
    {
        $this->face = $this->faceOf();
        $this->box = $this->face->bounds();
        [$l, $t, $r, $b] = self::AROUND[$page->laid->kind ?? ''] ?? [10, 14, 10, 46];
        [$w, $h] = [max(1e-6, $this->box[2] - $this->box[0]), max(1e-6, $this->box[3] - $this->box[1])];
        $this->k = min((self::W - $l - $r) / $w, self::MOST_H / $h);
        $this->left = $l + (self::W - $l - $r - $w * $this->k) / 2;
        $this->top = $t;
        $this->bottom = (float) $b;
    }

    private float $bottom;

    private function faceOf(): Outline
    {
        $laid = $this->page->laid;
        $lit = $this->page->lit();
        $row = $this->page->row();

        return match (true) {
            $lit !== null => $lit->outline,
            $row !== null => Outline::rectangle(
                max(0.01, $row->lengthMm / 1000),
                max(0.012, max(20.0, $row->widthMm) / 1000),
            ),
            $laid !== null && in_array($laid->kind, ['panel', 'piece'], true) => $laid->outline(),
            $this->page->path() !== null => self::around($this->page->path()),
            default => Outline::rectangle(1.0, 0.2),
        };
    }

    private static function around(StripPath $path): Outline
    {
        $points = $path->points();
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $w = max([0.1, ...$xs]) - min([0.0, ...$xs]) + 0.12;
        $h = max([0.0, ...$ys]) - min([0.0, ...$ys]) + 0.12;

        return Outline::rectangle($w, $h)->moved(min([0.0, ...$xs]) - 0.06, min([0.0, ...$ys]) - 0.06);
    }

    public function height(): int
    {
        return (int) ceil($this->top + ($this->box[3] - $this->box[1]) * $this->k + $this->bottom);
    }

    /** Lower edge of the piece. */
    public function under(): float
    {
        return round($this->top + ($this->box[3] - $this->box[1]) * $this->k, 1);
    }

    public function x(float $m): float
    {
        $x = $this->page->isBack() ? $this->box[2] - $m : $m - $this->box[0];

        return round($this->left + $x * $this->k, 1);
    }

    public function y(float $m): float
    {
        return round($this->top + ($m - $this->box[1]) * $this->k, 1);
    }

    public function px(float $m): float
    {
        return round($m * $this->k, 1);
    }

    /** mm of the piece for a px of the drawing, and where its upper left is: for the tip that is put by hand. */
    public function scale(): string
    {
        return implode(' ', [
            round(1000 / $this->k, 4),
            round(1000 * $this->box[0] - (1000 * $this->left) / $this->k, 3),
            round(1000 * $this->box[1] - (1000 * $this->top) / $this->k, 3),
            $this->page->isBack() ? round(1000 * ($this->box[0] + $this->box[2]), 3) : 0,
        ]);
    }

    public function outline(): string
    {
        $d = '';
        foreach ($this->face->contours as $contour) {
            foreach ($contour as $i => [$x, $y]) {
                $d .= ($i === 0 ? 'M' : 'L').$this->x($x).' '.$this->y($y);
            }
            $d .= 'Z';
        }

        return $d;
    }

    /** @return list<array{d: string, share: string, x: float, y: float}> */
    public function contours(): array
    {
        $all = [];
        foreach ($this->page->glow()->contours ?? [] as $contour) {
            $d = '';
            foreach ($contour['lines'] as $line) {
                foreach ($line as $i => [$x, $y]) {
                    $d .= ($i === 0 ? 'M' : 'L').$this->x($x).' '.$this->y($y);
                }
            }
            $all[] = [
                'd' => $d,
                'share' => ltrim(Shown::plain($contour['share'], 1), '0'),
                'x' => $this->x($contour['at'][0]),
                'y' => $this->y($contour['at'][1]),
            ];
        }

        // Two labels never stand on each other.
        $kept = [];
        foreach ($all as $one) {
            $near = array_filter($kept, fn (array $k): bool => hypot($k['x'] - $one['x'], $k['y'] - $one['y']) < 34);
            $kept[] = $near === [] ? $one : [...$one, 'share' => ''];
        }

        return $kept;
    }

    /**
     * Units of a strip where they lie, or lamps and LEDs.
     *
     * @return list<array{x: float, y: float, turn: float, w: float, h: float, fill: string, lit: bool}>
     */
    public function pads(): array
    {
        $laid = $this->page->laid;
        $path = $this->page->path();
        $all = [];
        if ($path !== null && $laid !== null) {
            $w = max(1.6, min(9.0, 0.55 * $path->pitchM * $this->k));
            foreach ($path->places() as $place) {
                [$x, $y, $a] = $path->at($place['m']);
                $light = $laid->lights[$place['light']] ?? null;
                $all[] = $this->pad($x, $y, $a, $w, max(3.0, min(8.0, $w * 1.1)), $light->id ?? '', $place['unit']);
            }

            return $all;
        }
        if ($laid === null) {
            return [];
        }
        $next = [];
        foreach ($laid->seats() as $seat) {
            $light = $laid->lightOf($seat->row);
            $n = $next[$light->id ?? ''] = ($next[$light->id ?? ''] ?? -1) + 1;
            $wide = $light?->kind === 'strip' ? max(2.0, min(10.0, 0.5 * $light->strip()->pitchM() * $this->k)) : 6.0;
            $all[] = $this->pad($seat->x, $seat->y, 0.0, $wide, min(6.0, $wide), $light->id ?? '', $n);
        }
        foreach ($laid->kind === 'footprint' ? $this->page->lit()->lamps ?? [] : [] as $n => $lamp) {
            $all[] = $this->pad($lamp->x, $lamp->y, 0.0, 9.0, 9.0, $laid->light()->id ?? '', $n);
        }

        return $all;
    }

    /** @return array{x: float, y: float, turn: float, w: float, h: float, fill: string, lit: bool} */
    private function pad(float $x, float $y, float $angle, float $w, float $h, string $light, int $n): array
    {
        $parts = [];
        foreach ($this->page->isDry() ? [] : $this->page->state()->lights[$light] ?? [] as $emitter) {
            if ($emitter->flux !== []) {
                $flux = $emitter->flux[min($n, count($emitter->flux) - 1)];
                $parts[$emitter->colour] = ($parts[$emitter->colour] ?? 0.0) + $flux;
            }
        }
        $lit = array_sum($parts) > 0.002;

        return [
            'x' => $this->x($x),
            'y' => $this->y($y),
            'turn' => round(rad2deg($this->page->isBack() ? -$angle : $angle), 1),
            'w' => round($w, 1),
            'h' => round($h, 1),
            'fill' => $lit ? Seen::hex(array_map(fn (float $f): float => Seen::share($f), $parts)) : '#6f7b7e',
            'lit' => $lit,
        ];
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
            $all[] = ['d' => $d, 'wide' => round(max(10.0, min(16.0, 1.6 * $path->widthM * $this->k)), 1)];
        }

        return $all;
    }

    /** @return list<string> what is on the bench, while another arrangement is looked at */
    public function before(): array
    {
        $laid = $this->page->before;
        $all = [];
        $path = $laid?->path();
        foreach ($path->pieces ?? [] as $piece) {
            if ($path === null || $piece->units === 0) {
                continue;
            }
            $all[] = $this->along($path, $piece);
        }
        foreach ($laid?->kind === 'panel' ? $laid->seats() : [] as $seat) {
            [$x, $y] = [$this->x($seat->x), $this->y($seat->y)];
            $all[] = 'M'.($x - 4)." {$y}h8";
        }

        return $all;
    }

    /** The line of a piece, from its first unit to its last, round the corners it is folded at. */
    private function along(StripPath $path, StripPiece $piece): string
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
            $d .= ($i === 0 ? 'M' : 'L').$this->x($x).' '.$this->y($y);
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
                'd' => 'M'.$this->x($x).' '.$this->y($y).'L'.$this->x($u).' '.$this->y($v),
                'words' => 'dark '.$this->page->short($gap['to'] - $gap['from']),
                'x' => $this->x($u),
                'y' => $this->y($v),
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
                $aside = -(14.0 + ($n % 2) * 3.0) / $this->k;
                $end = $from + $m + $part;
                $number =
                    abs(fmod($end + 1e-6, $limb)) < 1e-3 && $part * $this->k >= self::NUMBERED
                        ? Shown::plain($inches ? $end / 0.0254 : 100 * $end, 0)
                        : '';
                $all[] = [
                    'x' => $this->x($x - $aside * sin($a)),
                    'y' => $this->y($y + $aside * cos($a)),
                    'turn' => round(rad2deg($this->page->isBack() ? M_PI - $a : $a), 1),
                    'w' => $this->px($part),
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
            $x0 = $this->x($a[0]);
            $x1 = $this->x($b[0]);
            [$y0, $y1] = [$this->y($a[1]), $this->y($b[1])];
            $aside = $level ? $this->y($this->clear(($a[0] + $b[0]) / 2, $a[1])) + 20.0 : max($x0, $x1) - 62.0;
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
        $step = max(0.002, $this->face->height() / 100);
        for ($at = $y; $at < $this->box[3] && $this->face->contains($x, $at); $at += $step);

        return min($at, $this->box[3]);
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
                'x' => $this->x($x),
                'y' => $this->y($y),
                'n' => $n,
                'kind' => $segment->text('corner'),
                'url' => $this->page->frame->url(['corner' => $open ? null : (string) $n]),
                'open' => $open,
            ];
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, r: float, n: int, words: string, legs: string}> holes of a row */
    public function holes(): array
    {
        $row = $this->page->row();
        $all = [];
        foreach ($row?->seen(false) ?? [] as $i => $hole) {
            $seen = $row?->seen($this->page->isBack())[$i];
            $all[] = [
                'x' => $this->x($hole['x'] / 1000),
                'y' => $this->y(($hole['y'] > 0.0 ? $hole['y'] : 10.0) / 1000),
                'r' => max(2.5, $this->px(($row->drillMm ?? 5.0) / 2000)),
                'n' => $hole['n'],
                'words' => $seen !== null && $seen['bridge'] ? 'bridge' : '',
                'legs' => $this->page->isBack() ? '− + '.$hole['string'] : '',
            ];
        }

        return $all;
    }

    /** @return list<array{x: float, y: float, n: int, kind: string, r: float, here: bool, url: string}> marks of a piece */
    public function marks(): array
    {
        $piece = $this->page->piece();
        $all = [];
        foreach ($piece->marks ?? [] as $n => $mark) {
            if ($piece === null) {
                continue;
            }
            $all[] = [
                'x' => $this->x($piece->leftM($mark)),
                'y' => $this->y($mark->atM[1]),
                'n' => $n + 1,
                'kind' => $mark->kind,
                'r' => max(4.0, $this->px(($mark->drillMm ?? 5.0) / 2000)),
                'here' => $this->page->frame->own('mark') === $mark->id,
                'url' => $this->page->frame->url(['mark' => $mark->id]),
            ];
        }

        return $all;
    }
}
