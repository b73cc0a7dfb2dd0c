<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/**
 * Cells for symbols and ways for nets between them, in columns and rows: no cell holds two things, and within a channel between
 * two columns each row belongs to one net, so that wires of different nets meet only at right angles. Deterministic: document
 * order and structure decide, nothing else.
 */
final class Grid
{
    public const FROM_LEFT = 1;

    public const FROM_RIGHT = 2;

    /** @var array<string, array{int, int, int}> symbol => column, row, rows */
    public array $cells = [];

    /** @var array<int, array<int, array<int, int>>> net => channel => row => sides it comes from */
    public array $points = [];

    /** @var list<array{int, int, int, int}> net, row, from channel, to channel */
    public array $passes = [];

    /** @var list<int> rows from top to bottom */
    public array $order = [];

    /** @var array<int, array<int, array{int|null, int|null}>> row => column => nets that leave it left and right */
    private array $taken = [];

    /** @var array<int, int> row => band */
    private array $band = [];

    /**
     * @param  list<Symbol>  $symbols  in document order
     * @param  array<int, true>  $stubbed  nets whose pins end in a mark of their own and are not routed
     * @param  array<int, list<int>>  $reach  net => channels it must come to besides (0: the source's side, $columns: the lights')
     */
    private function __construct(
        private readonly array $symbols,
        private readonly array $stubbed,
        public readonly int $columns,
        private readonly array $reach,
    ) {
    }

    /**
     * @param  list<Symbol>  $symbols
     * @param  array<int, true>  $stubbed
     * @param  array<int, true>  $in  nets that come in at the source's side
     * @param  array<int, true>  $out  nets that go on at the lights' side
     * @param  int|null  $fold  most columns; a longer chain goes on below. null: one symbol per column, never folded
     */
    public static function of(array $symbols, array $stubbed, array $in, array $out, ?int $fold): self
    {
        $column = self::columns($symbols, $stubbed);
        if ($fold === null) {
            $column = self::oneEach($symbols, $column);
        }
        $columns = max(1, min($fold ?? PHP_INT_MAX, 1 + max([0, ...$column])));
        $reach = [];
        foreach (array_keys($in) as $net) {
            $reach[$net][] = 0;
        }
        foreach (array_keys($out) as $net) {
            $reach[$net][] = $columns;
        }
        $grid = new self($symbols, $stubbed, $columns, $reach);
        $grid->place($column);
        $grid->route();

        return $grid;
    }

    // ---- columns ----------------------------------------------------------------------------------------------------

    /**
     * Longest way from a source, counted in symbols; a relay's coil and contact share a column; what would close a cycle is left out.
     *
     * @param  list<Symbol>  $symbols
     * @param  array<int, true>  $stubbed
     * @return array<string, int>
     */
    private static function columns(array $symbols, array $stubbed): array
    {
        $group = $members = [];
        foreach ($symbols as $s) {
            $group[$s->id] = $s->tie === '' ? $s->id : "tie {$s->tie}";
            $members[$group[$s->id]][] = $s;
        }
        $into = [];
        foreach ($symbols as $s) {
            foreach ($s->left as [, $net]) {
                if (! isset($stubbed[$net])) {
                    $into[$net][] = $group[$s->id];
                }
            }
        }
        $next = $depth = $state = [];
        foreach ($members as $g => $list) {
            $next[$g] = [];
            foreach ($list as $s) {
                foreach ($s->right as [, $net]) {
                    $next[$g] = [...$next[$g], ...array_diff($into[$net] ?? [], [$g])];
                }
            }
        }
        // Whatever is reached while it is still open would close a cycle.
        $after = [];
        $open = function (string $g) use (&$open, &$state, &$after, $next): void {
            $state[$g] = 1;
            foreach ($next[$g] as $to) {
                if (! isset($state[$to])) {
                    $open($to);
                }
                if ($state[$to] === 2) {
                    $after[$g][] = $to;
                }
            }
            $state[$g] = 2;
        };
        foreach (array_keys($members) as $g) {
            if (! isset($state[$g])) {
                $open((string) $g);
            }
        }
        $before = [];
        foreach ($after as $g => $list) {
            foreach ($list as $to) {
                $before[$to][] = $g;
            }
        }
        $measure = function (string $g) use (&$measure, &$depth, $before): int {
            return $depth[$g] ??= max([-1, ...array_map(fn (string $b): int => $measure($b), $before[$g] ?? [])]) + 1;
        };

        return array_map(fn (string $g): int => $measure($g), $group);
    }

    /**
     * @param  list<Symbol>  $symbols
     * @param  array<string, int>  $column
     * @return array<string, int>
     */
    private static function oneEach(array $symbols, array $column): array
    {
        $order = array_keys($column);
        $place = array_flip(array_map(fn (Symbol $s): string => $s->id, $symbols));
        usort($order, fn (string|int $a, string|int $b): int => [$column[$a], $place[$a]] <=> [$column[$b], $place[$b]]);

        return array_flip($order);
    }

    // ---- cells ------------------------------------------------------------------------------------------------------

    /** @param  array<string, int>  $column */
    private function place(array $column): void
    {
        $byNet = [];
        foreach ($this->symbols as $s) {
            foreach ($s->left as [, $net]) {
                $byNet[$net][] = $s;
            }
        }
        $first = $this->symbols;
        usort($first, fn (Symbol $a, Symbol $b): int => $column[$a->id] <=> $column[$b->id]);
        $visit = function (Symbol $s, ?int $row) use (&$visit, $byNet, $column): void {
            if (isset($this->cells[$s->id])) {
                return;
            }
            $this->settle($s, $column[$s->id], $row);
            foreach ($s->right as $i => [, $net]) {
                foreach (isset($this->stubbed[$net]) ? [] : $byNet[$net] ?? [] as $to) {
                    $visit($to, $this->order[array_search($this->cells[$s->id][1], $this->order, true) + $i] ?? null);
                }
            }
        };
        foreach ($first as $s) {
            $visit($s, null);
        }
    }

    private function settle(Symbol $s, int $column, ?int $wish): void
    {
        [$band, $col] = [intdiv($column, $this->columns), $column % $this->columns];
        $rows = max(1, count($s->left), count($s->right));
        $own = array_values(array_filter($this->order, fn (int $r): bool => $this->band[$r] === $band));
        $from = $wish === null ? false : array_search($wish, $own, true);
        // Beside what feeds it, else below; a chain that begins by itself takes a line of its own.
        foreach ($from === false ? [] : range($from, count($own) - 1) as $at) {
            $fits = true;
            for ($i = 0; $fits && $i < $rows && isset($own[$at + $i]); $i++) {
                $fits =
                    $this->fits(
                        $own[$at + $i],
                        $col,
                        $col,
                        $this->routed($s->left, $i),
                        $this->routed($s->right, $i),
                    ) &&
                    ($at === $from || $this->clear($own[$at + $i], $col));
            }
            if ($fits) {
                $mine = array_slice($own, $at, $rows);
                while (count($mine) < $rows) {
                    $mine[] = $this->row($band);
                }
                $this->take($s, $col, $mine);

                return;
            }
        }
        $new = [];
        for ($i = 0; $i < $rows; $i++) {
            $new[] = $this->row($band);
        }
        $this->take($s, $col, $new);
    }

    /** Nothing comes along that row from the left. */
    private function clear(int $row, int $column): bool
    {
        $left = array_filter(array_keys($this->taken[$row] ?? []), fn (int $c): bool => $c < $column);

        return $left === [] || $this->taken[$row][max($left)][1] === null;
    }

    /**
     * The net of a pin, if it is routed.
     *
     * @param  list<array{string, int}>  $pins
     */
    private function routed(array $pins, int $i): ?int
    {
        return isset($pins[$i]) && ! isset($this->stubbed[$pins[$i][1]]) ? $pins[$i][1] : null;
    }

    /** @param  list<int>  $rows */
    private function take(Symbol $s, int $column, array $rows): void
    {
        $this->cells[$s->id] = [$column, $rows[0], count($rows)];
        foreach ($rows as $i => $row) {
            $this->taken[$row][$column] = [$this->routed($s->left, $i), $this->routed($s->right, $i)];
            foreach (
                [
                    [$this->routed($s->left, $i), $column, self::FROM_RIGHT],
                    [$this->routed($s->right, $i), $column + 1, self::FROM_LEFT],
                ] as [$n, $channel, $side]
            ) {
                if ($n !== null) {
                    $this->points[$n][$channel][$row] = ($this->points[$n][$channel][$row] ?? 0) | $side;
                }
            }
        }
    }

    /** A new row at the end of its band. */
    private function row(int $band): int
    {
        $row = count($this->band);
        $at = 0;
        foreach ($this->order as $n => $r) {
            if ($this->band[$r] <= $band) {
                $at = $n + 1;
            }
        }
        $this->band[$row] = $band;
        array_splice($this->order, $at, 0, [$row]);

        return $row;
    }

    /** Cells free, and in the channels beside them no other net comes along the same row. */
    private function fits(int $row, int $first, int $last, ?int $left, ?int $right): bool
    {
        $cells = $this->taken[$row] ?? [];
        for ($c = $first; $c <= $last; $c++) {
            if (isset($cells[$c])) {
                return false;
            }
        }
        $before = $cells[$first - 1][1] ?? null;
        $after = $cells[$last + 1][0] ?? null;

        return ($before === null || $left === null || $before === $left) &&
            ($after === null || $right === null || $after === $right);
    }

    // ---- ways -------------------------------------------------------------------------------------------------------

    private function route(): void
    {
        foreach (array_unique([...array_keys($this->points), ...array_keys($this->reach)]) as $net) {
            $channels = array_unique([...array_keys($this->points[$net] ?? []), ...$this->reach[$net] ?? []]);
            sort($channels);
            foreach (array_slice($channels, 1) as $k => $to) {
                $this->pass($net, $channels[$k], $to);
            }
        }
    }

    private function pass(int $net, int $from, int $to): void
    {
        $best = null;
        $least = PHP_INT_MAX;
        $place = array_flip($this->order);
        foreach ($this->order as $row) {
            if (! $this->fits($row, $from, $to - 1, $net, $net)) {
                continue;
            }
            $cost = 0;
            foreach ([$from, $to] as $channel) {
                $rows = array_keys($this->points[$net][$channel] ?? []);
                $cost += $rows === [] ? 0 : min(array_map(fn (int $r): int => abs($place[$r] - $place[$row]), $rows));
            }
            if ($cost < $least) {
                [$best, $least] = [$row, $cost];
            }
        }
        if ($best === null || $least > 2) {
            $near = array_keys($this->points[$net][$from] ?? ($this->points[$net][$to] ?? []));
            $new = $this->row($near === [] ? 0 : $this->band[$near[0]]);
            $best =
                $best === null || abs(array_search($new, $this->order, true) - ($place[$near[0] ?? -1] ?? 0)) < $least
                    ? $new
                    : $best;
        }
        for ($c = $from; $c < $to; $c++) {
            $this->taken[$best][$c] = [$net, $net];
        }
        $this->passes[] = [$net, $best, $from, $to];
        $this->points[$net][$from][$best] = ($this->points[$net][$from][$best] ?? 0) | self::FROM_RIGHT;
        $this->points[$net][$to][$best] = ($this->points[$net][$to][$best] ?? 0) | self::FROM_LEFT;
    }

    /** @return list<int> rows that hold something, from top to bottom */
    public function rows(): array
    {
        return array_values(array_filter($this->order, fn (int $r): bool => isset($this->taken[$r])));
    }
}
