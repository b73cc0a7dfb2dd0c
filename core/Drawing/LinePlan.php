<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/**
 * A plain chain in one line: the source at the left edge, what stands in line, the light at its end, and the way back over it, or
 * under it where that is the wire in hand. Only for one light fed at its beginning, by things of two ends, one after the other.
 */
final class LinePlan
{
    private const MOST = 3;

    private const LEFT = 18.0;

    private const COLUMN = 104.0;

    /** What the last wire's size, length and amps need. */
    private const WORDS = 214.0;

    /** A light is never narrower. */
    private const LIGHT = 160.0;

    /** From the line to the return over it, to the brackets under it, and to what stands under these. */
    private const HOME = 58.0;

    private const BRACKET = 42.0;

    private const UNDER = 16.0;

    private readonly Routes $routes;

    /** @var list<Shape> */
    private array $shapes = [];

    /** @param  list<Symbol>  $chain  from the source to the light */
    private function __construct(
        private readonly Sketch $sketch,
        private readonly array $chain,
        private readonly Symbol $light,
        private readonly float $width,
    ) {
        $this->routes = new Routes();
    }

    /** @return array{list<Shape>, float}|null shapes and height; null where the circuit is no plain chain */
    public static function draw(Sketch $sketch, float $width): ?array
    {
        $chain = self::chain($sketch);
        $room = $width - self::LEFT - self::COLUMN * count($chain ?? []) - self::WORDS - 8.0;
        if ($chain === null || count($chain) > self::MOST || $room < self::LIGHT) {
            return null;
        }
        $plan = new self($sketch, $chain, $sketch->scheme->lights[0], $width);

        return $plan->lay();
    }

    /** @return list<Symbol>|null what stands between the source and the light, one after the other */
    private static function chain(Sketch $sketch): ?array
    {
        $light = count($sketch->scheme->lights) === 1 ? $sketch->scheme->lights[0] : null;
        if ($light === null || count($light->left) !== 1 || count($light->right) !== 1) {
            return null;
        }
        [[$pin, $to]] = $light->left;
        if (preg_match('/\.u([1-9]\d*)\./', $pin) === 1) {
            return null;
        }
        $nets = $sketch->scheme->nets;
        $left = [];
        foreach ($sketch->scheme->symbols as $symbol) {
            $plain = ! $symbol->back && $symbol->tie === '' && count($symbol->left) === 1 && count($symbol->right) === 1;
            if (! $plain || isset($left[$symbol->right[0][1]])) {
                return null;
            }
            $left[$symbol->right[0][1]] = $symbol;
        }
        $chain = [];
        while (isset($left[$to]) && count($chain) < count($left)) {
            array_unshift($chain, $left[$to]);
            $to = $left[$to]->left[0][1];
        }

        return count($chain) === count($left) &&
            $nets[$to]->class === 'source' &&
            $nets[$light->right[0][1]]->class === 'return'
            ? $chain
            : null;
    }

    /** @return array{list<Shape>, float} */
    private function lay(): array
    {
        [[$homePin, $home]] = $this->light->right;
        $opened = $this->end($this->sketch->opened);
        $under = $opened !== '' && $this->sketch->scheme->net($opened) === $home;
        $more = max([
            0.0,
            ...array_map(fn (Symbol $s): float => SymbolShapes::more($this->sketch, $s, self::COLUMN), $this->chain),
        ]);
        $y = $under ? 42.0 + $more : 28.0 + self::HOME + $more;
        $x0 = self::LEFT + self::COLUMN * count($this->chain) + self::WORDS;
        $x1 = $this->width - 8.0;
        $brackets = $this->sketch->sections !== [];
        $figures = new LightFigures(
            $this->sketch,
            $this->sketch->analysis->build->lights[$this->light->part],
            $y + LightBand::HEIGHT / 2 + ($brackets ? self::BRACKET - 14.0 + self::UNDER : 0.0),
            true,
        );
        $this->feed($y, $x0);
        $bottom = $figures->bottom();
        $homeX = $this->homeX($homePin, $x0, $x1);
        $homeY = $under ? $bottom + 22.0 : 28.0;
        $edge = $under ? $y + LightBand::HEIGHT / 2 : $y - LightBand::HEIGHT / 2;
        $this->routes->line($home, $homeX, $edge, $homeX, $homeY);
        $this->routes->line($home, 0.0, $homeY, $homeX, $homeY);
        $this->routes->end($home, $homeX, $edge, $this->sketch->into($this->light, $homePin, false));
        $this->routes->end($home, 0.0, $homeY, null);
        $first = $under || $this->chain === [];
        $this->shapes[] = Shape::text(
            Shape::cut(Wiring::endWords($this->sketch, $home, false), 0.5 * $this->width),
            $first ? 26.0 : $x0 - self::WORDS / 2,
            $homeY - 9.0,
            'label',
            $first ? 'start' : 'middle',
            $this->sketch->scheme->nets[$home]->end,
        );
        $light = $this->sketch->analysis->build->lights[$this->light->part];
        array_push(
            $this->shapes,
            ...LightRow::shapes(
                $light,
                $this->sketch->state->lights[$light->id] ?? [],
                $x0,
                $y - LightBand::HEIGHT / 2,
                $x1 - $x0,
                LightBand::HEIGHT,
            ),
            ...$figures->shapes($x0, $x1, $under ? [$homeX] : []),
            ...$brackets ? $this->brackets($y + self::BRACKET, $x0, $x1, $under ? $homeX : null) : [],
        );
        array_unshift($this->shapes, ...Wiring::shapes($this->sketch, $this->routes));

        return [$this->shapes, ($under ? $homeY : $bottom) + 12.0];
    }

    /** A pin of that core. */
    private function end(string $core): string
    {
        foreach ($this->sketch->analysis->harness->wires as $wire) {
            if ("{$wire->lead}.{$wire->core}" === $core) {
                return $wire->from;
            }
        }

        return '';
    }

    /** A strip goes home at its cut mark; what has no marks at its far end. */
    private function homeX(string $pin, float $x0, float $x1): float
    {
        $light = $this->sketch->analysis->build->lights[$this->light->part];
        $marked = $light->kind === 'strip' && preg_match('/\.u(\d+)\./', $pin, $m) === 1;
        $share = $marked ? (int) $m[1] / max(1, $light->fit()->units) : 1.0;

        return min(max($x0 + $share * ($x1 - $x0), $x0 + 8.0), $x1 - 8.0);
    }

    private function feed(float $y, float $x0): void
    {
        $x = 0.0;
        [[$lit, $last]] = $this->light->left;
        $first = $this->chain === [] ? $last : $this->chain[0]->left[0][1];
        $this->routes->end($first, 0.0, $y, null);
        foreach ($this->chain as $n => $symbol) {
            $cx = self::LEFT + self::COLUMN * ($n + 0.5);
            foreach ([[$symbol->left, -1], [$symbol->right, 1]] as [[[$pin, $net]], $side]) {
                $this->routes->end($net, $cx + $side * 25.0, $y, $this->sketch->into($symbol, $pin, $side < 0));
            }
            $this->routes->line($symbol->left[0][1], $x, $y, $cx - 25.0, $y);
            array_push($this->shapes, ...SymbolShapes::lying($this->sketch, $symbol, $cx, [$y], 25.0, self::COLUMN));
            $x = $cx + 25.0;
        }
        $this->routes->line($last, $x, $y, $x0, $y);
        $this->routes->end($last, $x0, $y, $this->sketch->into($this->light, $lit, true));
        $lead = $this->sketch->lead($lit);
        if ($lead !== null) {
            $pin = $this->sketch->pin($lead[0]);
            $from = $x0 - self::WORDS + 6.0;
            $this->shapes[] = Shape::text(
                Shape::cut($lead[1], self::WORDS - ($pin === null ? 12.0 : 38.0)),
                $from + ($pin === null ? 0.0 : 28.0),
                $y - 18.0,
                'label',
                'start',
                $lead[0],
            );
            if ($pin !== null) {
                $this->shapes[] = Shape::pin($pin[0], $from, $y - 37.0, $pin[1], $lead[0]);
            }
        }
    }

    /**
     * @param  float|null  $crossed  x of a wire that comes down between them
     * @return list<Shape>
     */
    private function brackets(float $y, float $x0, float $x1, ?float $crossed): array
    {
        $spans = [];
        foreach ($this->chain as $n => $symbol) {
            $section = $this->sketch->sections[$symbol->part] ?? null;
            if ($section !== null) {
                $from = self::LEFT + self::COLUMN * $n;
                $spans[$section] = [min($spans[$section][0] ?? $from, $from), $from + self::COLUMN];
            }
        }
        $spans['runs'] ??= [$x0 - self::WORDS, $x0];
        $spans['runs'][1] = $x0;
        $spans['lights'] = $crossed === null ? [$x0, $x1] : [$x0, min($crossed - 6.0, $x1)];
        $shapes = [];
        foreach ($spans as $section => [$from, $to]) {
            if ($to - $from > 40.0) {
                $shapes[] = Shape::bracket(
                    $section,
                    Brackets::WORDS[$section] ?? '',
                    $from + 4.0,
                    $y,
                    $to - $from - 8.0,
                );
            }
        }

        return $shapes;
    }
}
