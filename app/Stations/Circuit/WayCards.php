<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Facts;
use BenchGlow\Compose\Proof;
use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Ways\Ways;
use LogicException;

/** Every ready way, tried on this circuit and solved; the one in use first, then those that suit. */
final readonly class WayCards
{
    public function __construct(private Frame $frame)
    {
    }

    /** @return list<WayCard> */
    public function all(): array
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null) {
            return [];
        }
        $cards = Keeper::value(
            ['ways', $this->frame->document->wiringHash(), $circuit->id, ...$this->frame->preference->key()],
            fn (): array => $this->tried($circuit->id),
        );

        return array_values(array_filter((array) $cards, fn (mixed $c): bool => $c instanceof WayCard));
    }

    /** @return list<WayCard> the one on the bench first, then those that suit, then those that keep the brief */
    private function tried(string $circuit): array
    {
        $now = (new Live($this->frame))->way()['way'] ?? '';
        $alone = PartsList::price($this->solved(new KeepCircuit($circuit)));
        $cards = array_map(
            fn (string $way): WayCard => $this->card($circuit, $way, $way === $now, $alone),
            array_keys(Ways::ALL),
        );
        $rank = fn (WayCard $c): array => [! $c->onTheBench, $c->edit === null, count($c->breaks)];
        usort($cards, fn (WayCard $a, WayCard $b): int => $rank($a) <=> $rank($b));

        return $cards;
    }

    /** @throws BadBuild */
    private function solved(Edit $edit): Analysis
    {
        $preference = $this->frame->preference;

        return Analysis::of(Editor::apply($this->frame->document, $edit), $preference->wire, $preference->units);
    }

    private function card(string $circuit, string $way, bool $now, float $alone): WayCard
    {
        $ready = Ways::find($way) ?? throw new LogicException("There is no way {$way}.");
        $edit = new UseWay($circuit, $way);
        try {
            // Tried on this circuit alone: what others do to it is for the proof of the whole build.
            $tried = $this->solved(
                new Batch([...$now ? [] : [new UseWay($circuit, $way, say: true)], new KeepCircuit($circuit)]),
            );
        } catch (BadBuild $e) {
            return new WayCard($ready, $now, null, $this->frame->names()->sentence($e->problem));
        }
        $price = PartsList::price($tried) - $alone;

        return new WayCard(
            $ready,
            $now,
            $edit,
            '',
            CardDrawing::of($tried, $circuit),
            count(array_filter($tried->build->devices, fn (Device $d): bool => $d->circuit() === $circuit)) +
                count(
                    array_filter(
                        $tried->fuses,
                        fn ($f): bool => ($tried->build->leads[$f->lead]->circuit ?? '') === $circuit,
                    ),
                ),
            $now
                ? ''
                : ($price >= 0 ? '+' : '−').Shown::figure(abs($price)).' '.$tried->build->settings->currency,
            Proof::live($tried, $circuit),
            Facts::broken(
                $this->frame->document,
                $circuit,
                $ready->holes(),
                PartsList::price($this->frame->analysis) + $price,
            ),
        );
    }
}
