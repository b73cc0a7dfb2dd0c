<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;

/**
 * One light full width: a line per net above it and below it, each reaching its pins by a drop, the light between them, its
 * figures under it. Lines end in the gutters at both sides.
 */
final class LightBand
{
    public const HEIGHT = 28.0;

    private const LINE = 36.0;

    private const PLAIN_LINE = 20.0;

    private const TEXT = 52.0;

    /** @var array<int, float> net => y of its line above */
    public array $above = [];

    /** @var array<int, float> net => y of its line below */
    public array $below = [];

    /** @var array<int, array{string, string}|null> net => lead and caption */
    private array $captions = [];

    public readonly float $bottom;

    private float $y;

    private readonly Light $light;

    /**
     * @param  array<int, true>  $captioned  nets whose lead has been named already
     * @param  bool  $narrow  figures below each other instead of side by side
     */
    public function __construct(
        private readonly Sketch $sketch,
        private readonly Symbol $symbol,
        float $top,
        array &$captioned,
        private readonly bool $narrow,
    ) {
        $this->light = $sketch->analysis->build->lights[$symbol->part];
        $y = $top;
        foreach ($symbol->left as [$pin, $net]) {
            if (! isset($this->above[$net])) {
                $lead = isset($captioned[$net]) ? null : $sketch->lead($pin);
                $captioned[$net] = true;
                $y += $lead === null ? self::PLAIN_LINE : self::LINE;
                $this->above[$net] = $y;
                $this->captions[$net] = $lead;
            }
        }
        $this->y = $y + 14.0;
        $y = $this->y + self::HEIGHT + self::TEXT + ($narrow ? 20.0 : 0.0);
        foreach ($symbol->right as [, $net]) {
            if (! isset($this->below[$net])) {
                $y += self::PLAIN_LINE;
                $this->below[$net] = $y;
            }
        }
        $this->bottom = $y + ($this->below === [] ? 6.0 : 18.0);
    }

    /**
     * @param  float  $x0  room from here
     * @param  float  $x1  to here
     * @param  callable(int, bool): float  $gutter  net, above: where its line ends
     * @return list<Shape>
     */
    public function draw(Routes $routes, float $x0, float $x1, callable $gutter): array
    {
        $shapes = [];
        $drops = ['above' => [], 'below' => []];
        foreach (['above' => $this->symbol->left, 'below' => $this->symbol->right] as $side => $pins) {
            foreach ($this->marks($pins, $x0, $x1) as [$pin, $net, $x]) {
                $line = $side === 'above' ? $this->above[$net] : $this->below[$net];
                $edge = $side === 'above' ? $this->y : $this->y + self::HEIGHT;
                $routes->line($net, $x, $line, $x, $edge);
                $routes->line($net, $x, $line, $gutter($net, $side === 'above'), $line);
                $routes->end($net, $x, $edge, $this->sketch->into($this->symbol, $pin, $side === 'above'));
                $drops[$side][] = [$x, $line];
            }
        }
        foreach (array_filter($this->captions) as $net => $lead) {
            $line = $this->above[$net];
            $crossing = array_map(
                fn (array $d): float => $d[0],
                array_filter($drops['above'], fn (array $d): bool => $d[1] < $line),
            );
            $caption = $this->caption($lead, $crossing, $x0, $x1, $line);
            $ends = array_map(fn (Shape $s): float => $s->rect()[0] + $s->rect()[2], $caption);
            array_push(
                $shapes,
                ...$caption,
                ...$this->jumper($net, $crossing, ($ends === [] ? $x0 : max($ends)) + 16.0, $x1, $line),
            );
        }

        return [
            ...$shapes,
            ...LightRow::shapes(
                $this->light,
                $this->sketch->state->lights[$this->light->id] ?? [],
                $x0,
                $this->y,
                $x1 - $x0,
                self::HEIGHT,
            ),
            ...(new LightFigures($this->sketch, $this->light, $this->y + self::HEIGHT, $this->narrow))->shapes(
                $x0,
                $x1,
                array_map(fn (array $d): float => $d[0], $drops['below']),
            ),
        ];
    }

    /**
     * @param  array{string, string}  $lead
     * @param  array<int, float>  $crossing
     * @return list<Shape>
     */
    private function caption(array $lead, array $crossing, float $x0, float $x1, float $line): array
    {
        [$id, $text] = $lead;
        $pin = $this->sketch->pin($id);
        $extra = $pin === null ? 0.0 : 28.0;
        $x = self::room($crossing, $x0 + 20.0, $x1 - 4.0, Shape::text($text, 0.0, 0.0)->rect()[2] + $extra);

        return $x === null
            ? []
            : [
                ...$pin === null ? [] : [Shape::pin($pin[0], $x, $line - 28.0, $pin[1], $id)],
                Shape::text($text, $x + $extra, $line - 9.0, 'label', 'start', $id),
            ];
    }

    /**
     * The pair that runs along the light from one mark to another, named at the far end of its line.
     *
     * @param  array<int, float>  $crossing
     * @return list<Shape>
     */
    private function jumper(int $net, array $crossing, float $from, float $x1, float $line): array
    {
        foreach ($this->sketch->analysis->build->leads as $lead) {
            $pins = array_filter(array_merge([], ...$lead->cores));
            $own = array_filter($pins, fn (string $p): bool => str_starts_with($p, "{$this->light->id}."));
            if ($own === [] || count($own) < count($pins)) {
                continue;
            }
            $text = $this->sketch->caption($lead->id);
            $pin = $this->sketch->pin($lead->id);
            $w = Shape::text($text, 0.0, 0.0)->rect()[2];
            $x = self::room($crossing, max($from, $x1 - 24.0 - $w), $x1 - 4.0, $w);
            if (
                $x !== null &&
                $this->sketch->scheme->net($this->sketch->analysis->harness->pin((string) $lead->cores[0][1])) === $net
            ) {
                return [
                    Shape::text($text, $x, $line - 9.0, 'label', 'start', $lead->id),
                    ...$pin === null || $x - $from < 30.0
                        ? []
                        : [Shape::pin($pin[0], $x - 28.0, $line - 28.0, $pin[1], $lead->id)],
                ];
            }
        }

        return [];
    }

    /**
     * First place where something of that width fits between lines that cross.
     *
     * @param  array<int, float>  $crossing
     */
    public static function room(array $crossing, float $from, float $to, float $width): ?float
    {
        sort($crossing);
        foreach ([$from - 6.0, ...$crossing] as $after) {
            $x = max($from, $after + 6.0);
            $blocked = array_filter($crossing, fn (float $c): bool => $c > $x - 5.0 && $c < $x + $width + 5.0);
            if ($blocked === [] && $x + $width <= $to) {
                return $x;
            }
        }

        return null;
    }

    /**
     * Where the pins of one side stand along the light: a strip's at their cut marks, others spread.
     *
     * @param  list<array{string, int}>  $pins
     * @return list<array{string, int, float}>
     */
    private function marks(array $pins, float $x0, float $x1): array
    {
        $placed = [];
        $units = $this->light->kind === 'strip' ? max(1, $this->light->fit()->units) : 1;
        foreach ($pins as [$pin, $net]) {
            $mark = preg_match('/\.u(\d+)\./', $pin, $m) === 1 ? (int) $m[1] / $units : 0.0;
            // Just inside the ends; pins of one mark side by side.
            $x = min(max($x0 + $mark * ($x1 - $x0), $x0 + 4.0), $x1 - 4.0);
            while (array_filter($placed, fn (array $p): bool => abs($p[2] - $x) < LightFigures::RAIL - 1.0) !== []) {
                $x += $mark > 0.5 ? -LightFigures::RAIL : LightFigures::RAIL;
            }
            $placed[] = [$pin, $net, $x];
        }

        return $placed;
    }
}
