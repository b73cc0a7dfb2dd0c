<?php

declare(strict_types=1);

namespace App\View;

use App\Support\Analyses;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Ways\Ways;
use Illuminate\Support\Facades\Cache;

/** Every ready way, tried on this circuit and solved; the one in use first, then those that suit. */
final readonly class WayCards
{
    public function __construct(private StationPage $page)
    {
    }

    /** @return list<WayCard> */
    public function all(): array
    {
        $circuit = $this->page->circuit;
        if ($circuit === null) {
            return [];
        }
        $key = implode(':', [
            'ways',
            $this->page->document->hash(),
            $circuit->id,
            $this->page->preference->wire,
            $this->page->preference->units,
            $this->page->preference->decimal_sign,
            Analyses::version(),
        ]);
        $kept = Cache::get($key);
        $cards = is_string($kept) ? @unserialize($kept) : null;
        if (! is_array($cards)) {
            $now = (new Live($this->page))->way()['way'] ?? '';
            $alone = PartsList::price(
                Analysis::of(
                    Editor::apply($this->page->document, ['op' => 'keep_circuit', 'circuit' => $circuit->id]),
                    $this->page->preference->wire,
                    $this->page->preference->units,
                ),
            );
            $cards = array_map(
                fn (string $way): WayCard => $this->card($circuit->id, $way, $way === $now, $alone),
                array_keys(Ways::ALL),
            );
            usort(
                $cards,
                fn (WayCard $a, WayCard $b): int => [! $a->onTheBench, $a->edit === null, count($a->breaks)] <=> [
                    ! $b->onTheBench,
                    $b->edit === null,
                    count($b->breaks),
                ],
            );
            Cache::put($key, serialize($cards), now()->addDays(30));
        }

        return array_values(array_filter($cards, fn (mixed $c): bool => $c instanceof WayCard));
    }

    private function card(string $circuit, string $way, bool $now, float $alone): WayCard
    {
        [$name, $right, $failure, $holes] = Ways::ALL[$way];
        $school = Ways::SCHOOLS[$way] ?? '';
        $edit = ['circuit' => $circuit, 'way' => $way];
        try {
            // Tried on this circuit alone: what others do to it is for the proof of the whole build.
            $tried = Analysis::of(
                Editor::apply($this->page->document, [
                    'op' => 'batch',
                    'edits' => [
                        ...$now ? [] : [['op' => 'use_way', 'say' => true, ...$edit]],
                        ['op' => 'keep_circuit', 'circuit' => $circuit],
                    ],
                ]),
                $this->page->preference->wire,
                $this->page->preference->units,
            );
        } catch (BadBuild $e) {
            return new WayCard($name, $right, $failure, $school, $holes, $now, null, $e->problem);
        }
        $price = PartsList::price($tried) - $alone;

        return new WayCard(
            $name,
            $right,
            $failure,
            $school,
            $holes,
            $now,
            $edit,
            '',
            CardDrawing::of($tried, $circuit),
            count(array_filter($tried->build->devices, fn ($d): bool => $d->text('circuit') === $circuit)) +
                count(
                    array_filter(
                        $tried->fuses,
                        fn ($f): bool => ($tried->build->leads[$f->lead]->circuit ?? '') === $circuit,
                    ),
                ),
            $now
                ? ''
                : ($price >= 0 ? '+' : '−').Shown::figure(abs($price)).' '.$tried->build->settings->currency,
            $this->live($tried, $circuit),
            Facts::broken($this->page->document, $circuit, $holes, PartsList::price($this->page->analysis) + $price),
        );
    }

    /** What stays at voltage while the light is dark, at rest. */
    private function live(Analysis $analysis, string $circuit): string
    {
        foreach ($analysis->scenes as $scene) {
            $lights = $analysis->build->lightsOf($circuit);
            $lit = array_filter(
                $lights,
                fn ($l): bool => array_filter(
                    $scene->lit->lights[$l->id] ?? [],
                    fn ($e): bool => $e->greatest() > $analysis->build->settings->darkTo,
                ) !== [],
            );
            if ($scene->supply !== 'nominal' || $lit !== [] || ! $scene->solved()) {
                continue;
            }
            foreach ($lights as $light) {
                foreach ($analysis->harness->wiredPins($light->id) as $pin) {
                    foreach ($analysis->build->supplies as $supply) {
                        if ((float) $scene->lit->between($pin, "{$supply->id}.minus") > 1.0) {
                            return 'the lamp stays at voltage';
                        }
                    }
                }
            }

            return 'nothing is live at the lamp';
        }

        return 'it is never off by itself';
    }
}
