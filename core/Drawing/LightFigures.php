<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** What is said under a light: volts at its ends, how much of it there is, how bright it is. */
final readonly class LightFigures
{
    /** Between the rails of one mark. */
    public const RAIL = 13.0;

    /**
     * @param  float  $under  y of the light's lower edge
     * @param  bool  $narrow  said in few words
     */
    public function __construct(
        private Sketch $sketch,
        private Light $light,
        private float $under,
        private bool $narrow,
    ) {
    }

    public function bottom(): float
    {
        return $this->under + 66.0;
    }

    /** @return array<string, EmitterState> */
    private function states(): array
    {
        return $this->sketch->state->lights[$this->light->id] ?? [];
    }

    /**
     * @param  array<int, float>  $drops
     * @return list<Shape>
     */
    public function shapes(float $x0, float $x1, array $drops): array
    {
        $states = $this->states();
        $under = $this->under;
        $shapes = [];
        $right = $x1 - 4.0;
        $pin = $this->sketch->pin($this->light->id);
        if ($pin !== null) {
            $x = $x1 - 24.0;
            while (array_filter($drops, fn (float $d): bool => $d > $x - 4.0 && $d < $x + 26.0) !== []) {
                $x -= self::RAIL;
            }
            $shapes[] = Shape::pin($pin[0], $x, $under + 8.0, $pin[1], $this->light->id);
            $right = $x - 8.0;
        }
        $drops = array_values(array_filter($drops, fn (float $x): bool => $x < $right));
        $left =
            $x0 + 10.0 < ($drops === [] ? INF : max($drops)) && $drops !== [] && max($drops) < $x0 + 0.4 * ($x1 - $x0)
                ? max($drops) + 10.0
                : $x0 + 10.0;
        $fits = fn (float $x, float $w): bool => array_filter(
            $drops,
            fn (float $d): bool => $d > $x - 4.0 && $d < $x + $w + 4.0,
        ) === [];
        $put = function (string $text, float $x, float $y, string $style, string $anchor) use (&$shapes, $fits): void {
            $shape = Shape::text($text, $x, $y, $style, $anchor, $this->light->id);
            [$left, , $w] = $shape->rect();
            if ($text !== '' && $fits($left, $w)) {
                $shapes[] = $shape;
            }
        };
        $lit = array_filter(
            $states,
            fn (EmitterState $e): bool => $e->greatest() > $this->sketch->analysis->build->settings->darkTo,
        );
        // Of several channels the dimmest lit one, as the meter's weakest lamp: one place has one figure.
        uasort($lit, fn (EmitterState $a, EmitterState $b): int => $a->least() <=> $b->least());
        $first = array_values($lit)[0] ?? (array_values($states)[0] ?? null);
        if ($lit !== [] && $first !== null && $first->volts !== []) {
            $put(Shown::reading($first->volts[0]), $left, $under + 21.0, 'figure', 'start');
            if (count($first->volts) > 1) {
                $put(Shown::reading($first->volts[count($first->volts) - 1]), $right, $under + 21.0, 'figure', 'end');
            }
        }
        $wide = $x1 - $x0 > 500.0;
        $bright = $first === null || $first->flux === [] ? 'not fed' : $this->brightness($lit);
        $put(
            Shape::cut(
                $this->said(),
                $right - $left - ($wide ? Shape::text($bright, 0.0, 0.0)->rect()[2] + 12.0 : 0.0),
            ),
            $left,
            $under + 42.0,
            'label',
            'start',
        );
        $wide
            ? $put($bright, $right, $under + 42.0, 'label', 'end')
            : $put(Shape::cut($bright, $right - $left), $left, $under + 62.0, 'label', 'start');

        return $shapes;
    }

    private function said(): string
    {
        $name = count($this->sketch->scheme->lights) > 1 ? Words::first($this->light->label).': ' : '';

        return $name.
            match ($this->light->kind) {
                'strip' => Shown::length($this->light->fit()->cutM, $this->sketch->units).
                    ' · '.
                    $this->light->fit()->units.
                    ' units, cut at a mark',
                'leds' => $this->light->count() === 1
                    ? 'one LED with '.Shown::ohms($this->light->fields->number('ohm'))
                    : "{$this->light->count()} LEDs, ".
                        min($this->light->count(), $this->light->fields->integer('per_string', 1)).
                        ' in series with '.
                        Shown::ohms($this->light->fields->number('ohm')),
                default => "{$this->light->count()} × ".Words::within($this->light->part->text('label', 'module')),
            };
    }

    /** @param  array<string, EmitterState>  $lit */
    private function brightness(array $lit): string
    {
        $least = Extreme::least(array_map(fn (EmitterState $e): float => $e->least(), $lit));

        return $lit === []
            ? 'dark'
            : Shown::percent($least).
                    ($this->narrow ? ' of the light, looks like ' : ' of the label\'s light, looks like ').
                    Shown::percent(Seen::share($least));
    }
}
