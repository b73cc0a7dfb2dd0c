<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Layout\Outline;
use BenchGlow\Layout\Seat;
use BenchGlow\Layout\StripPath;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** The picture of a layout: everything in px of a drawing 724 wide, seen from the front or from the back. */
final class Picture
{
    public const W = 724;

    private const MOST_H = 300.0;

    /** Room for the rule, dimension lines and words around the piece. */
    private const AROUND = ['strip_path' => [26, 34, 26, 60], 'panel' => [8, 8, 8, 34], 'footprint' => [8, 20, 8, 10]];

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
        $this->strip = new PathPicture($page, $this);
    }

    /** The strip, its rule, its corners and sizes, where it is a path that is seen. */
    public readonly PathPicture $strip;

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

    /** px per metre. */
    public function k(): float
    {
        return $this->k;
    }

    /** Greatest y of the face, m. */
    public function foot(): float
    {
        return $this->box[3];
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
        return $this->drawn($this->face);
    }

    /** The line inside which sources may sit; empty for what has none. */
    public function margin(): string
    {
        $laid = $this->page->laid;
        if ($laid?->kind !== 'panel' || $this->page->isLit()) {
            return '';
        }
        $margin = $laid->fields->number('edge_margin_m', Seat::MARGIN_M);

        return $margin > 0.0 ? $this->drawn($this->face->offset(-$margin)) : '';
    }

    /**
     * Who looks, at the place of the eye; at the edge of the drawing where that is further away.
     *
     * @return list<array{x: float, y: float, n: int, words: string}>
     */
    public function eyes(): array
    {
        $all = [];
        foreach ($this->page->viewers() as $n => $viewer) {
            $all[] = [
                'x' => max(20.0, min(self::W - 20.0, $this->x($viewer->x))),
                'y' => max(14.0, min($this->height() - 14.0, $this->y($viewer->y))),
                'n' => $n + 1,
                'words' => $viewer->inSight ? 'bare source in sight' : 'nothing bare in sight',
            ];
        }

        return $all;
    }

    /** @return list<array{x: float, w: float}> what stands in the way of the light, along the path */
    public function inTheWay(): array
    {
        $all = [];
        foreach ($this->page->laid?->fields->objects('shadows') ?? [] as $shadow) {
            $ends = [$this->x($shadow->number('from_m')), $this->x($shadow->number('to_m'))];
            $all[] = ['x' => min($ends), 'w' => round(abs($ends[1] - $ends[0]), 1)];
        }

        return $all;
    }

    private function drawn(Outline $outline): string
    {
        $d = '';
        foreach ($outline->contours as $contour) {
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
        $taken = array_map(fn (array $e): array => ['x' => $e['x'], 'y' => $e['y']], $this->eyes());
        foreach ($all as $one) {
            $near = array_filter(
                [...$kept, ...$taken],
                fn (array $k): bool => hypot($k['x'] - $one['x'], $k['y'] - $one['y']) < 34,
            );
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
            $all[] = $this->strip->along($path, $piece);
        }
        foreach ($laid?->kind === 'panel' ? $laid->seats() : [] as $seat) {
            [$x, $y] = [$this->x($seat->x), $this->y($seat->y)];
            $all[] = 'M'.($x - 4)." {$y}h8";
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

    /** @return list<array{x: float, y: float, n: int, kind: string, r: float, way: int, here: bool, url: string}> marks of a piece */
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
                // Mm from the datum for a mm to the right.
                'way' => ($piece->datum === 'right' ? -1 : 1) * ($this->page->isBack() ? -1 : 1),
                'here' => $this->page->frame->own('mark') === $mark->id,
                'url' => $this->page->frame->url(['mark' => $mark->id]),
            ];
        }

        return $all;
    }
}
