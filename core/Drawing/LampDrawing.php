<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A lamp of several functions as it is inside: one body, a pin for each, what stands between them; which of them are not fed. */
final class LampDrawing
{
    private const ROW = 62.0;

    private const TOP = 44.0;

    private const PIN = 74.0;

    private const SYMBOL = 40.0;

    /** @var list<array{Fields, int, int}> branch, column, row */
    private array $placed = [];

    /** @var array<string, int> node => column */
    private array $column = [];

    /** @var array<string, list<int>> node => rows that meet there */
    private array $rows = [];

    /** @param  list<Fields>  $branches */
    private function __construct(private readonly Light $light, private readonly array $branches)
    {
    }

    /** Has a pin for each of several functions, and an inside that is known. */
    public static function suits(Light $light): bool
    {
        return $light->kind === 'module' && $light->part->objects('inside') !== [] && count(self::pins($light)) > 2;
    }

    /** @return list<string> */
    private static function pins(Light $light): array
    {
        return array_values(array_filter((array) ($light->part->data['pins'] ?? []), is_string(...)));
    }

    /** @return list<string> pins that nothing is wired to */
    public static function unfed(Analysis $analysis, Light $light): array
    {
        $wired = array_map(
            fn (string $pin): string => (string) substr((string) strrchr($pin, '.'), 1),
            $analysis->harness->wiredPins($light->id),
        );

        return array_values(array_diff(self::pins($light), $wired));
    }

    public static function of(Analysis $analysis, Light $light, float $width): Drawing
    {
        $plan = new self($light, $light->part->objects('inside'));
        $plan->place();
        $unfed = self::unfed($analysis, $light);
        $said = $unfed === [] ? 'every pin is wired' : 'not wired: '.implode(', ', $unfed);

        return new Drawing(
            $width,
            self::TOP + self::ROW * (1 + max([0, ...array_column($plan->placed, 2)])),
            $plan->shapes($width, $unfed),
            "{$light->label} as it is inside",
            Words::first("{$light->label}, {$said}."),
        );
    }

    /** Columns by the longest way from a pin nothing leads to; a branch goes on in its node's row where that is free. */
    private function place(): void
    {
        $into = array_map(fn (Fields $b): string => $b->text('to'), $this->branches);
        $todo = $this->branches;
        while ($todo !== []) {
            $open = array_map(fn (Fields $b): string => $b->text('to'), $todo);
            $next = array_filter($todo, fn (Fields $b): bool => ! in_array($b->text('from'), $open, true));
            // A ring has no beginning: the first one starts it.
            $key = array_key_first($next === [] ? $todo : $next);
            $this->branch($todo[$key], in_array($todo[$key]->text('from'), $into, true));
            unset($todo[$key]);
        }
    }

    private function branch(Fields $branch, bool $follows): void
    {
        [$from, $to] = [$branch->text('from'), $branch->text('to')];
        $column = $this->column[$from] ??= 0;
        $this->column[$to] = max($this->column[$to] ?? 0, $column + 1);
        $row = $follows ? $this->rows[$from][0] ?? null : null;
        foreach ($this->placed as [, $c, $r]) {
            $row = $row === $r && $c === $column ? null : $row;
        }
        $row ??= 1 + max([-1, ...array_column($this->placed, 2)]);
        $this->placed[] = [$branch, $column, $row];
        $this->rows[$from][] = $row;
        $this->rows[$to][] = $row;
    }

    /**
     * @param  list<string>  $unfed
     * @return list<Shape>
     */
    private function shapes(float $width, array $unfed): array
    {
        $last = max([1, ...$this->column]);
        $pins = self::pins($this->light);
        $step = ($width - 2 * self::PIN) / $last;
        // What ends on a pin comes out at the edge, wherever its way is shorter than the longest.
        $at = fn (string $node): float => self::PIN +
            $step * (in_array($node, $pins, true) && $this->column[$node] > 0 ? $last : $this->column[$node]);
        $y = fn (int $row): float => self::TOP + self::ROW * $row;
        $bottom = $y(max([0, ...array_column($this->placed, 2)])) + 36.0;
        $shapes = [
            Shape::box('body', self::PIN - 12.0, 8.0, $width - 2 * self::PIN + 24.0, $bottom - 8.0, $this->light->id),
        ];
        foreach ($this->placed as [$branch, $column, $row]) {
            $middle = self::PIN + $step * ($column + 0.5);
            foreach (
                [[$at($branch->text('from')), $middle - 20.0], [$middle + 20.0, $at($branch->text('to'))]] as [$a, $b]
            ) {
                $shapes[] = Shape::wire([[$a, $y($row)], [$b, $y($row)]], 'dead', $this->light->id);
            }
            array_push($shapes, ...$this->symbol($branch, $middle, $y($row), $step));
        }
        foreach ($this->rows as $node => $rows) {
            [$x, $top, $low] = [$at($node), $y(min([$rows[0] ?? 0, ...$rows])), $y(max([0, ...$rows]))];
            if ($top < $low) {
                $shapes[] = Shape::wire([[$x, $top], [$x, $low]], 'dead', $this->light->id);
            }
            if (in_array($node, $pins, true)) {
                array_push($shapes, ...$this->pin($node, $x, $top, $width, in_array($node, $unfed, true)));
            }
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function pin(string $name, float $x, float $y, float $width, bool $unfed): array
    {
        $left = $x < $width / 2;
        $end = $left ? $x - 24.0 : $x + 24.0;
        $shapes = [
            Shape::wire([[$x, $y], [$end, $y]], $unfed ? 'dead' : 'held', $this->light->id),
            Shape::text($name, $left ? 0.0 : $width, $y - 12.0, 'label', $left ? 'start' : 'end', $this->light->id),
        ];
        if ($unfed) {
            $shapes[] = Shape::box('stub', $end - 4.0, $y - 4.0, 8.0, 8.0, '');
            $shapes[] = Shape::text('not wired', $left ? 0.0 : $width, $y + 20.0, 'label', $left ? 'start' : 'end');
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function symbol(Fields $branch, float $x, float $y, float $room): array
    {
        $kind = $branch->text('kind');
        $leds = $branch->integer('series_leds', 1);
        $said = match ($kind) {
            'resistor' => Shown::ohms($branch->number('ohm')),
            'diode' => 'diode',
            'string' => ($leds > 1 ? "{$leds} LEDs" : 'LED').
                ($branch->has('ohm') ? ', '.Shown::ohms($branch->number('ohm')) : ''),
            default => 'electronics',
        };
        $sign = ['resistor' => 'resistor', 'diode' => 'diode', 'string' => 'led'][$kind] ?? 'box';
        $shapes = [];
        if ($sign === 'led') {
            foreach ([[-20.0, -10.0], [10.0, 20.0]] as [$a, $b]) {
                $shapes[] = Shape::wire([[$x + $a, $y], [$x + $b, $y]], 'dead', $this->light->id);
            }
        }
        $half = $sign === 'led' ? 10.0 : self::SYMBOL / 2;

        return [
            ...$shapes,
            Shape::box($sign, $x - $half, $y - 9.0, 2 * $half, 18.0, $this->light->id),
            Shape::text(Shape::cut($said, $room - 4.0), $x, $y + 27.0, 'label', 'middle', $this->light->id),
        ];
    }
}
