<?php

declare(strict_types=1);

namespace BenchGlow\Report;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rules;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\Paths;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\Shown;
use BenchGlow\Sizing\Copper;
use BenchGlow\Sizing\FuseWindow;

/** Everything computed about a build: three supply states, wires, fuses, intent, findings. */
final readonly class Analysis
{
    public const SUPPLY_STATES = ['min', 'nominal', 'max'];

    /** Stand-in while the rated amps of undecided wires are found: thick enough to hide nothing. */
    private const RATED_MM2 = 6.0;

    /**
     * @param  array<string, State>  $states  min, nominal, max
     * @param  array<string, LeadFigures>  $leads
     * @param  array<string, FuseFigures>  $fuses
     * @param  array<string, string>  $unsolvable  circuit => why it is not judged yet
     * @param  array<string, Intent>  $intents  circuit => its wants against the solution
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public Build $build,
        public Harness $harness,
        public Paths $paths,
        public string $wireSystem,
        public string $units,
        public array $states,
        public array $leads,
        public array $fuses,
        public array $unsolvable,
        public array $intents,
        public array $findings,
        public int $solves,
    ) {
    }

    /**
     * @param  string  $wireSystem  awg · mm2: which sizes are recommended
     * @param  string  $units  metric · imperial: how lengths are said in findings
     */
    public static function of(Document $document, string $wireSystem = 'mm2', string $units = 'metric'): self
    {
        $build = Build::of($document);
        $harness = Harness::of($build);
        $paths = new Paths($harness);
        $rated = array_map(fn (Lead $l): LeadWire => LeadWire::of($build, $l, Gauge::mm2(self::RATED_MM2)), $build->leads);
        $thick = array_map(fn (LeadWire $w): LeadWire => new LeadWire(self::RATED_MM2, null, $w->insulationC, $w->material, $w->ambientC, $w->meanC, $w->bundle, $w->moves, $w->chosen), $rated);
        // Rated amps once, at nominal for the drop and at the highest supply for the fuse; never iterated.
        $nominal = StateSolver::solve($build, $harness, $thick, 'nominal');
        $max = StateSolver::solve($build, $harness, $thick, 'max');
        $choices = self::recommend($build, $harness, $paths, $thick, $nominal, $max, $wireSystem);
        $wiring = [];
        foreach ($build->leads as $id => $lead) {
            $sizes = Copper::sizes($wireSystem);
            $wiring[$id] = LeadWire::of($build, $lead, $choices[$id][0] ?? $sizes[count($sizes) - 1]);
        }
        $states = [];
        foreach (self::SUPPLY_STATES as $name) {
            $states[$name] = StateSolver::solve($build, $harness, $wiring, $name);
        }
        $leads = self::leadFigures($build, $harness, $wiring, $choices, $states);
        $fuses = self::fuseFigures($build, $harness, $paths, $wiring, $states, $max);
        $unsolvable = self::unsolvable($build, $harness);
        $intents = [];
        foreach ($build->circuits as $circuit) {
            $intents[$circuit->id] = Intent::judge($build, $circuit, $states, $unsolvable[$circuit->id] ?? null);
        }
        $analysis = new self($build, $harness, $paths, $wireSystem, $units, $states, $leads, $fuses, $unsolvable, $intents, [], 5);

        return new self($build, $harness, $paths, $wireSystem, $units, $states, $leads, $fuses, $unsolvable, $intents, Rules::check($analysis), 5);
    }

    /**
     * @param  array<string, LeadWire>  $thick
     * @return array<string, array{Gauge|null, string|null}> recommended size and the reason where there is none
     */
    private static function recommend(Build $build, Harness $harness, Paths $paths, array $thick, State $nominal, State $max, string $system): array
    {
        $pathM = self::pathLengths($build, $harness, $paths);
        $fuseA = self::fuseDemand($build, $harness, $paths, $thick, $max);
        $volts = $build->supplies === [] ? 12.0 : min(array_map(fn ($s): float => $s->nominalV, $build->supplies));
        $choices = [];
        foreach ($build->leads as $id => $lead) {
            $wire = $thick[$id];
            $amps = self::leadAmps($harness, $id, $nominal);
            $need = max($fuseA[$id] ?? 0.0, FuseWindow::smallestFor(self::leadAmps($harness, $id, $max), $wire->ambientC) ?? INF);
            $choices[$id] = [null, $wire->ambientC >= $wire->insulationC ? 'the place is hotter than the insulation bears' : 'no size in the table does'];
            foreach (Copper::sizes($system) as $gauge) {
                $drop = $amps * Copper::ohmPerM($gauge->areaMm2, $wire->meanC, $wire->material) * ($pathM[$id] ?? 0.0);
                $tooThin = $wire->moves && ($gauge->awg !== null ? $gauge->awg > 20 : $gauge->areaMm2 < 0.5);
                if ($drop <= $build->settings->dropTarget * $volts && ! $tooThin && Copper::allowedA($gauge->areaMm2, $wire->insulationC, $wire->ambientC, $wire->bundle) >= $need) {
                    $choices[$id] = [$gauge, null];
                    break;
                }
            }
        }

        return $choices;
    }

    /**
     * The longest way out and back of any light behind each lead, metres.
     *
     * @return array<string, float>
     */
    private static function pathLengths(Build $build, Harness $harness, Paths $paths): array
    {
        $longest = [];
        foreach ($build->lights as $light) {
            $steps = [];
            $out = 0.0;
            $back = 0.0;
            foreach ($harness->wiredPins($light->id) as $pin) {
                $feed = $paths->feed($pin);
                $return = $paths->back($pin);
                $out = max($out, $feed === null ? 0.0 : (float) $paths->metresFromPlus($pin));
                $back = max($back, $return === null ? 0.0 : (float) $paths->metresFromMinus($pin));
                array_push($steps, ...($feed ?? []), ...($return ?? []));
            }
            foreach ($steps as $step) {
                $longest[$step->lead] = max($longest[$step->lead] ?? 0.0, $out + $back);
            }
        }
        foreach ($build->leads as $id => $lead) {
            $longest[$id] ??= 2 * Harness::lengthM($build, $lead);
        }

        return $longest;
    }

    /**
     * The fuse each lead must bear: the smallest value for what runs through the fuse before it.
     *
     * @param  array<string, LeadWire>  $thick
     * @return array<string, float>
     */
    private static function fuseDemand(Build $build, Harness $harness, Paths $paths, array $thick, State $max): array
    {
        $demand = [];
        foreach (self::fuseIds($build) as $fuse => [$lead, , $form]) {
            $value = FuseWindow::smallestFor(abs($max->amps[$fuse] ?? 0.0), $thick[$lead]->ambientC, $form) ?? INF;
            foreach ([...$paths->behind($fuse)[0]] as $wire) {
                $behind = $harness->wires[$wire]->lead;
                $demand[$behind] = max($demand[$behind] ?? 0.0, $value);
            }
        }

        return $demand;
    }

    /** @return array<string, array{string, float|null, string}> fuse => lead, chosen amps, form */
    private static function fuseIds(Build $build): array
    {
        $all = [];
        foreach ($build->leads as $id => $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $all[$thing->id] = [$id, $thing->fuseA, $thing->form];
                }
            }
        }

        return $all;
    }

    private static function leadAmps(Harness $harness, string $lead, State $state): float
    {
        $amps = 0.0;
        foreach ($harness->wires as $wire) {
            if ($wire->lead === $lead) {
                $amps = max($amps, abs($state->amps[$wire->id] ?? 0.0));
            }
        }

        return $amps;
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  array<string, array{Gauge|null, string|null}>  $choices
     * @param  array<string, State>  $states
     * @return array<string, LeadFigures>
     */
    private static function leadFigures(Build $build, Harness $harness, array $wiring, array $choices, array $states): array
    {
        $figures = [];
        foreach ($build->leads as $id => $lead) {
            [$out, $back] = [[], []];
            foreach ($harness->wires as $wire) {
                if ($wire->lead === $id) {
                    $drop = (float) $states['nominal']->between($wire->from, $wire->to);
                    $out[$wire->core] = ($out[$wire->core] ?? 0.0) + max(0.0, $drop);
                    $back[$wire->core] = ($back[$wire->core] ?? 0.0) + max(0.0, -$drop);
                }
            }
            $figures[$id] = new LeadFigures(
                $id, $wiring[$id], $choices[$id][0], $choices[$id][1], Harness::lengthM($build, $lead), $lead->lengthM !== null || $lead->route !== [],
                self::outAndBack($lead, $out, $back, $harness), Extreme::greatest(array_map(fn (State $s): float => self::leadAmps($harness, $id, $s), $states)), $wiring[$id]->allowedA(),
            );
        }

        return $figures;
    }

    /**
     * Volts lost in a lead: its worst core out plus its worst core back. Cores are told apart by which end hangs nearer the plus.
     *
     * @param  array<int, float>  $out  drop along the written direction by core
     * @param  array<int, float>  $back
     */
    private static function outAndBack(Lead $lead, array $out, array $back, Harness $harness): float
    {
        $feed = 0.0;
        $return = 0.0;
        foreach ($lead->cores as $c => [$from, $to]) {
            $drop = max($out[$c + 1] ?? 0.0, $back[$c + 1] ?? 0.0);
            if (self::isReturn($from, $to)) {
                $return = max($return, $drop);
            } else {
                $feed = max($feed, $drop);
            }
        }

        return $feed + $return;
    }

    private static function isReturn(?string $from, ?string $to): bool
    {
        return str_ends_with((string) $from, '.minus') || str_ends_with((string) $to, '.minus');
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  array<string, State>  $states
     * @return array<string, FuseFigures>
     */
    private static function fuseFigures(Build $build, Harness $harness, Paths $paths, array $wiring, array $states, State $rated): array
    {
        $figures = [];
        foreach (self::fuseIds($build) as $fuse => [$lead, $chosen, $form]) {
            [$behind, $lights] = $paths->behind($fuse);
            $allowed = INF;
            $thinnest = null;
            foreach ($behind as $wire) {
                $a = $wiring[$harness->wires[$wire]->lead]->allowedA();
                if ($a < $allowed) {
                    [$allowed, $thinnest] = [$a, $harness->wires[$wire]->lead];
                }
            }
            $load = Extreme::greatest(array_map(fn (State $s): float => abs($s->amps[$fuse] ?? 0.0), $states));
            $in = $harness->things[$fuse]->pins;
            $figures[$fuse] = new FuseFigures($fuse, $lead, $chosen,
                FuseWindow::of($load, is_finite($allowed) ? $allowed : $wiring[$lead]->allowedA(), $wiring[$lead]->ambientC, $form),
                self::shortA($build, $harness, $paths, $wiring, $fuse, $lights), $load,
                min($paths->metresFromPlus($in[0]) ?? 0.0, $paths->metresFromPlus($in[1]) ?? 0.0), $behind, $lights, $thinnest);
        }

        return $figures;
    }

    /**
     * Least amps of a dead short at the far pins behind a fuse: lowest supply, copper as hot as its insulation bears.
     *
     * @param  array<string, LeadWire>  $wiring
     * @param  list<string>  $lights
     */
    private static function shortA(Build $build, Harness $harness, Paths $paths, array $wiring, string $fuse, array $lights): ?float
    {
        $least = null;
        foreach ($lights as $light) {
            [$out, $back, $supply] = [null, null, null];
            foreach ($harness->wiredPins($light) as $pin) {
                $feed = $paths->feed($pin);
                $return = $paths->back($pin);
                if ($feed !== null && in_array($fuse, array_map(fn (Step $s): string => $s->id, $feed), true)) {
                    $out = max($out ?? 0.0, self::hotOhm($build, $wiring, $harness, $feed));
                    $supply = $build->supplies[explode('.', $feed[0]->from)[0]] ?? $supply;
                }
                if ($return !== null) {
                    $back = max($back ?? 0.0, self::hotOhm($build, $wiring, $harness, $return));
                }
            }
            if ($out !== null && $back !== null && $supply !== null) {
                $amps = $supply->minV / (max($supply->ohm, 1e-3) + $out + $back);
                $least = min($least ?? INF, $amps);
            }
        }

        return $least;
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  list<Step>  $steps
     */
    private static function hotOhm(Build $build, array $wiring, Harness $harness, array $steps): float
    {
        $ohm = 0.0;
        foreach ($steps as $step) {
            $wire = $wiring[$step->lead];
            $ohm += match ($step->kind) {
                'wire' => max(1e-3, Copper::ohmPerM($wire->areaMm2, $wire->insulationC, $wire->material) * $step->lengthM),
                'fuse' => 1e-3,
                'plug_way' => 0.01,
                'resistor' => $build->index->item($step->id)->number('ohm'),
                default => 0.0,
            };
        }

        return $ohm;
    }

    /**
     * Circuits with a light that hangs on something this version does not solve.
     *
     * @return array<string, string>
     */
    private static function unsolvable(Build $build, Harness $harness): array
    {
        $group = [];
        $find = function (string $pin) use (&$group, &$find): string {
            $group[$pin] ??= $pin;

            return $group[$pin] === $pin ? $pin : $group[$pin] = $find($group[$pin]);
        };
        $join = function (string $a, string $b) use (&$group, $find): void {
            $group[$find($a)] = $find($b);
        };
        foreach ($harness->wires as $wire) {
            $join($wire->from, $wire->to);
        }
        foreach ($harness->things as $thing) {
            foreach (array_slice($thing->kind === 'supply' ? [] : $thing->pins, 1) as $pin) {
                $join($thing->pins[0], $pin);
            }
        }
        $first = [];
        foreach ($harness->unsolved() as $thing) {
            foreach ($thing->pins as $pin) {
                $first[$find($pin)] ??= "`{$thing->id}` is a ".str_replace('_', ' ', $thing->kind).'; a circuit with one is not solved yet';
            }
        }
        $why = [];
        foreach ($build->circuits as $circuit) {
            $wanted = array_merge(...array_map(fn ($w): array => $w->glow, $circuit->wants));
            foreach ($build->lights as $light) {
                $mine = $light->circuit === $circuit->id || array_filter($wanted, fn (string $g): bool => explode('.', $g)[0] === $light->id) !== [];
                foreach ($mine ? $harness->wiredPins($light->id) : [] as $pin) {
                    $reason = $first[$find($pin)] ?? null;
                    if ($reason !== null) {
                        $why[$circuit->id] ??= $reason;
                    }
                }
            }
        }

        return $why;
    }

    /**
     * The dimmest unit of a circuit in a state.
     *
     * @return array{light: string, emitter: EmitterState, unit: int}|null null: nothing lit is wired
     */
    public function weakest(string $circuit, string $state): ?array
    {
        $worst = null;
        foreach ($this->build->lightsOf($circuit) as $light) {
            foreach ($this->states[$state]->lights[$light->id] ?? [] as $emitter) {
                if ($emitter->flux !== [] && ($worst === null || $emitter->least() < $worst['emitter']->least())) {
                    $worst = ['light' => $light->id, 'emitter' => $emitter, 'unit' => $emitter->weakest()];
                }
            }
        }

        return $worst;
    }

    /** Amps a circuit's own lights draw in a state: what leaves their feed pins. */
    public function circuitA(string $circuit, string $state): float
    {
        $amps = 0.0;
        foreach ($this->build->lightsOf($circuit) as $light) {
            foreach ($this->states[$state]->lights[$light->id] ?? [] as $emitter) {
                foreach ($emitter->flux as $flux) {
                    $amps += $flux * $this->ratedA($light->id, $emitter->name);
                }
            }
        }

        return $amps;
    }

    /** Amps of one unit at full light. */
    private function ratedA(string $light, string $name): float
    {
        $item = $this->build->lights[$light];
        if ($item->kind === 'strip') {
            return $item->strip()->unitA();
        }
        if ($item->kind === 'leds') {
            return $item->led()->ifA;
        }
        foreach ($item->part->objects('inside') as $branch) {
            if ($item->emitterName($branch->text('id')) === $name) {
                return $branch->numberOrNull('if_a') ?? $branch->numberOrNull('amps') ?? $branch->number('watts') / max(0.1, $this->build->mainSupply()->nominalV ?? 12.0);
            }
        }

        return 0.0;
    }

    public function length(float $m): string
    {
        return Shown::length($m, $this->units);
    }

    /** @return list<Finding> not set aside, worst first */
    public function open(?string $circuit = null): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->acceptedBecause === null && ($circuit === null || $f->circuit === null || $f->circuit === $circuit)));
    }
}
