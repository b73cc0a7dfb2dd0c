<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Compose;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\PartsList;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Player;
use BenchGlow\Story\Story;
use BenchGlow\Ways\Ways;
use DomainException;

/** A circuit written into the build and solved in every state, at three supplies. */
final class Proof
{
    private const HOLE = 0.5;

    private const AH_WEEK = 0.3;

    private const WARNING = 3.0;

    private const OVER = 5.0;

    private const HOURS = 168.0;

    private ?Analysis $before = null;

    private readonly RecipeWords $words;

    /** @param  array<array-key, mixed>|null  $when */
    public function __construct(
        private readonly Document $document,
        private readonly string $circuit,
        private readonly ?array $when,
        private readonly string $wireSystem,
        private readonly string $units,
    ) {
        $this->words = new RecipeWords(Build::of($document));
    }

    /** @return Card|null null: it does not do it, or something dangerous is new with it */
    public function of(Net $net): ?Card
    {
        $card = $this->tried($net, $net->recipe);

        // A switch that is there and is too weak gives way to one that bears it.
        return $card !== null && $card->margin < 0.0 ? $this->tried($net, [...$net->recipe, 'fresh' => true]) : $card;
    }

    /** @param  array<string, mixed>  $recipe */
    private function tried(Net $net, array $recipe): ?Card
    {
        return $this->judged(
            new Compose($this->circuit, new Fields($recipe), $this->when === null ? null : new Fields($this->when)),
            $this->words->name($net->recipe),
            $this->words->sections($net->recipe),
            $net->holes,
        );
    }

    /** @return Card|null a ready way, judged as a circuit made from contacts is */
    public function ready(UseWay $edit): ?Card
    {
        $way = Ways::find($edit->way);

        return $way === null ? null : $this->judged($edit, $way->name(), ['whole' => $way->name()], $way->holes());
    }

    /** @param  array<string, string>  $sections */
    private function judged(Edit $edit, string $name, array $sections, int $holes): ?Card
    {
        try {
            $after = Editor::apply($this->document, $edit);
            $analysis = $this->alone($after);
        } catch (BadBuild|DomainException) {
            return null;
        }
        if ($analysis->intents[$this->circuit]->verdict !== 'met') {
            return null;
        }
        $new = $this->news($analysis);
        if (array_filter($new, fn (Finding $f): bool => $f->severity === Severity::Danger) !== []) {
            return null;
        }
        $price = PartsList::price($analysis) - PartsList::price($this->before());
        $rest = $this->restMa($analysis);
        $margin = $this->margin($analysis);
        $warnings = count(array_filter($new, fn (Finding $f): bool => $f->severity === Severity::Warning));
        $story = $this->storyCost($analysis);

        return new Card(
            $name,
            $sections,
            Changes::between($this->document, $after, $this->circuit),
            $price,
            $holes,
            $rest,
            $margin,
            $story,
            array_values($new),
            count($analysis->scenes()),
            $price +
                self::HOLE * $holes +
                self::AH_WEEK * (((float) $rest * self::HOURS) / 1000.0) +
                self::WARNING * $warnings +
                self::OVER * max(0.0, 0.2 - $margin) +
                (float) $story,
            $edit,
            $analysis,
            $after->wiringHash() === $this->document->wiringHash(),
            self::live($analysis, $this->circuit),
        );
    }

    /** @throws BadBuild */
    private function alone(Document $document): Analysis
    {
        return Analysis::of(Editor::apply($document, new KeepCircuit($this->circuit)), $this->wireSystem, $this->units);
    }

    private function before(): Analysis
    {
        return $this->before ??= $this->alone($this->document);
    }

    /** @return array<int, Finding> what was not there before, as many times */
    private function news(Analysis $analysis): array
    {
        $had = array_count_values(array_map(fn (Finding $f): string => $f->rule, Rules::ofWiring($this->before())));
        $new = [];
        foreach (Rules::ofWiring($analysis) as $finding) {
            if (($had[$finding->rule] ?? 0) > 0) {
                $had[$finding->rule]--;
            } elseif ($finding->severity !== Severity::Note) {
                $new[] = $finding;
            }
        }

        return $new;
    }

    /** What is drawn with everything at rest; null: not solved. */
    private function restMa(Analysis $analysis): ?float
    {
        $scene = $analysis->scene($analysis->build->restPositions(), 'nominal');
        $lit = $scene?->solved() === true ? $scene->lit : null;
        if ($lit === null) {
            return null;
        }
        foreach ($lit->lights as $emitters) {
            if (
                array_filter(
                    $emitters,
                    fn (EmitterState $e): bool => $e->greatest() > $analysis->build->settings->darkTo,
                ) !== []
            ) {
                // It glows at rest: what it takes then is its light.
                return 0.0;
            }
        }

        return 1000.0 * $lit->totalA();
    }

    private function margin(Analysis $analysis): float
    {
        $margin = 1.0;
        foreach ($analysis->bodies->contacts as $id => $contact) {
            if ($contact->maxA !== null && isset($analysis->build->devices[$contact->thing])) {
                $margin = min($margin, 1.0 - $analysis->peakA($id) / (Signals::SHARE * $contact->maxA));
            }
        }

        return $margin;
    }

    /** What the first story it is told costs it, as the ideas of the brief reckon; null: there is none. */
    private function storyCost(Analysis $analysis): ?float
    {
        try {
            $story = Story::called(Build::of($this->document), '');

            return $story === null
                ? null
                : (new Ideas($this->document, $this->circuit))->misses(
                    (new Player($analysis, $this->circuit))->play($story),
                    $story,
                );
        } catch (BadBuild|DomainException) {
            return null;
        }
    }

    /** What stays at voltage while the light is dark. */
    public static function live(Analysis $analysis, string $circuit): string
    {
        $lights = $analysis->build->lightsOf($circuit);
        foreach ($analysis->scenes() as $scene) {
            $lit = false;
            foreach ($lights as $light) {
                foreach ($scene->lit->lights[$light->id] ?? [] as $emitter) {
                    $lit = $lit || $emitter->greatest() > $analysis->build->settings->darkTo;
                }
            }
            if ($scene->supply !== 'nominal' || $lit || ! $scene->solved()) {
                continue;
            }
            foreach ($lights as $light) {
                foreach ($analysis->harness->wiredPins($light->id) as $pin) {
                    foreach (array_keys($analysis->build->supplies) as $supply) {
                        if ((float) $scene->lit->between($pin, "{$supply}.minus") > 1.0) {
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
