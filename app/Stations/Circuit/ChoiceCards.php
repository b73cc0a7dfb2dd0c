<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Compose\Changes;
use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Edit\ChooseSection;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Ways\Choices;
use DomainException;

/** What could stand in one section of the circuit, each applied and solved: those that meet the wish first. */
final readonly class ChoiceCards
{
    public function __construct(private Frame $frame)
    {
    }

    /** @return list<ChoiceCard> */
    public function of(string $section): array
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null || Choices::of($section) === []) {
            return [];
        }
        $cards = Keeper::value(
            [
                'choices',
                $this->frame->document->wiringHash(),
                $circuit->id,
                $section,
                ...$this->frame->preference->key(),
            ],
            fn (): array => $this->tried($circuit->id, $section),
        );

        return array_values(array_filter((array) $cards, fn (mixed $c): bool => $c instanceof ChoiceCard));
    }

    /** @return list<ChoiceCard> */
    private function tried(string $circuit, string $section): array
    {
        $before = $this->solved($this->frame->document, $circuit);
        $cards = array_map(
            fn (string $choice): ChoiceCard => $this->card($circuit, $section, $choice, $before),
            array_keys(Choices::of($section)),
        );
        $rank = fn (ChoiceCard $c): array => [$c->edit === null && ! $c->onTheBench, ! $c->meets, ! $c->onTheBench];
        usort($cards, fn (ChoiceCard $a, ChoiceCard $b): int => $rank($a) <=> $rank($b));

        return $cards;
    }

    private function solved(Document $document, string $circuit): Analysis
    {
        $preference = $this->frame->preference;

        return Analysis::of(Editor::apply($document, new KeepCircuit($circuit)), $preference->wire, $preference->units);
    }

    private function card(string $circuit, string $section, string $choice, Analysis $before): ChoiceCard
    {
        $words = Words::first(Choices::words($section, $choice));
        $edit = new ChooseSection($circuit, $section, $choice);
        try {
            $after = Editor::apply($this->frame->document, $edit);
            $tried = $this->solved($after, $circuit);
        } catch (BadBuild|DomainException $e) {
            $why = $e instanceof BadBuild ? $e->problem : $e->getMessage();

            return new ChoiceCard($words, false, false, '', '', null, null, $this->frame->names()->sentence($why));
        }
        $now = $after->wiringHash() === $this->frame->document->wiringHash();
        $price = PartsList::price($tried) - PartsList::price($before);
        $sign = $price >= 0 ? '+' : '−';

        return new ChoiceCard(
            $words,
            $now,
            $tried->intents[$circuit]->verdict === 'met',
            $now ? '' : Changes::between($this->frame->document, $after, $circuit)->says(),
            $now ? '' : $sign.Shown::figure(abs($price)).' '.$tried->build->settings->currency,
            CardDrawing::of($tried, $circuit),
            $now ? null : $edit,
        );
    }
}
