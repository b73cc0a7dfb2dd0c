<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Names;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\SourceSide;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\PartsList;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Words;
use DomainException;

/** What can go into a wire at a place, each put in and solved on the circuit alone. */
final class Offers
{
    public const MOST = 8;

    private const SWITCHES = [
        'hand' => ['rocker_plain', 'Rocker'],
        'lid' => ['lid_switch', 'Lid switch'],
        'door' => ['plunger_nc', 'Plunger'],
        'motion' => ['sensor_motion', 'Motion sensor'],
        'dusk' => ['sensor_dusk', 'Dusk sensor'],
    ];

    private readonly Build $build;

    private readonly string $circuit;

    private readonly Analysis $before;

    /**
     * @param  Fields  $place  lead, core, at_m
     * @param  string|null  $rule  of the finding it was opened from; null: of none
     *
     * @throws BadBuild
     */
    public function __construct(
        private readonly Document $document,
        private readonly Fields $place,
        private readonly ?string $rule = null,
        private readonly string $wireSystem = 'mm2',
        private readonly string $units = 'metric',
    ) {
        $this->build = Build::of($document);
        $lead =
            $this->build->leads[$place->text('lead')] ??
            throw BadBuild::at('/lead', "there is no wire `{$place->text('lead')}` any more; open another.");
        if (! isset($lead->cores[$place->integer('core', 1) - 1])) {
            throw BadBuild::at('/core', "`{$lead->id}` has no core {$place->integer('core', 1)}.");
        }
        $this->circuit = (string) $lead->circuit;
        $this->before = $this->alone($document);
    }

    /** @throws BadBuild */
    private function alone(Document $document): Analysis
    {
        return Analysis::of(
            $this->circuit === '' ? $document : Editor::apply($document, new KeepCircuit($this->circuit)),
            $this->wireSystem,
            $this->units,
        );
    }

    /** @return list<Offer> those that meet the wish first, then those that mend what it was opened from, that keep the verdict, by price */
    public function all(): array
    {
        $offers = [];
        foreach ($this->candidates() as [$name, $symbol, $edit]) {
            try {
                $offers[] = $this->tried($name, $symbol, $edit);
            } catch (BadBuild|DomainException) {
                // What can't stand here is not offered.
                continue;
            }
        }
        $rank = fn (Offer $o): array => [
            ! ($o->meets && ! $this->met()),
            ! $o->mends,
            ! $o->keeps,
            count(array_filter($o->findings, fn (Finding $f): bool => $f->severity === Severity::Danger)),
            $o->price,
        ];
        usort($offers, fn (Offer $a, Offer $b): int => $rank($a) <=> $rank($b));

        return array_slice($offers, 0, self::MOST);
    }

    private function met(): bool
    {
        return ($this->before->intents[$this->circuit] ?? null)?->verdict === 'met';
    }

    public function tried(string $name, string $symbol, Edit $edit): Offer
    {
        $after = $this->alone(Editor::apply($this->document, $edit));
        $verdict = ($after->intents[$this->circuit] ?? null)->verdict ?? '';
        $new = $this->news($after);
        [$was, $is] = [self::weakest($this->before, $this->circuit), self::weakest($after, $this->circuit)];

        return new Offer(
            $name,
            $symbol,
            self::does($after, $this->circuit, $verdict),
            $was === null || $is === null ? null : $was - $is,
            $is,
            PartsList::price($after) - PartsList::price($this->before),
            $after->build->settings->currency,
            $verdict === 'met',
            $verdict === (($this->before->intents[$this->circuit] ?? null)->verdict ?? '') && $new === [],
            $this->rule !== null && ! $this->has($after, $this->rule) && $this->has($this->before, $this->rule),
            $new,
            $edit,
            $after,
        );
    }

    private function has(Analysis $analysis, string $rule): bool
    {
        return array_filter(Rules::ofWiring($analysis), fn (Finding $f): bool => $f->rule === $rule) !== [];
    }

    /** @return list<Finding> */
    private function news(Analysis $after): array
    {
        $had = array_count_values(array_map(fn (Finding $f): string => $f->rule, Rules::ofWiring($this->before)));
        $new = [];
        foreach (Rules::ofWiring($after) as $finding) {
            if (($had[$finding->rule] ?? 0) > 0) {
                $had[$finding->rule]--;
            } elseif ($finding->severity !== Severity::Note) {
                $new[] = $finding;
            }
        }

        return $new;
    }

    /** Volts at the weakest lamp where it is lit at the normal supply; null: never lit. */
    public static function weakest(Analysis $analysis, string $circuit): ?float
    {
        $least = null;
        foreach ($analysis->build->lightsOf($circuit) as $light) {
            foreach ($analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [] as $emitter) {
                if ($emitter->greatest() > $analysis->build->settings->darkTo) {
                    $least = min($least ?? INF, $emitter->volts[$emitter->weakest()] ?? INF);
                }
            }
        }

        return $least;
    }

    /** In how many situations it glows, in words. */
    private static function does(Analysis $analysis, string $circuit, string $verdict): string
    {
        $lit = $dark = 0;
        foreach ($analysis->scenes() as $scene) {
            if ($scene->supply !== 'nominal') {
                continue;
            }
            $glows = false;
            foreach ($analysis->build->lightsOf($circuit) as $light) {
                foreach ($scene->lit->lights[$light->id] ?? [] as $emitter) {
                    $glows = $glows || $emitter->greatest() > $analysis->build->settings->darkTo;
                }
            }
            $glows ? $lit++ : $dark++;
        }

        return match (true) {
            $verdict === 'met' => 'glows as wished',
            $lit === 0 => 'stays dark',
            $dark === 0 => 'glows always',
            default => 'glows, not as wished',
        };
    }

    /** @return list<array{string, string, Edit}> name, symbol, edit */
    private function candidates(): array
    {
        $sides = SourceSide::of($this->document);
        $isReturn = $sides->isReturn($this->place->text('lead'), $this->place->integer('core', 1));

        return [
            ...$this->switches(),
            ...$isReturn ? [] : $this->thrown(),
            ...$isReturn ? [] : $this->controls(),
            ...$this->inLine($isReturn),
        ];
    }

    /** @param  array<array-key, string>  $bind */
    private function put(string $part, array $bind = []): InsertPart
    {
        return new InsertPart($this->place, $part, bind: $bind === [] ? null : new Fields($bind));
    }

    /** @return list<string> inputs the circuit's wishes go by first */
    private function inputs(): array
    {
        $wished = [];
        foreach ($this->build->circuits[$this->circuit]->wants ?? [] as $want) {
            $wished = [...$wished, ...$want->when->inputs()];
        }
        $all = array_keys($this->build->inputs);

        return array_values(array_unique([...array_intersect($wished, $all), ...$all]));
    }

    /** @return list<array{string, string, Edit}> */
    private function switches(): array
    {
        $names = Names::in($this->build->index);
        $offers = [];
        foreach ($this->inputs() as $input) {
            [$part, $what] = self::SWITCHES[$this->build->inputs[$input]->kind] ?? [null, ''];
            if ($part !== null && count($offers) < 3) {
                $offers[] = [
                    "{$what}, ".Words::within($names->name($input)),
                    'contact',
                    $this->put($part, ['input' => $input]),
                ];
            }
        }

        return $offers === []
            ? [['Rocker, a new one', 'contact', $this->put('rocker_plain', ['input' => 'new'])]]
            : $offers;
    }

    /** @return list<array{string, string, Edit}> relays and solid-state switches that a wire of the host throws */
    private function thrown(): array
    {
        $names = Names::in($this->build->index);
        $volts = ($this->build->mainSupply()->nominalV ?? 12.0) > 18.0 ? 24 : 12;
        $wanted = $this->inputs();
        $wires = array_filter($this->build->wires, fn (HostWire $w): bool => $w->mayBeTapped() && $w->liveWhen !== null);
        uasort($wires, fn (HostWire $a, HostWire $b): int => self::place($a, $wanted) <=> self::place($b, $wanted));
        $offers = [];
        foreach (array_slice($wires, 0, 2) as $wire) {
            $said = Words::within($names->name($wire->id));
            $offers[] = [
                "Relay, thrown by {$said}",
                'relay',
                $this->put("relay_4_{$volts}_resistor", ['86' => $wire->id]),
            ];
        }
        $first = array_values(array_filter($wires, fn (HostWire $w): bool => $w->positive))[0] ?? null;
        if ($first !== null) {
            $said = Words::within($names->name($first->id));
            $offers[] = [
                "Solid-state switch, thrown by {$said}",
                'box',
                $this->put('solid_state_10', ['ctl' => $first->id]),
            ];
        }

        return $offers;
    }

    /** @param  list<string>  $wanted */
    private static function place(HostWire $wire, array $wanted): int
    {
        $at = array_map(
            fn (string $i): int => (int) array_search($i, $wanted, true),
            (new \BenchGlow\Build\When($wire->live()))->inputs(),
        );

        return $at === [] ? 99 : min($at);
    }

    /** @return list<array{string, string, Edit}> */
    private function controls(): array
    {
        foreach ($this->build->lightsOf($this->circuit) as $light) {
            if ($light->kind === 'strip' && count($light->emitters()) > 1) {
                $key = count($light->emitters()) === 4 ? 'colour_white_common_plus' : 'colour_common_plus';

                return [['Colour controller', 'box', $this->put($key)]];
            }
        }

        return [['Dimmer', 'box', $this->put('dimmer_low')]];
    }

    /** @return list<array{string, string, Edit}> */
    private function inLine(bool $isReturn): array
    {
        $lead = $this->build->leads[$this->place->text('lead')];
        $has = fn (string $kind): bool => array_filter(
            $lead->inline,
            fn (Inline $i): bool => $i->kind === $kind &&
                ($kind === 'plug' || $i->core === $this->place->integer('core', 1)),
        ) !== [];
        $offers = [['Diode', 'diode', $this->put($this->diode())]];
        if (! $has('plug')) {
            foreach ([1, 2, 3, 4, 6] as $ways) {
                $plug = $this->put("plug_{$ways}");
                try {
                    Editor::apply($this->document, $plug);
                } catch (BadBuild) {
                    continue;
                }
                $offers[] = [$ways === 1 ? 'Plug' : "Plug, {$ways} ways", 'plug', $plug];
                break;
            }
        }
        if (! $isReturn && ! $has('fuse')) {
            $offers[] = ['Fuse', 'fuse', $this->put('fuse')];
        }

        return $offers;
    }

    /** The smallest Schottky that bears the amps of the wire. */
    private function diode(): string
    {
        $amps = max([
            0.0,
            ...array_map(
                fn (string $w): float => $this->before->peakA($w),
                array_filter(
                    array_keys($this->before->harness->wires),
                    fn (string $w): bool => str_starts_with($w, $this->place->text('lead').'.'),
                ),
            ),
        ]);
        foreach (['schottky_3', 'schottky_5', 'schottky_10'] as $key) {
            if ((Catalogue::part($key)?->number('max_a') ?? 0.0) >= $amps) {
                return $key;
            }
        }

        return 'schottky_10';
    }
}
