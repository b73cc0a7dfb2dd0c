<?php

declare(strict_types=1);

namespace App\View;

use BenchGlow\Build\WhenText;
use BenchGlow\Drawing\Scheme;
use BenchGlow\Drawing\Sketch;
use BenchGlow\Drawing\Symbol;
use BenchGlow\Trial\Meter;
use BenchGlow\Trial\Truth;
use BenchGlow\Trial\TruthRow;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;

/** What the live circuit says in words: its parts, the meter's tips, its truth table, its way of switching. */
final class Live
{
    private ?Sketch $sketch = null;

    public function __construct(private readonly StationPage $page)
    {
    }

    private function sketch(): ?Sketch
    {
        return $this->page->circuit === null
            ? null
            : ($this->sketch ??= new Sketch(
                $this->page->analysis,
                $this->page->analysis->now[$this->page->state()],
                $this->page->circuit->id,
                $this->page->preference->units,
                $this->page->pins(),
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
        foreach ($this->page->analysis->build->supplies as $id => $supply) {
            $points = [$id => ["{$id}.plus" => "{$id}.plus", "{$id}.minus" => "{$id}.minus"]] + $points;
        }

        return array_map(array_values(...), $points);
    }

    public function meter(): ?Meter
    {
        $scene = $this->page->analysis->now[$this->page->state()];
        $tips = $this->page->tips;

        return isset($tips['red'], $tips['black'])
            ? Meter::between(
                $scene,
                $this->page->analysis->harness->pin($tips['red']),
                $this->page->analysis->harness->pin($tips['black']),
            )
            : null;
    }

    /** @return list<TruthRow> */
    public function truth(): array
    {
        return $this->page->circuit === null ? [] : Truth::of($this->page->analysis, $this->page->circuit);
    }

    /** @return array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null */
    public function way(): ?array
    {
        return $this->page->circuit === null || $this->page->lights() === []
            ? null
            : Recognise::of($this->page->document, $this->page->circuit->id);
    }

    /** How it is switched and whether that holds, in one line. */
    public function sentence(): string
    {
        $circuit = $this->page->circuit;
        if ($circuit === null) {
            return '';
        }
        $way = $this->way();
        $states = count($this->page->analysis->scenes);
        $held = [
            'met' => 'glows as it should',
            'not_met' => 'does not glow as it should',
            'unknown' => 'can\'t be judged',
        ][$this->page->analysis->intents[$circuit->id]->verdict];
        $when = array_values(
            array_unique(
                array_map(fn ($w): string => WhenText::say($w->when->data, $this->page->document), $circuit->wants),
            ),
        );
        $wanted =
            $when === []
                ? 'nothing is wanted of it yet'
                : 'wanted: '.implode('; ', array_slice($when, 0, 2)).(count($when) > 2 ? ' …' : '');

        return ($way === null ? 'is switched in a way of its own' : lcfirst(Ways::ALL[$way['way']][0])).
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
