<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Build\Light;
use BenchGlow\Drawing\LightRow;
use BenchGlow\Drawing\Shape;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetWire;
use BenchGlow\Format\BadBuild;
use BenchGlow\Light\Seen;
use BenchGlow\Lists\PartsList;
use BenchGlow\Options\FeedOptions;
use BenchGlow\Options\LedRow;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Sizing\FuseWindow;
use BenchGlow\Sizing\SeriesResistor;

/** Alternatives side by side, each drawn, priced and explained; the one in use is marked "on the bench". */
final readonly class Cards
{
    private const FEEDS = [
        'both' => 'Both ends',
        'middle' => 'Middle',
        'two' => 'Two runs',
        'start' => 'Start',
        'end' => 'End',
    ];

    public function __construct(private Frame $frame)
    {
    }

    /** @return list<Card> feed points of a strip, evenest for the money first; each is a build solved anew, so they are kept */
    public function feeds(Light $light): array
    {
        $cards = Keeper::value(
            [
                'feeds',
                $this->frame->document->wiringHash(),
                $light->id,
                $this->frame->supply,
                ...$this->frame->preference->key(),
            ],
            fn (): array => $this->tryFeeds($light),
        );

        return array_values(array_filter((array) $cards, fn (mixed $c): bool => $c instanceof Card));
    }

    /** @return list<Card> */
    private function tryFeeds(Light $light): array
    {
        // Tried on its circuit alone, in the state in which it glows most.
        $alone = $this->frame->document;
        if ($light->circuit !== null && count($this->frame->analysis->build->circuits) > 1) {
            $alone = $this->alone($light->circuit) ?? $alone;
        }
        $analysis = $this->frame->analyses->of($alone, $this->frame->preference)->analysis;
        $now = FeedOptions::current($analysis->build, $analysis->harness, $light->id);
        $ranked = [];
        foreach (FeedOptions::edits($light->id) as $way => $edit) {
            $tried = $way === $now ? $analysis : $this->tried($alone, $edit);
            if ($tried === null || ($way === 'two' && $light->fit()->units < 2) || ($way === 'end' && $now !== 'end')) {
                continue;
            }
            $states = $tried->litState($light->id, $this->frame->state())->lights[$light->id] ?? [];
            if ($states === []) {
                continue;
            }
            $even = min(array_map(fn (EmitterState $e): float => $e->uniformity(), $states));
            $wire = FeedOptions::wireM($tried->build) - FeedOptions::wireM($analysis->build);
            $ranked[] = [$way, $edit, $even, $wire, PartsList::price($tried) - PartsList::price($analysis), $tried];
        }
        $target = $analysis->build->settings->uniformityTarget;
        usort(
            $ranked,
            fn (array $a, array $b): int => [$a[2] < $target, round(-$a[2], 2), $a[3]] <=> [
                $b[2] < $target,
                round(-$b[2], 2),
                $b[3],
            ],
        );
        $cards = [];
        foreach ($ranked as $n => [$way, $edit, $even, $wire, $price, $tried]) {
            $cards[] = new Card(
                self::FEEDS[$way],
                Shown::percent($even),
                'of the brightest at the dimmest',
                $way === $now
                    ? 'nothing to add'
                    : ($wire < 0.005
                            ? ($wire < -0.005
                                ? '−'.$this->frame->length(-$wire).' wire'
                                : 'no more wire')
                            : '+'.$this->frame->length($wire).' wire').$this->money($price),
                $n === 0
                    ? 'first: evenest'.($even >= $target ? ', keeps your '.Shown::percent($target) : '')
                    : ($even < $target
                        ? 'under your '.Shown::percent($target)
                        : ''),
                $way === $now,
                $edit,
                LightRow::shapes(
                    $tried->build->lights[$light->id],
                    $tried->litState($light->id, $this->frame->state())->lights[$light->id],
                    0.0,
                    8.0,
                    154.0,
                    14.0,
                ),
            );
        }

        return $cards;
    }

    private function alone(string $circuit): ?Document
    {
        try {
            return Editor::apply($this->frame->document, new KeepCircuit($circuit));
        } catch (BadBuild) {
            return null;
        }
    }

    private function tried(Document $document, Edit $edit): ?Analysis
    {
        try {
            return Analysis::of(
                Editor::apply($document, $edit),
                $this->frame->preference->wire,
                $this->frame->preference->units,
            );
        } catch (BadBuild) {
            return null;
        }
    }

    private function money(float $price): string
    {
        return abs($price) < 0.005
            ? ''
            : ', '.
                    ($price > 0 ? '+' : '−').
                    Shown::figure(abs($price)).
                    ' '.
                    $this->frame->analysis->build->settings->currency;
    }

    /** @return list<Card> every string length of a row of LEDs */
    public function strings(Light $light): array
    {
        $options = LedRow::options($this->frame->analysis, $light);
        $best = SeriesResistor::best($options);
        $per = min($light->count(), $light->fields->integer('per_string', 1));
        $cards = [];
        foreach ($options as $i => $o) {
            $used = $o->ledsPerString === $per && abs($light->fields->number('ohm') - (float) $o->resistorOhm) < 1e-6;
            $last =
                $o->lastStringLeds === $o->ledsPerString
                    ? ''
                    : ', last of '.
                        $o->lastStringLeds.
                        ' with '.
                        ($o->lastResistorOhm === null ? '—' : Shown::ohms($o->lastResistorOhm));
            $cards[] = new Card(
                $o->ledsPerString === 1 ? 'One LED, one resistor' : "{$o->ledsPerString} in series",
                $o->resistorOhm === null ? '—' : Shown::ohms($o->resistorOhm),
                "{$o->strings} string".($o->strings === 1 ? '' : 's').$last,
                $o->currentA === null
                    ? ''
                    : Shown::amps($o->currentA['min']).
                        ' / '.
                        Shown::amps($o->currentA['nominal']).
                        ' / '.
                        Shown::amps($o->currentA['max']).
                        ', '.
                        Shown::plain((float) $o->ratingW, 3).
                        ' W resistors, '.
                        Shown::percent((float) $o->efficiency).
                        ' left for the LEDs',
                implode(' ', [...$o->reasons, ...$o->warnings]) ?:
                ($i === $best
                    ? 'first: fewest parts for the steadiest light'
                    : 'swings '.
                        Shown::percent((float) $o->swingLow).
                        ' to '.
                        Shown::percent((float) $o->swingHigh)),
                $used,
                $o->feasible() ? LedRow::edit($light, $o) : null,
                $this->stringDrawing($light, $o->ledsPerString, $o->strings, $o->lastStringLeds),
                $i === $best,
            );
        }
        usort($cards, fn (Card $a, Card $b): int => [! $a->first, $a->edit === null] <=> [! $b->first, $b->edit === null]);

        return $cards;
    }

    /** @return list<Shape> a resistor and its lamps per string, at most four strings */
    private function stringDrawing(Light $light, int $per, int $strings, int $last): array
    {
        $hex = Seen::hex([array_values($light->emitters())[0] ?? 'white' => 1.0]);
        $shapes = [];
        $rows = min(3, $strings);
        $step = min(15.0, 112.0 / max(1, $per));
        for ($row = 0; $row < $rows; $row++) {
            $y = 2.0 + $row * 14.0;
            $count = $row === $rows - 1 && $rows === $strings ? $last : $per;
            $shapes[] = Shape::wire([[0.0, $y + 5], [22.0 + $count * $step + 8, $y + 5]], 'live', $light->id);
            $shapes[] = Shape::box('resistor', 4.0, $y + 1, 14.0, 8.0, $light->id, 'live');
            for ($k = 0; $k < $count; $k++) {
                $shapes[] = Shape::box(
                    'unit',
                    24.0 + $k * $step,
                    $y,
                    min(10.0, $step - 1),
                    min(10.0, $step - 1),
                    $light->id,
                    'lens',
                    $hex,
                );
            }
        }

        return $shapes;
    }

    /** @return list<Card> sizes about the recommended one for a lead */
    public function gauges(string $lead): array
    {
        $figures = $this->frame->analysis->leads[$lead];
        $sizes = Copper::sizes($this->frame->preference->wire);
        $at = 0;
        foreach ($sizes as $k => $size) {
            if ($figures->recommended !== null && abs($size->areaMm2 - $figures->recommended->areaMm2) < 1e-9) {
                $at = $k;
            }
        }
        $supply = $this->frame->analysis->build->mainSupply();
        $cards = [];
        foreach (array_slice($sizes, max(0, $at - 1), 4) as $size) {
            $wire = $figures->wire;
            $drop = $wire->areaMm2 > 0 ? ($figures->dropV * $wire->areaMm2) / $size->areaMm2 : 0.0;
            $allowed = Copper::allowedA($size->areaMm2, $wire->insulationC, $wire->ambientC, $wire->bundle);
            $first = $figures->recommended !== null && abs($size->areaMm2 - $figures->recommended->areaMm2) < 1e-9;
            $cards[] = new Card(
                $size->label(),
                Shown::plain($supply === null ? 0.0 : (100 * $drop) / $supply->nominalV, 1).' %',
                Shown::volts($drop).' lost',
                'good for '.Shown::amps($allowed).$this->wirePrice($size),
                $first
                    ? 'first: thinnest that keeps the drop and bears its fuse'
                    : ($size->areaMm2 < ($figures->recommended->areaMm2 ?? 0.0)
                        ? 'thinner than it should be'
                        : 'more copper than needed'),
                abs($wire->areaMm2 - $size->areaMm2) < 1e-4,
                $first ? new SetWire($lead, null) : new SetWire($lead, round($size->areaMm2, 6), $size->awg),
                [
                    Shape::wire([[0.0, 14.0], [150.0, 14.0]], 'live', $lead),
                    Shape::box(
                        'section',
                        150.0 - 2.2 * sqrt($size->areaMm2) * 2,
                        14.0 - 2.2 * sqrt($size->areaMm2),
                        4.4 * sqrt($size->areaMm2),
                        4.4 * sqrt($size->areaMm2),
                        $lead,
                    ),
                ],
                $first,
            );
        }

        return $cards;
    }

    private function wirePrice(Gauge $size): string
    {
        foreach (Catalogue::shelf('wires') as $entry) {
            if (abs($entry->number('area_mm2') - $size->areaMm2) < 1e-3) {
                return ', '.Shown::figure($entry->number('price_per_m')).' '.$this->frame->analysis->build->settings->currency.' a metre';
            }
        }

        return '';
    }

    /** The first wire to burn behind a fuse that is too large. */
    private function victim(string $lead): string
    {
        return Words::within($this->frame->analysis->build->leads[$lead]->label);
    }

    /** @return list<Card> values in the window, and the next one up */
    public function fuses(string $fuse): array
    {
        $figures = $this->frame->analysis->fuses[$fuse];
        $form = 'inline_blade';
        foreach ($this->frame->analysis->build->leads[$figures->lead]->inline as $thing) {
            $form = $thing->id === $fuse ? $thing->form : $form;
        }
        $cards = [];
        foreach (FuseWindow::values($form) as $amps) {
            $inside = $amps >= $figures->window->lowA - 1e-9 && $amps <= $figures->window->highA + 1e-9;
            if (count($cards) >= 4 || ($cards === [] && ! $inside && $amps < $figures->window->lowA)) {
                continue;
            }
            $first = $figures->window->recommendedA !== null && abs($amps - $figures->window->recommendedA) < 1e-9;
            $cards[] = new Card(
                Shown::amps($amps),
                Shown::amps($figures->loadA),
                'runs through it at most',
                $figures->shortA === null
                    ? ''
                    : 'a short gives '.Shown::plain($figures->shortA / $amps, 0).' × its value',
                $first
                    ? 'first: smallest that stays closed'
                    : ($inside
                        ? 'the wire bears it too'
                        : $this->victim($figures->thinnest ?? $figures->lead).
                            ' burns first, at '.
                            Shown::amps($figures->window->highA)),
                $figures->fittedA() !== null && abs($figures->fittedA() - $amps) < 1e-9,
                new SetField($fuse, 'fuse_a', $first ? null : $amps),
                [
                    Shape::wire([[0.0, 14.0], [52.0, 14.0]], 'live', $fuse),
                    Shape::box('fuse', 52.0, 3.0, 50.0, 22.0, $fuse, 'live'),
                    Shape::wire([[102.0, 14.0], [154.0, 14.0]], 'live', $fuse),
                ],
                $first,
            );
        }

        return $cards;
    }
}
