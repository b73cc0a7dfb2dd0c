<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Compose\Card;
use BenchGlow\Compose\Composer;
use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Circuits for the wish of the circuit in hand: fitted, written, proven. */
final readonly class WishCards
{
    public function __construct(private Frame $frame)
    {
    }

    public function found(): ?Wishes
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null) {
            return null;
        }
        // Its story weighs in; work, log and quote do not.
        $kept = Keeper::value(
            ['wishes', $this->frame->document->wiringHash(), $circuit->id, ...$this->frame->preference->key()],
            fn (): Wishes => $this->sought($circuit->id),
        );

        return $kept instanceof Wishes ? $kept : null;
    }

    private function sought(string $circuit): Wishes
    {
        $preference = $this->frame->preference;
        $composed = (new Composer($this->frame->document, $circuit, $preference->wire, $preference->units))->of(null);
        $build = $this->frame->analysis->build;

        return new Wishes(
            array_map(fn (Card $c): WishCard => $this->card($c, $circuit), $composed->cards),
            $composed->fit,
            $composed->tried,
            $composed->whyNone === null ? null : $this->frame->names()->sentence(Words::first($composed->whyNone)),
            array_values(array_intersect_key($build->inputs, array_flip($composed->untold))),
        );
    }

    private function card(Card $card, string $circuit): WishCard
    {
        $currency = $this->frame->analysis->build->settings->currency;
        $price =
            abs($card->price) < 0.005
                ? 'nothing to buy'
                : ($card->price > 0 ? '+' : '−').Shown::figure(abs($card->price))." {$currency}";
        $rest = (float) $card->restMa;

        return new WishCard(
            $card->name,
            $card->changes->says(),
            [
                $price,
                $card->holes === 0 ? 'nothing to drill' : $card->holes.($card->holes === 1 ? ' hole' : ' holes'),
                $rest < 0.01 ? 'draws nothing at rest' : Shown::amps($rest / 1000.0).' at rest',
                $card->live,
            ],
            "proven in {$card->states} states",
            $card->onTheBench,
            CardDrawing::of($card->analysis, $circuit),
            $card->edit,
        );
    }
}
