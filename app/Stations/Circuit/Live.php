<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Build\WhenText;
use BenchGlow\Drawing\Scheme;
use BenchGlow\Drawing\Sketch;
use BenchGlow\Drawing\Symbol;
use BenchGlow\Quantity\Words;
use BenchGlow\Trial\Meter;
use BenchGlow\Trial\Truth;
use BenchGlow\Trial\TruthRow;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;

/** What the live circuit says in words: its parts, the meter's tips, its truth table, its way of switching. */
final class Live
{
    private ?Sketch $sketch = null;

    /** @var array{array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null}|null */
    private ?array $way = null;

    public function __construct(private readonly Frame $frame)
    {
    }

    private function sketch(): ?Sketch
    {
        return $this->frame->circuit === null
            ? null
            : ($this->sketch ??= new Sketch(
                $this->frame->analysis,
                $this->frame->analysis->now[$this->frame->state()],
                $this->frame->circuit->id,
                $this->frame->preference->units,
                $this->frame->pins(),
            ));
    }

    /** @return list<array{part: string, says: string}> every symbol of the drawing, with its state */
    public function parts(): array
    {
        $sketch = $this->sketch();

        return $sketch === null
            ? []
            : array_values(
                array_map(
                    fn (Symbol $s): array => ['part' => $s->part, 'says' => $sketch->said($s)],
                    array_filter($sketch->scheme->symbols, fn (Symbol $s): bool => $s->kind !== 'stub'),
                ),
            );
    }

    /** @return array<string, list<string>> points a tip can be set on, by thing */
    public function points(): array
    {
        $scheme = $this->sketch()?->scheme;
        $points = [];
        foreach ($scheme === null ? [] : [...$scheme->symbols, ...$scheme->lights] as $symbol) {
            foreach ([...$symbol->left, ...$symbol->right] as [$pin]) {
                $points[explode('.', $pin)[0]][$pin] = $pin;
            }
        }
        foreach ($this->frame->analysis->build->supplies as $id => $supply) {
            $points = [$id => ["{$id}.plus" => "{$id}.plus", "{$id}.minus" => "{$id}.minus"]] + $points;
        }

        return array_map(array_values(...), $points);
    }

    /** @return array<string, array<string, string>> the same as choices, under the names of the things */
    public function places(): array
    {
        $places = [];
        foreach ($this->points() as $thing => $pins) {
            $label = $this->frame->analysis->build->label($thing);
            $name = Words::first($label);
            $places[$name] = [
                ...$places[$name] ?? [],
                ...array_combine($pins, array_map($this->frame->names()->pin(...), $pins)),
            ];
        }

        return $places;
    }

    public function meter(): ?Meter
    {
        $scene = $this->frame->analysis->now[$this->frame->state()];
        $tips = $this->frame->tips();

        return isset($tips['red'], $tips['black'])
            ? Meter::between(
                $scene,
                $this->frame->analysis->harness->pin($tips['red']),
                $this->frame->analysis->harness->pin($tips['black']),
            )
            : null;
    }

    /** @return list<TruthRow> */
    public function truth(): array
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null) {
            return [];
        }
        $rows = Keeper::value(
            ['truth', $this->frame->document->wiringHash(), $circuit->id, ...$this->frame->preference->key()],
            fn (): array => Truth::of($this->frame->analysis, $circuit),
        );

        return array_values(array_filter((array) $rows, fn (mixed $r): bool => $r instanceof TruthRow));
    }

    /** @return array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null */
    public function way(): ?array
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null || $this->frame->lights() === []) {
            return null;
        }
        $document = $this->frame->document;
        $this->way ??= Keeper::value(
            ['way', $document->wiringHash(), $circuit->id],
            fn (): array => [Recognise::of($document, $circuit->id)],
        );

        return $this->way[0];
    }

    /** How it is switched and whether that holds, in one line. */
    public function sentence(): string
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null) {
            return '';
        }
        $way = $this->way();
        $states = $this->frame->analysis->stateCount();
        $held = [
            'met' => 'glows as it should',
            'not_met' => 'does not glow as it should',
            'unknown' => 'can\'t be judged',
        ][$this->frame->analysis->intents[$circuit->id]->verdict];
        $when = array_values(
            array_unique(
                array_map(fn ($w): string => WhenText::say($w->when->data, $this->frame->document), $circuit->wants),
            ),
        );
        $wanted =
            $when === []
                ? 'nothing is wanted of it yet'
                : 'wanted: '.implode('; ', array_slice($when, 0, 2)).(count($when) > 2 ? ' …' : '');

        return lcfirst(Ways::find($way['way'] ?? '')?->name() ?? 'is switched in a way of its own').
            '. It '.
            $held.
            " in {$states} states. ".
            ucfirst($wanted).
            '.';
    }

    /** Whether a scheme has anything that can be thrown. */
    public function switched(): bool
    {
        return array_filter(
            $this->sketch()?->scheme->symbols ?? [],
            fn (Symbol $s): bool => in_array($s->kind, ['contact', 'host', 'box'], true),
        ) !== [];
    }

    public function scheme(): ?Scheme
    {
        return $this->sketch()?->scheme;
    }
}
