<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** The circuit from left to right: symbols in columns, lights full width below them, the way back under these. */
final class WidePlan
{
    private const MOST_COLUMNS = 6;

    private const LEAST_COLUMN = 90.0;

    private const WIDEST_COLUMN = 136.0;

    private const ROW = 78.0;

    private const PASS_ROW = 22.0;

    private const TRACK = 10.0;

    private const ENTRY = 20.0;

    /** Room for the words of a return under a row. */
    private const HOME = 13.0;

    /** What a wire's size, length and amps need beside it. */
    private const WORDS = 240.0;

    private readonly Routes $routes;

    private Grid $feed;

    private Grid $back;

    /** @var list<LightBand> */
    private array $bands = [];

    /** @var array<string, float> "feed 3" or "back 0" => y */
    private array $rowY = [];

    /** @var array<int, array<string, array<int, float>>> channel => grid name => net => x of its track */
    private array $trackX = [];

    /** @var array<int, float> net => x in the gutter at the source's side */
    private array $leftX = [];

    /** @var array<int, float> net => x in the gutter at the lights' side */
    private array $rightX = [];

    /** @var array<int, float> left edge of each column */
    private array $columnX = [];

    private float $columnW = 0.0;

    private float $height = 0.0;

    /** @var array<int, true> nets that come in from or go out to the left edge */
    private array $ends = [];

    /** @var array<string, array{int, int}> section => its columns */
    private array $bracketed = [];

    private float $bracketY = 0.0;

    /** @var list<Shape> */
    private array $shapes = [];

    private function __construct(private readonly Sketch $sketch, private readonly float $width)
    {
        $this->routes = new Routes();
    }

    /** @return array{list<Shape>, float} shapes and height */
    public static function draw(Sketch $sketch, float $width): array
    {
        $plan = new self($sketch, $width);
        $plan->arrange();
        $plan->rows();
        $plan->columns();
        // How wide a column is says which names need two lines, and these say how high a row is.
        $plan->rows();
        $plan->columns();
        $plan->wire();
        $plan->symbols();
        $plan->brackets();
        array_unshift($plan->shapes, ...Wiring::shapes($sketch, $plan->routes));

        return [$plan->shapes, $plan->height];
    }

    private function arrange(): void
    {
        for ($fold = self::MOST_COLUMNS; $fold >= 1; $fold--) {
            [$this->feed, $this->back] = Wiring::grids($this->sketch->scheme, $fold);
            $channels = 0;
            for ($k = 1; $k < $this->feed->columns; $k++) {
                $channels +=
                    14.0 +
                    self::TRACK *
                        max(1, count(array_filter($this->feed->points, fn (array $p): bool => count($p[$k] ?? []) > 1)));
            }
            if (
                ($this->width - 70.0 - $channels) / max($this->feed->columns, $this->back->columns) >=
                self::LEAST_COLUMN
            ) {
                return;
            }
        }
    }

    /** Heights from top to bottom. */
    private function rows(): void
    {
        $sources = array_filter($this->sketch->scheme->nets, fn (Net $n): bool => $n->class === 'source');
        $named = count(array_filter($sources, fn (Net $n): bool => isset($this->feed->points[$n->id]))) > 1;
        $y = 8.0;
        $this->bands = [];
        $entered = [];
        foreach ($this->feed->rows() as $row) {
            foreach ($named ? array_keys($sources) : [] as $net) {
                if (! isset($entered[$net]) && isset($this->feed->points[$net][0][$row])) {
                    $entered[$net] = true;
                    $y += self::ENTRY;
                }
            }
            $y = $this->row('feed', $row, $y);
        }
        $this->bracketed = Brackets::columns(
            $this->feed->cells,
            $this->sketch->scheme->symbols,
            $this->sketch->sections,
        );
        $this->bracketY = $y + 2.0;
        $lines = Brackets::lines($this->bracketed);
        $y += $lines === [] ? 0.0 : 4.0 + Brackets::LINE * (1 + max($lines));
        $captioned = [];
        foreach ($this->sketch->scheme->lights as $light) {
            $band = new LightBand($this->sketch, $light, $y, $captioned, false);
            $this->bands[] = $band;
            $y = $band->bottom;
        }
        foreach ($this->back->rows() as $row) {
            $y = $this->row('back', $row, $y);
        }
        $this->height = $y + 28.0;
    }

    /** Room above and below a row's middle: for names and values, for a controller's head, or just for its pins. */
    private function row(string $name, int $row, float $y): float
    {
        [$above, $below] = [self::PASS_ROW / 2, self::PASS_ROW / 2];
        $grid = $this->grid($name);
        foreach ($grid->cells as $id => [, $first, $rows]) {
            $own = array_slice($grid->order, (int) array_search($first, $grid->order, true), $rows);
            if (! in_array($row, $own, true)) {
                continue;
            }
            if ($this->sketch->scheme->symbols[$id]->kind === 'stub') {
                [$above, $below] = [max($above, 20.0), max($below, 20.0)];

                continue;
            }
            $box = $this->sketch->scheme->symbols[$id]->kind === 'box';
            $more =
                $this->columnW > 0.0
                    ? SymbolShapes::more($this->sketch, $this->sketch->scheme->symbols[$id], $this->columnW)
                    : 0.0;
            $above = max($above, ! $box || $row === $first ? self::ROW / 2 + $more : 15.0);
            $below = max(
                $below,
                $box ? ($row === $own[$rows - 1] ? 24.0 : 15.0) : self::ROW / 2 + ($name === 'back' ? self::HOME : 0.0),
            );
        }
        $this->rowY["{$name} {$row}"] = $y + $above;

        return $y + $above + $below;
    }

    private function grid(string $name): Grid
    {
        return $name === 'feed' ? $this->feed : $this->back;
    }

    /** Tracks of every channel, and from them the places of columns. */
    private function columns(): void
    {
        $widths = [];
        $tracks = [];
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            for ($k = 1; $k < $grid->columns; $k++) {
                $spans = [];
                foreach ($grid->points as $net => $channels) {
                    $ys = array_map(fn (int $r): float => $this->rowY["{$name} {$r}"], array_keys($channels[$k] ?? []));
                    if (count($ys) > 1) {
                        $spans[$net] = [min($ys), max($ys)];
                    }
                }
                $tracks[$k][$name] = Tracks::of($spans);
                $widths[$k] = max($widths[$k] ?? 14.0, 14.0 + self::TRACK * (1 + max([-1, ...$tracks[$k][$name]])));
            }
        }
        $left = $this->gutter(true);
        $right = $this->gutter(false);
        $leftW = max(18.0, 14.0 + self::TRACK * (1 + max([-1, ...$left])));
        $rightW = max(18.0, 14.0 + self::TRACK * (1 + max([-1, ...$right])));
        foreach ($left as $net => $t) {
            $this->leftX[$net] = 10.0 + self::TRACK * $t;
        }
        foreach ($right as $net => $t) {
            $this->rightX[$net] = $this->width - $rightW + 8.0 + self::TRACK * $t;
        }
        $columns = max($this->feed->columns, $this->back->columns);
        $this->columnW = min(self::WIDEST_COLUMN, ($this->width - $leftW - $rightW - array_sum($widths)) / $columns);
        $x = $leftW;
        for ($c = 0; $c < $columns; $c++) {
            if ($c > 0) {
                foreach ($tracks[$c] ?? [] as $name => $list) {
                    foreach ($list as $net => $t) {
                        $this->trackX[$c][$name][$net] = $x + 8.0 + self::TRACK * $t;
                    }
                }
                $x += $widths[$c] ?? 0.0;
            }
            $this->columnX[$c] = $x;
            $x += $this->columnW;
        }
        $this->lightX = [max(26.0, $leftW + 4.0), $this->width - max(26.0, $rightW + 4.0)];
        $this->nearGutter($x, $right);
    }

    /**
     * A feed that only reaches the first light, and alone from above, comes down right behind what stands in it, without a
     * loop out to the edge.
     *
     * @param  float  $end  where the columns end
     * @param  array<int, int>  $tracks  net => track
     */
    private function nearGutter(float $end, array $tracks): void
    {
        if (count($tracks) !== 1 || count($this->bands[0]->above ?? []) !== 1) {
            return;
        }
        foreach (array_keys($tracks) as $net) {
            foreach ($this->bands as $n => $band) {
                if (isset($band->below[$net]) || ($n > 0 && isset($band->above[$net]))) {
                    return;
                }
            }
            if (isset($this->back->points[$net][$this->back->columns])) {
                return;
            }
        }
        $near = max($end + 8.0, $this->lightX[0] + self::WORDS);
        // What is said at the far end of the line, as of the pair that feeds the other end, keeps its room.
        if ($near <= $this->lightX[1] - self::WORDS) {
            $this->rightX[array_key_first($tracks)] = $near;
        }
    }

    /** @var array{float, float} */
    private array $lightX = [26.0, 694.0];

    /** @return array<int, int> net => track in a gutter */
    private function gutter(bool $left): array
    {
        $ys = [];
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->points as $net => $channels) {
                foreach (array_keys($channels[$left ? 0 : $grid->columns] ?? []) as $row) {
                    $ys[$net][] = $this->rowY["{$name} {$row}"];
                }
            }
        }
        foreach ($this->bands as $band) {
            foreach (
                [
                    ...array_map(fn (int $n): array => [$n, $band->above[$n]], array_keys($band->above)),
                    ...array_map(fn (int $n): array => [$n, $band->below[$n]], array_keys($band->below)),
                ] as [$net, $y]
            ) {
                if ($this->toLeft($net) === $left) {
                    $ys[$net][] = $y;
                }
            }
        }
        if ($left) {
            foreach ($ys as $net => $list) {
                $class = $this->sketch->scheme->nets[$net]->class;
                if ($class !== 'feed') {
                    $this->ends[$net] = true;
                    $this->endY[$net] = $class === 'source' ? min($list) : max($list);
                }
            }
        }

        return Tracks::of(array_map(fn (array $list): array => [min($list), max($list)], $ys));
    }

    /** @var array<int, float> */
    private array $endY = [];

    /** A line of a light goes to the source's side when its net ends there and nothing stands between. */
    private function toLeft(int $net): bool
    {
        $class = $this->sketch->scheme->nets[$net]->class;

        return $class === 'return' || ($class === 'source' && ! isset($this->feed->points[$net]));
    }

    private function wire(): void
    {
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->points as $net => $channels) {
                foreach ($channels as $channel => $rows) {
                    $x = $this->channelX($name, $grid, $channel, $net);
                    $ys = array_map(fn (int $r): float => $this->rowY["{$name} {$r}"], array_keys($rows));
                    $this->routes->down($net, $x, $ys);
                }
            }
            foreach ($grid->passes as [$net, $row, $from, $to]) {
                $y = $this->rowY["{$name} {$row}"];
                $this->routes->line(
                    $net,
                    $this->channelX($name, $grid, $from, $net),
                    $y,
                    $this->channelX($name, $grid, $to, $net),
                    $y,
                );
            }
        }
        foreach ($this->bands as $band) {
            array_push(
                $this->shapes,
                ...$band->draw(
                    $this->routes,
                    $this->lightX[0],
                    $this->lightX[1],
                    fn (int $net): float => $this->toLeft($net) ? $this->leftX[$net] : $this->rightX[$net],
                ),
            );
        }
        $this->gutters();
    }

    private function gutters(): void
    {
        foreach ([true, false] as $left) {
            foreach ($left ? $this->leftX : $this->rightX as $net => $x) {
                $ys = [];
                foreach (['feed', 'back'] as $name) {
                    $grid = $this->grid($name);
                    foreach (array_keys($grid->points[$net][$left ? 0 : $grid->columns] ?? []) as $row) {
                        $ys[] = $this->rowY["{$name} {$row}"];
                    }
                }
                foreach ($this->bands as $band) {
                    foreach ([$band->above[$net] ?? null, $band->below[$net] ?? null] as $y) {
                        if ($y !== null && $this->toLeft($net) === $left) {
                            $ys[] = $y;
                        }
                    }
                }
                $this->routes->down($net, $x, $ys);
            }
        }
        $scheme = $this->sketch->scheme;
        $sources = count(
            array_filter(array_keys($this->ends), fn (int $n): bool => $scheme->nets[$n]->class === 'source'),
        );
        foreach (array_keys($this->ends) as $net) {
            $y = $this->endY[$net];
            $this->routes->line($net, 0.0, $y, $this->leftX[$net], $y);
            $this->routes->end($net, 0.0, $y, null);
            $words = Wiring::endWords($this->sketch, $net, $sources > 1);
            if ($words !== '') {
                $this->shapes[] =
                    $scheme->nets[$net]->class === 'source'
                        ? Shape::text(
                            Shape::cut($words, 0.6 * $this->width),
                            4.0,
                            $y - 40.0,
                            'label',
                            'start',
                            $scheme->nets[$net]->end,
                        )
                        : Shape::text(
                            Shape::cut($words, 0.6 * $this->width),
                            $this->lightX[0] + 10.0,
                            $y + (in_array($y, $this->rowY, true) ? 46.0 : 18.0),
                            'label',
                            'start',
                            $scheme->nets[$net]->end,
                        );
            }
        }
    }

    private function channelX(string $name, Grid $grid, int $channel, int $net): float
    {
        return match (true) {
            $channel === 0 => $this->leftX[$net],
            $channel === $grid->columns => $this->rightX[$net],
            default => $this->trackX[$channel][$name][$net] ?? $this->columnX[$channel] - 7.0,
        };
    }

    private function symbols(): void
    {
        foreach (['feed', 'back'] as $name) {
            $grid = $this->grid($name);
            foreach ($grid->cells as $id => [$column, $row, $rows]) {
                $symbol = $this->sketch->scheme->symbols[$id];
                $place = array_search($row, $grid->order, true);
                $ys = array_map(
                    fn (int $r): float => $this->rowY["{$name} {$r}"],
                    array_slice($grid->order, (int) $place, $rows),
                );
                $cx = $this->columnX[$column] + $this->columnW / 2;
                $half = $symbol->kind === 'box' ? min(48.0, $this->columnW / 2 - 10.0) : 25.0;
                foreach ([[$symbol->left, -1], [$symbol->right, 1]] as [$pins, $side]) {
                    foreach ($pins as $i => [$pin, $net]) {
                        $this->pinWire(
                            $name,
                            $grid,
                            $symbol,
                            $pin,
                            $net,
                            $side,
                            $cx + $side * $half,
                            $ys[$i],
                            $side < 0 ? $column : $column + 1,
                        );
                    }
                }
                array_push(
                    $this->shapes,
                    ...SymbolShapes::lying($this->sketch, $symbol, $cx, $ys, $half, $this->columnW),
                );
            }
            $this->ties($name, $grid);
        }
    }

    private function brackets(): void
    {
        foreach (Brackets::lines($this->bracketed) as $section => $line) {
            [$first, $last] = $this->bracketed[$section];
            $this->shapes[] = Shape::bracket(
                $section,
                Brackets::WORDS[$section] ?? '',
                $this->columnX[$first] + 4.0,
                $this->bracketY + Brackets::LINE * $line,
                $this->columnX[$last] + $this->columnW - $this->columnX[$first] - 8.0,
            );
        }
    }

    private function pinWire(
        string $name,
        Grid $grid,
        Symbol $symbol,
        string $pin,
        int $net,
        int $side,
        float $x,
        float $y,
        int $channel,
    ): void {
        $amps = $this->sketch->into($symbol, $pin, $side < 0);
        if (! isset($grid->points[$net][$channel])) {
            // The return of a coil, a load or a controller ends in a mark of its own.
            $this->shapes[] = Shape::wire(
                [[$x, $y], [$x + $side * 8.0, $y]],
                $this->sketch->conductor($net, abs($amps)),
                $symbol->part,
                $pin,
            );
            $this->shapes[] = Shape::box(
                Wiring::chassis($this->sketch, $net) ? 'chassis' : 'home',
                $x + $side * 8.0 - ($side < 0 ? 8.0 : 0.0),
                $y - 7.0,
                8.0,
                14.0,
                $symbol->part,
            );

            return;
        }
        $this->routes->line($net, $x, $y, $this->channelX($name, $grid, $channel, $net), $y);
        $this->routes->end($net, $x, $y, $amps);
    }

    /** A dashed line between a relay's coil and its contacts that stand in one column. */
    private function ties(string $name, Grid $grid): void
    {
        foreach ($grid->cells as $id => [$column, $row]) {
            $coil = $this->sketch->scheme->symbols[$id];
            if ($coil->kind !== 'coil') {
                continue;
            }
            foreach ($grid->cells as $other => [$c, $r]) {
                $contact = $this->sketch->scheme->symbols[$other];
                if (
                    $contact->kind === 'contact' &&
                    $contact->tie !== '' &&
                    $contact->tie === $coil->tie &&
                    $c === $column &&
                    $r !== $row
                ) {
                    [$a, $b] = [$this->rowY["{$name} {$r}"], $this->rowY["{$name} {$row}"]];
                    $this->shapes[] = Shape::wire(
                        [
                            [$this->columnX[$column] + 3.0, min($a, $b) + 5.0],
                            [$this->columnX[$column] + 3.0, max($a, $b) - 5.0],
                        ],
                        'tie',
                        $coil->part,
                    );
                }
            }
        }
    }
}
