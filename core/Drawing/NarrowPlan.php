<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Quantity\Extreme;

/**
 * The circuit from top to bottom: one symbol per row of 72 px in lanes side by side, its words to the right of all lanes, the
 * return as a spine at the left edge, lights full width below.
 */
final class NarrowPlan
{
    private const ROW = 72.0;

    private const TRACK = 8.0;

    private const SPINE = 9.0;

    private readonly Routes $routes;

    private Grid $feed;

    private Grid $back;

    /** @var list<LightBand> */
    private array $bands = [];

    /** @var array<string, array<int, float>> grid => column => y of its middle */
    private array $columnY = ['feed' => [], 'back' => []];

    /** @var array<string, array<int, array<int, float>>> grid => channel => net => y of its track */
    private array $trackY = ['feed' => [], 'back' => []];

    /** @var array<string, array<int, float>> grid => channel => y of its middle */
    private array $channelY = ['feed' => [], 'back' => []];

    /** @var array<string, array<int, float>> grid => row => x */
    private array $laneX = ['feed' => [], 'back' => []];

    /** @var array<int, float> net => x of its spine at the left */
    private array $leftX = [];

    /** @var array<int, float> net => x in the gutter at the right */
    private array $rightX = [];

    /** Where the words right of the lanes begin. */
    private float $lanes = 0.0;

    /** Where the names of the sources begin. */
    private float $text = 0.0;

    private float $height = 0.0;

    /** @var list<Shape> */
    private array $shapes = [];

    private function __construct(private readonly Sketch $sketch, private readonly float $width)
    {
        $this->routes = new Routes();
        [$this->feed, $this->back] = Wiring::grids($sketch->scheme, null);
    }

    /** @return array{list<Shape>, float} shapes and height */
    public static function draw(Sketch $sketch, float $width): array
    {
        $plan = new self($sketch, $width);
        $plan->lanes();
        $y = $plan->stack('feed', $plan->heading());
        $captioned = [];
        foreach ($sketch->scheme->lights as $light) {
            $band = new LightBand($sketch, $light, $y, $captioned, true);
            $plan->bands[] = $band;
            $y = $band->bottom;
        }
        $y = $plan->stack('back', $y);
        $plan->height = $y + 10.0;
        $plan->wire();
        $plan->symbols();
        array_unshift($plan->shapes, ...Wiring::shapes($sketch, $plan->routes));

        return [$plan->shapes, $plan->height];
    }

    /** Names of the sources over their entries; gives the y where the circuit begins. */
    private function heading(): float
    {
        $y = 4.0;
        foreach ($this->sketch->scheme->nets as $net) {
            if ($net->class === 'source' && (isset($this->feed->points[$net->id]) || $this->lit($net->id))) {
                $y += 20.0;
                $label = $this->sketch->analysis->build->label($net->end);
                $this->shapes[] = Shape::text(
                    Shape::cut("from {$label}", $this->width - 120.0 - $this->text),
                    $this->text,
                    $y,
                    'label',
                    'start',
                    $net->end,
                );
            }
        }

        return $y + 14.0;
    }

    private function lit(int $net): bool
    {
        return array_filter($this->sketch->scheme->lights, fn (Symbol $l): bool => in_array($net, $l->nets(), true)) !==
            [];
    }

    private function grid(string $name): Grid
    {
        return $name === 'feed' ? $this->feed : $this->back;
    }

    private function lanes(): void
    {
        $spines = count(
            array_filter(
                $this->sketch->scheme->nets,
                fn (Net $n): bool => ($n->class === 'return' &&
                    ($this->lit($n->id) || isset($this->back->points[$n->id]))) ||
                    ($n->class === 'source' && $this->lit($n->id) && ! isset($this->feed->points[$n->id])),
            ),
        );
        $x0 = 22.0 + self::SPINE * max(1, $spines);
        $this->text = $x0 + 14.0;
        $most = max(count($this->feed->rows()), count($this->back->rows()), 1);
        $pitch = min(34.0, (0.48 * $this->width) / $most);
        foreach (['feed', 'back'] as $name) {
            foreach ($this->grid($name)->rows() as $n => $row) {
                $this->laneX[$name][$row] = $x0 + $pitch / 2 + $pitch * $n;
            }
        }
        $this->lanes = $x0 + $pitch * $most + 16.0;
    }

    /** Channels and columns of a grid one below the other, the lights' side toward the lights; gives the y below it. */
    private function stack(string $name, float $y): float
    {
        $grid = $this->grid($name);
        if ($grid->cells === [] && $grid->points === []) {
            return $y;
        }
        $order = range(0, $grid->columns);
        foreach ($name === 'feed' ? $order : array_reverse($order) as $n => $channel) {
            if ($n > 0) {
                $column = $name === 'feed' ? $channel - 1 : $channel;
                $this->columnY[$name][$column] = $y + self::ROW / 2;
                $y += self::ROW;
            }
            $spans = [];
            foreach ($grid->points as $net => $channels) {
                $xs = array_map(fn (int $r): float => $this->laneX[$name][$r], array_keys($channels[$channel] ?? []));
                if ($xs === []) {
                    continue;
                }
                // At the lights' end a net runs on to the gutter at the right, a return to its spine at the left.
                $outward = $channel === $grid->columns && $this->goesOut($net);
                $home = $channel === 0 && $name === 'back';
                if (count($xs) > 1 || $outward || $home) {
                    $spans[$net] = [$home ? 0.0 : min($xs), $outward ? $this->width : max($xs)];
                }
            }
            $tracks = Tracks::of($spans);
            foreach ($tracks as $net => $t) {
                $this->trackY[$name][$channel][$net] = $y + 5.0 + self::TRACK * $t;
            }
            $h = $tracks === [] ? 2.0 : 10.0 + self::TRACK * (1 + max($tracks));
            $this->channelY[$name][$channel] = $y + $h / 2;
            $y += $h;
        }

        return $y;
    }

    /** The net meets a light or the other grid. */
    private function goesOut(int $net): bool
    {
        return $this->sketch->scheme->nets[$net]->class !== 'return' &&
            ($this->lit($net) || (isset($this->feed->points[$net]) && isset($this->back->points[$net])));
    }

    private function y(string $name, int $channel, int $net): float
    {
        return $this->trackY[$name][$channel][$net] ?? $this->channelY[$name][$channel];
    }

    private function wire(): void
    {
        $this->gutters();
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->points as $net => $channels) {
                foreach ($channels as $channel => $rows) {
                    $y = $this->y($name, $channel, $net);
                    $xs = array_map(fn (int $r): float => $this->laneX[$name][$r], array_keys($rows));
                    if ($channel === $grid->columns && isset($this->rightX[$net])) {
                        $xs[] = $this->rightX[$net];
                    }
                    if ($channel === 0 && $name === 'back' && isset($this->leftX[$net])) {
                        $xs[] = $this->leftX[$net];
                    }
                    $this->routes->across($net, $y, $xs);
                    if ($channel === 0 && $name === 'feed' && $this->sketch->scheme->nets[$net]->class === 'source') {
                        $x = Extreme::least($xs);
                        $this->routes->line($net, $x, $this->top(), $x, $y);
                        $this->routes->end($net, $x, $this->top(), null);
                    }
                }
            }
            foreach ($grid->passes as [$net, $row, $from, $to]) {
                $x = $this->laneX[$name][$row];
                $this->routes->line($net, $x, $this->y($name, $from, $net), $x, $this->y($name, $to, $net));
            }
        }
        [$left, $right] = [
            self::SPINE * count($this->leftX) + 16.0,
            $this->width - self::SPINE * max(1, $this->gutterTracks) - 10.0,
        ];
        foreach ($this->bands as $band) {
            array_push(
                $this->shapes,
                ...$band->draw(
                    $this->routes,
                    $left,
                    $right,
                    fn (int $net): float => $this->rightX[$net] ?? $this->leftX[$net],
                ),
            );
        }
    }

    private int $gutterTracks = 0;

    private function top(): float
    {
        return max(2.0, $this->channelY['feed'][0] - 8.0);
    }

    /** Spines at the left for returns and for what comes straight from a source, tracks at the right for what feeds lights. */
    private function gutters(): void
    {
        $right = $left = [];
        foreach ($this->bands as $band) {
            foreach ([$band->above, $band->below] as $lines) {
                foreach ($lines as $net => $y) {
                    if (
                        $this->isReturn($net) ||
                        ($this->sketch->scheme->nets[$net]->class === 'source' && ! isset($this->feed->points[$net]))
                    ) {
                        $left[$net][] = $y;
                    } else {
                        $right[$net][] = $y;
                    }
                }
            }
        }
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->points as $net => $channels) {
                if (isset($channels[$grid->columns]) && $this->goesOut($net)) {
                    $right[$net][] = $this->y($name, $grid->columns, $net);
                }
                if ($name === 'back' && isset($channels[0]) && $this->isReturn($net)) {
                    $left[$net][] = $this->y($name, 0, $net);
                }
            }
        }
        $n = 0;
        foreach ($left as $net => $ys) {
            $this->leftX[$net] = 8.0 + self::SPINE * $n++;
            $this->routes->line($net, $this->leftX[$net], 2.0, $this->leftX[$net], max($ys));
            $this->routes->end($net, $this->leftX[$net], 2.0, null);
        }
        $tracks = Tracks::of(array_map(fn (array $ys): array => [min($ys), max($ys)], $right));
        $this->gutterTracks = $tracks === [] ? 0 : 1 + max($tracks);
        foreach ($tracks as $net => $t) {
            $this->rightX[$net] = $this->width - 8.0 - self::SPINE * ($this->gutterTracks - 1 - $t);
            $this->routes->line($net, $this->rightX[$net], min($right[$net]), $this->rightX[$net], max($right[$net]));
        }
        $words = array_values(
            array_filter(
                array_map(
                    fn (int $net): string => $this->isReturn($net) ? Wiring::endWords($this->sketch, $net, false) : '',
                    array_keys($left),
                ),
            ),
        );
        if ($words !== []) {
            $this->shapes[] = Shape::text(Shape::cut($words[0], 100.0), $this->width - 4.0, 24.0, 'label', 'end');
        }
    }

    private function isReturn(int $net): bool
    {
        return $this->sketch->scheme->nets[$net]->class === 'return';
    }

    private function symbols(): void
    {
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->cells as $id => [$column, $row, $rows]) {
                $symbol = $this->sketch->scheme->symbols[$id];
                $place = (int) array_search($row, $grid->order, true);
                $xs = array_map(fn (int $r): float => $this->laneX[$name][$r], array_slice($grid->order, $place, $rows));
                $cy = $this->columnY[$name][$column];
                // The side of the plus on top; on the way back the side of the light.
                $up = $name === 'feed' ? -1 : 1;
                foreach (
                    [[$symbol->left, $up, $column], [$symbol->right, -$up, $column + 1]] as [$pins, $side, $channel]
                ) {
                    foreach ($pins as $i => [$pin, $net]) {
                        $this->pinWire(
                            $name,
                            $grid,
                            $symbol,
                            $pin,
                            $net,
                            $pins === $symbol->left && $side === $up,
                            $side,
                            $xs[$i],
                            $cy + $side * 22.0,
                            $channel,
                        );
                    }
                }
                array_push(
                    $this->shapes,
                    ...SymbolShapes::upright(
                        $this->sketch,
                        $symbol,
                        $xs[0],
                        $xs[count($xs) - 1],
                        $cy,
                        $this->lanes,
                        $this->width,
                    ),
                );
            }
        }
    }

    private function pinWire(
        string $name,
        Grid $grid,
        Symbol $symbol,
        string $pin,
        int $net,
        bool $left,
        int $side,
        float $x,
        float $y,
        int $channel,
    ): void {
        $amps = $this->sketch->into($symbol, $pin, $left);
        if (! isset($grid->points[$net][$channel])) {
            $this->shapes[] = Shape::wire(
                [[$x, $y], [$x, $y + $side * 6.0]],
                $this->sketch->conductor($net, abs($amps)),
                $symbol->part,
                $pin,
            );
            $this->shapes[] = Shape::box(
                (Wiring::chassis($this->sketch, $net) ? 'chassis' : 'home').' upright',
                $x - 7.0,
                $y + $side * 6.0 - ($side < 0 ? 6.0 : 0.0),
                14.0,
                6.0,
                $symbol->part,
            );

            return;
        }
        $to = $this->y($name, $channel, $net);
        $this->routes->line($net, $x, $y, $x, $to);
        $this->routes->end($net, $x, $y, $amps);
    }
}
