<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;
use BenchGlow\Harness\Step;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\EmitterState;
use BenchGlow\Report\State;

/**
 * The circuit as drawn on the plate: one block per light, its feed line on top with everything in line, the light full width
 * below, the return under it. Narrow: top to bottom, one part per 72 px row between two spines. Order depends on the document
 * only, never on volts, so nothing moves when a value changes.
 */
final class CircuitDrawing
{
    private const MARGIN = 26.0;

    private const STRIP_H = 28.0;

    private const ROW = 72.0;

    /** @var list<Shape> */
    private array $shapes = [];

    private float $y = 0.0;

    /** @var array<string, true> steps drawn by an earlier light of this circuit */
    private array $drawn = [];

    /** @param  array<string, array{int, string}>  $pins subject => number and severity of its worst finding */
    private function __construct(
        private readonly Analysis $analysis,
        private readonly State $state,
        private readonly float $width,
        private readonly string $units,
        private readonly array $pins,
        private readonly bool $undrawn,
    ) {
    }

    /**
     * @param  string  $supply  min · nominal · max
     * @param  string  $units  metric · imperial
     */
    public static function wide(Analysis $analysis, string $circuit, string $supply, float $width = 720.0, string $units = 'metric'): Drawing
    {
        return self::draw($analysis, $circuit, $supply, $width, $units, false);
    }

    public static function narrow(Analysis $analysis, string $circuit, string $supply, float $width = 342.0, string $units = 'metric'): Drawing
    {
        return self::draw($analysis, $circuit, $supply, $width, $units, true);
    }

    private static function draw(Analysis $analysis, string $circuit, string $supply, float $width, string $units, bool $narrow): Drawing
    {
        $numbers = [];
        foreach ($analysis->open($circuit) as $n => $finding) {
            $numbers[$finding->subject] ??= [$n + 1, $finding->severity->value];
        }
        $drawing = new self($analysis, $analysis->states[$supply], $width, $units, $numbers, isset($analysis->undrawn[$circuit]));
        $label = $analysis->build->circuits[$circuit]->label;
        $lights = $analysis->build->lightsOf($circuit);
        foreach ($lights as $light) {
            $narrow ? $drawing->rows(Way::of($analysis, $light)) : $drawing->block(Way::of($analysis, $light));
        }

        return new Drawing($width, max($drawing->y, 60.0), $drawing->shapes, "{$label}, drawn", $drawing->describe($lights));
    }

    /** @param  list<Light>  $lights */
    private function describe(array $lights): string
    {
        $said = [];
        foreach ($lights as $light) {
            $said[] = $light->label.' '.($this->undrawn || Way::of($this->analysis, $light)->fed() ? $this->brightness($this->state->lights[$light->id] ?? []) : 'is not fed');
        }

        return $said === [] ? 'No light yet.' : implode('; ', $said).'.';
    }

    // ---- wide -------------------------------------------------------------------------------------------------------

    private function block(Way $way): void
    {
        $light = $way->light;
        $top = $this->y + 46.0;
        $right = $this->width - self::MARGIN;
        $both = count($way->marks) > 1;
        $strip = $top + ($both ? 88.0 : 66.0);
        if ($way->fed() && ! $this->undrawn) {
            $this->feedLine($way, $top, $strip, $both);
            $this->returnLine($way, $strip + self::STRIP_H, $both);
        } else {
            $this->shapes[] = Shape::text($this->whyNot($light), self::MARGIN, $top);
        }
        $this->light($light, self::MARGIN, $strip, $right - self::MARGIN);
        $this->y = $strip + self::STRIP_H + ($way->fed() && ! $this->undrawn ? 96.0 : 64.0);
    }

    private function feedLine(Way $way, float $top, float $strip, bool $both): void
    {
        $steps = $this->fresh($way->feed);
        $x = 0.0;
        if (count($steps) < count($way->feed)) {
            $from = $steps === [] ? '' : $steps[0]->from;
            $this->shapes[] = Shape::text(Shape::cut('from '.$this->name($from), 240.0), 8.0, $top - 14.0);
        }
        $caption = $this->captionStep($steps);
        foreach ($steps as $n => $step) {
            $this->drawn[$step->id] = true;
            if ($step->kind !== 'wire') {
                $x = $this->symbol($step, $x, $top);

                continue;
            }
            $to = $x + ($n === $caption ? 210.0 : 64.0);
            $this->shapes[] = Shape::wire([[$x, $top], [$to, $top]], $this->conductor($step->id), $step->lead);
            if ($n === $caption) {
                $this->shapes[] = Shape::text($this->leadCaption($step->lead), $x + 22.0, $top - 14.0, 'label', 'start', $step->lead);
                $this->pin($step->lead, $x + 12.0, $top + 22.0);
            }
            $x = $to;
        }
        $this->intoLight($way, $x, $top, $strip, $both);
    }

    /** From the end of the feed line to the fed mark of the light; with two marks, on along the light to the other. */
    private function intoLight(Way $way, float $x, float $top, float $strip, bool $both): void
    {
        $last = $way->feed[count($way->feed) - 1];
        $state = $this->conductor($last->id);
        $mark = $this->markX($way, 0);
        $fold = $top + 40.0;
        $this->shapes[] = $mark >= $x
            ? Shape::wire([[$x, $top], [$mark, $top], [$mark, $strip]], $state, $last->lead)
            : Shape::wire([[$x, $top], [$x, $fold], [$mark, $fold], [$mark, $strip]], $state, $last->lead);
        foreach (array_slice($way->marks, 1, null, true) as $k => $_) {
            $jumper = $this->jumper($way->light->id);
            $far = $this->markX($way, $k);
            $line = $strip - 20.0;
            $this->shapes[] = Shape::wire([[$mark, $line], [$far, $line], [$far, $strip]], $jumper === null ? $state : $this->conductor("{$jumper}.1.1"), $jumper ?? $last->lead);
            $this->shapes[] = Shape::box('dot', $mark - 4.0, $line - 4.0, 8.0, 8.0, $jumper ?? $last->lead);
            if ($jumper !== null) {
                $this->shapes[] = Shape::text($this->leadCaption($jumper), $far - 24.0, $line - 9.0, 'label', 'end', $jumper);
            }
        }
    }

    private function returnLine(Way $way, float $bottom, bool $both): void
    {
        $steps = $way->back;
        $line = $bottom + 56.0;
        $last = $steps[count($steps) - 1];
        $mark = $this->markX($way, 0);
        $state = $this->conductor($last->id);
        $this->shapes[] = Shape::wire([[$mark, $bottom], [$mark, $line], [0.0, $line]], $state, $last->lead);
        foreach (array_slice($way->marks, 1, null, true) as $k => $_) {
            $far = $this->markX($way, $k);
            $jumper = $this->jumper($way->light->id);
            $this->shapes[] = Shape::wire([[$far, $bottom], [$far, $line], [$mark, $line]], $jumper === null ? $state : $this->conductor("{$jumper}.2.1"), $jumper ?? $last->lead);
            $this->shapes[] = Shape::box('dot', $mark - 4.0, $line - 4.0, 8.0, 8.0, $jumper ?? $last->lead);
        }
        $length = array_sum(array_map(fn (Step $s): float => $s->lengthM, $steps));
        $this->shapes[] = Shape::text('return, '.Shown::length($length, $this->units), self::MARGIN + 10.0, $line + 20.0, 'label', 'start', $last->lead);
    }

    /** Symbol set into the line; gives the x where the line goes on. */
    private function symbol(Step $step, float $x, float $y): float
    {
        $kind = match ($step->kind) {
            'fuse', 'resistor', 'diode' => $step->kind,
            default => 'plug',
        };
        $this->shapes[] = Shape::box($kind, $x, $y - 11.0, 50.0, 22.0, $step->id, $this->stepState($step));
        [$above, $below] = $this->symbolWords($step);
        $this->shapes[] = Shape::text($above, $x + 25.0, $y - 19.0, 'label', 'middle', $step->id);
        $this->shapes[] = Shape::text($below, $x + 25.0, $y + 29.0, 'figure', 'middle', $step->id);
        $this->pin($step->id, $x + 66.0, $y + 22.0);

        return $x + 50.0;
    }

    /** @return array{string, string} name and value */
    private function symbolWords(Step $step): array
    {
        $fuse = $this->analysis->fuses[$step->id] ?? null;

        return match (true) {
            $fuse !== null => ["fuse {$step->id}", $fuse->fittedA() === null ? 'none fits' : Shown::amps($fuse->fittedA())],
            $step->kind === 'resistor' => ["resistor {$step->id}", Shown::ohms($this->analysis->build->index->item($step->id)->number('ohm'))],
            $step->kind === 'diode' => ["diode {$step->id}", Shown::reading(abs((float) $this->state->between($step->from, $step->to)))],
            default => ['plug', explode('.', $step->id)[1] ?? ''],
        };
    }

    private function light(Light $light, float $x, float $y, float $w): void
    {
        $states = $this->state->lights[$light->id] ?? [];
        array_push($this->shapes, ...LightRow::shapes($light, $states, $x, $y, $w, self::STRIP_H));
        $under = $y + self::STRIP_H;
        $first = self::first($states);
        if ($first !== null && $first->volts !== []) {
            $this->shapes[] = Shape::text(Shown::reading($first->volts[0]), $x + 10.0, $under + 21.0, 'figure', 'start', $light->id);
            $this->shapes[] = Shape::text(Shown::reading($first->volts[count($first->volts) - 1]), $x + $w - 10.0, $under + 21.0, 'figure', 'end', $light->id);
        }
        $this->shapes[] = Shape::text(Shape::cut($this->lightWords($light), $w > 500.0 ? 0.45 * $w : $w - 10.0), $x + 10.0, $under + 41.0, 'label', 'start', $light->id);
        if ($first !== null && $first->flux !== []) {
            // Side by side where there is room for both, else one below the other.
            $this->shapes[] = $w > 500.0
                ? Shape::text($this->brightness($states), $x + $w - 10.0, $under + 41.0, 'label', 'end', $light->id)
                : Shape::text($this->brightness($states), $x + 10.0, $under + 61.0, 'label', 'start', $light->id);
        }
        $this->pin($light->id, $x + $w + 12.0, $y + self::STRIP_H / 2);
    }

    /** @param  array<string, EmitterState>  $states */
    private static function first(array $states): ?EmitterState
    {
        foreach ($states as $state) {
            return $state;
        }

        return null;
    }

    private function whyNot(Light $light): string
    {
        return Shape::cut(Words::first($light->label), 300.0).($this->undrawn ? ': the way through its switches is not drawn yet.' : ' has no way to a supply and back.');
    }

    private function lightWords(Light $light): string
    {
        return match ($light->kind) {
            'strip' => Shown::length($light->fit()->cutM, $this->units).' · '.$light->fit()->units.' units, cut at a mark',
            'leds' => "{$light->count()} LEDs, ".min($light->count(), $light->fields->integer('per_string', 1)).' in series with '.Shown::ohms($light->fields->number('ohm')),
            default => "{$light->count()} × ".Words::within($light->part->text('label', 'module')),
        };
    }

    /** @param  array<string, EmitterState>  $states */
    private function brightness(array $states): string
    {
        $lit = array_filter($states, fn (EmitterState $e): bool => $e->greatest() > $this->analysis->build->settings->darkTo);
        $least = Extreme::least(array_map(fn (EmitterState $e): float => $e->least(), $lit));

        return $lit === [] ? 'dark' : Shown::percent($least).' of the label\'s light, looks like '.Shown::percent(Seen::share($least));
    }

    private function markX(Way $way, int $k): float
    {
        $units = $way->light->kind === 'strip' ? max(1, $way->light->fit()->units) : 1;
        $at = ($way->marks[$k] ?? 0) / $units;

        // Just inside the ends, so that a wire meets the carrier and not its corner.
        return min(max(self::MARGIN + $at * ($this->width - 2 * self::MARGIN), self::MARGIN + 4.0), $this->width - self::MARGIN - 4.0);
    }

    private function jumper(string $light): ?string
    {
        foreach ($this->analysis->build->leads as $lead) {
            $ends = array_merge(...$lead->cores);
            if (array_filter($ends, fn (?string $p): bool => ! str_starts_with((string) $p, "{$light}.")) === []) {
                return $lead->id;
            }
        }

        return null;
    }

    /**
     * The part of a way that no earlier light of the circuit has drawn.
     *
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private function fresh(array $steps): array
    {
        return array_values(array_filter($steps, fn (Step $s): bool => ! isset($this->drawn[$s->id])));
    }

    /** @param  list<Step>  $steps */
    private function captionStep(array $steps): ?int
    {
        $best = null;
        foreach ($steps as $n => $step) {
            if ($step->kind === 'wire' && ($best === null || $step->lengthM >= $steps[$best]->lengthM)) {
                $best = $n;
            }
        }

        return $best;
    }

    private function leadCaption(string $lead): string
    {
        $figures = $this->analysis->leads[$lead];

        $amps = 0.0;
        foreach ($this->analysis->harness->wires as $wire) {
            $amps = $wire->lead === $lead ? max($amps, abs($this->state->amps[$wire->id] ?? 0.0)) : $amps;
        }

        return $figures->wire->label().' · '.($figures->lengthKnown ? Shown::length($figures->lengthM, $this->units) : 'length missing').' · '.Shown::amps($amps);
    }

    private function name(string $pin): string
    {
        $id = explode('.', $pin)[0];

        return Words::within($this->analysis->build->lights[$id]->label ?? $this->analysis->build->index->item($id)->text('label', $id));
    }

    private function conductor(string $wire): string
    {
        return Way::conductor($this->analysis, $this->state, $wire);
    }

    private function stepState(Step $step): string
    {
        return abs($this->state->amps[$step->id] ?? 0.0) > 1e-4 ? 'live' : 'dead';
    }

    private function pin(string $subject, float $x, float $y): void
    {
        if (isset($this->pins[$subject])) {
            [$number, $severity] = $this->pins[$subject];
            $this->shapes[] = Shape::pin($number, $x - 11.0, $y - 11.0, $severity, $subject);
        }
    }

    // ---- narrow -----------------------------------------------------------------------------------------------------

    private function rows(Way $way): void
    {
        [$back, $spine, $text] = [14.0, 38.0, 66.0];
        $top = $this->y;
        if (! $way->fed() || $this->undrawn) {
            $this->shapes[] = Shape::text(Shape::cut($this->whyNot($way->light), $this->width - 8.0), 8.0, $top + 30.0);
            $this->light($way->light, 8.0, $top + 44.0, $this->width - 40.0);
            $this->y = $top + 44.0 + self::STRIP_H + 84.0;

            return;
        }
        $supply = $this->analysis->build->supplies[(string) $way->supply];
        $this->shapes[] = Shape::text(Shape::cut($supply->label, $this->width - $text), $text, $top + 24.0, 'label', 'start', $supply->id);
        $this->shapes[] = Shape::text(Shown::reading((float) $this->state->between("{$supply->id}.plus", "{$supply->id}.minus")), $text, $top + 46.0, 'figure', 'start', $supply->id);
        $y = $top + 56.0;
        $this->shapes[] = Shape::wire([[$spine, $top + 8.0], [$spine, $y]], $this->conductor($way->feed[0]->id), $supply->id);
        $caption = $this->captionStep($way->feed);
        foreach ($way->feed as $n => $step) {
            $row = $step->kind === 'wire' && $n !== $caption ? 16.0 : self::ROW;
            if ($step->kind === 'wire') {
                $this->shapes[] = Shape::wire([[$spine, $y], [$spine, $y + $row]], $this->conductor($step->id), $step->lead);
                if ($n === $caption) {
                    $this->shapes[] = Shape::text($this->leadCaption($step->lead), $text, $y + 32.0, 'label', 'start', $step->lead);
                    $this->shapes[] = Shape::text('−'.Shown::reading(abs((float) $this->state->between($step->from, $step->to))), $text, $y + 54.0, 'figure', 'start', $step->lead);
                    $this->pin($step->lead, $this->width - 16.0, $y + 34.0);
                }
            } else {
                $this->uprightSymbol($step, $spine, $y, $text);
            }
            $y += $row;
        }
        $state = $this->conductor($way->back[count($way->back) - 1]->id);
        $lead = $way->back[count($way->back) - 1]->lead;
        $strip = $y + 14.0;
        $this->shapes[] = Shape::wire([[$spine, $y], [$spine, $strip]], $this->conductor($way->feed[count($way->feed) - 1]->id), $way->feed[count($way->feed) - 1]->lead);
        $this->light($way->light, 28.0, $strip, $this->width - 56.0);
        $this->shapes[] = Shape::wire([[28.0, $strip + self::STRIP_H / 2], [$back, $strip + self::STRIP_H / 2], [$back, $top + 8.0]], $state, $lead);
        $this->shapes[] = Shape::text('return '.Shown::length(array_sum(array_map(fn (Step $s): float => $s->lengthM, $way->back)), $this->units), $this->width - 4.0, $top + 46.0, 'label', 'end', $lead);
        $this->y = $strip + self::STRIP_H + 84.0;
    }

    private function uprightSymbol(Step $step, float $spine, float $y, float $text): void
    {
        $state = $this->stepState($step);
        $this->shapes[] = Shape::wire([[$spine, $y], [$spine, $y + 14.0]], $state, $step->id);
        $this->shapes[] = Shape::box($step->kind === 'plug_way' ? 'plug' : $step->kind, $spine - 11.0, $y + 14.0, 22.0, 44.0, $step->id, "{$state} upright");
        $this->shapes[] = Shape::wire([[$spine, $y + 58.0], [$spine, $y + self::ROW]], $state, $step->id);
        [$name, $value] = $this->symbolWords($step);
        $this->shapes[] = Shape::text($name, $text, $y + 32.0, 'label', 'start', $step->id);
        $this->shapes[] = Shape::text($value, $text, $y + 54.0, 'figure', 'start', $step->id);
        $this->pin($step->id, $this->width - 16.0, $y + 34.0);
    }
}
