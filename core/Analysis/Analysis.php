<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\Paths;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Combinations;
use BenchGlow\Scene\Cones;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Moment;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;

/** Everything computed about a build: three supply states, wires, fuses, intent. */
final readonly class Analysis
{
    public const SUPPLY_STATES = ['min', 'nominal', 'max'];

    /** Stand-in while the rated amps of undecided wires are found: thick enough to hide nothing. */
    private const RATED_MM2 = 6.0;

    /**
     * @param  Table  $table  every state that exists, at three supplies
     * @param  array<string, Scene>  $now  min, nominal, max with the inputs as thrown (at rest unless asked)
     * @param  array<string, State>  $states  the same, solved
     * @param  array<string, LeadFigures>  $leads
     * @param  array<string, FuseFigures>  $fuses
     * @param  array<string, Intent>  $intents  circuit => its wants against the solution
     * @param  array<string, float>  $peak  most amps of everything in any scene
     * @param  array<string, array{line: float, load: float}>  $unprobed  fuse tap of unknown leg => most amps through the donor's fuse, either way
     * @param  array<string, int>  $loaded  stretch => cores that carry at once
     */
    private function __construct(
        public Build $build,
        public Harness $harness,
        public Bodies $bodies,
        public Paths $paths,
        public string $wireSystem,
        public string $units,
        public Combinations $combinations,
        private Table $table,
        public array $now,
        public array $states,
        public array $leads,
        public array $fuses,
        public array $intents,
        public int $solves,
        private array $peak,
        public array $unprobed = [],
        public array $loaded = [],
    ) {
    }

    /**
     * @param  string  $wireSystem  awg · mm2: which sizes are recommended
     * @param  string  $units  metric · imperial: how lengths are said in findings
     * @param  (callable(float): void)|null  $at  told how far it is, 0 to 1; may throw to stop it
     */
    public static function of(
        Document $document,
        string $wireSystem = 'mm2',
        string $units = 'metric',
        ?callable $at = null,
    ): self {
        $build = Build::of($document);
        $unknown = array_filter(
            $build->devices,
            fn (Device $d): bool => $d instanceof FuseTapDevice && $d->side() === null,
        );
        $analysis = self::solved($build, Bodies::of($build), $wireSystem, $units, $at);
        if ($unknown !== []) {
            $other = self::solved($build, Bodies::of($build, 'line'), $wireSystem, $units, $at);
            $analysis = self::worse($analysis, $other, $unknown);
        }

        return $analysis;
    }

    /**
     * Of a tap's two cases the one whose intent fails oftener; where both hold, the one in which the donor's fuse carries both loads.
     *
     * @param  array<string, FuseTapDevice>  $taps
     */
    private static function worse(self $load, self $line, array $taps): self
    {
        $misses = fn (self $a): int => array_sum(array_map(fn (Intent $i): int => count($i->mismatches), $a->intents));
        $worse = $misses($line) > $misses($load) ? $line : $load;
        $both = array_map(
            fn (FuseTapDevice $t): array => [
                'line' => $line->peakA("{$t->way()}.fuse"),
                'load' => $load->peakA("{$t->way()}.fuse"),
            ],
            $taps,
        );

        return $worse->with($worse->now, $both);
    }

    /** @param  (callable(float): void)|null  $at  told how far it is, 0 to 1 */
    private static function solved(Build $build, Bodies $bodies, string $wireSystem, string $units, ?callable $at): self
    {
        $harness = Harness::of($build);
        $paths = new Paths($harness, $bodies);
        $combinations = Combinations::of($build, fn (): Cones => new Cones($build, $harness, $bodies));
        $thick = array_map(
            fn (Lead $l): LeadWire => LeadWire::of($build, $l, null)->thickenedTo(self::RATED_MM2),
            $build->leads,
        );
        // Rated amps once, at nominal for the drop and at the highest supply for the fuse; never iterated.
        // Where every wire is chosen, the build itself gives them.
        $undecided = array_filter($build->leads, fn (Lead $l): bool => $l->wire === null) !== [];
        $rated = new Scenes(
            $build,
            $harness,
            $bodies,
            $undecided ? $thick : array_map(fn (Lead $l): LeadWire => LeadWire::of($build, $l, null), $build->leads),
        );
        $first = fn (float $share): mixed => $at === null ? null : $at($undecided ? 0.4 * $share : $share);
        $second = fn (float $share): mixed => $at === null ? null : $at(0.4 + 0.6 * $share);
        $loaded = $rated->all($combinations->all, $undecided ? ['nominal', 'max'] : self::SUPPLY_STATES, $first);
        $carry = Loaded::cores($build, $harness, self::only($loaded, 'max'));
        $bundles = Loaded::bundles($build, $carry);
        foreach ($thick as $id => $wire) {
            $thick[$id] = $wire->beside($bundles[$id]);
        }
        $choices = Leads::recommend(
            $build,
            $harness,
            $paths,
            $thick,
            self::peaks(self::only($loaded, 'nominal')),
            self::peaks(self::only($loaded, 'max')),
            $wireSystem,
        );
        $sizes = Copper::sizes($wireSystem);
        $wiring = [];
        foreach ($build->leads as $id => $lead) {
            $wiring[$id] = LeadWire::of($build, $lead, $choices[$id][0] ?? $sizes[count($sizes) - 1], $bundles[$id]);
        }
        $solver = $undecided ? new Scenes($build, $harness, $bodies, $wiring) : $rated;
        $scenes = $undecided ? $solver->all($combinations->all, self::SUPPLY_STATES, $second) : $loaded;
        $peak = self::peaks($scenes);
        $leads = Leads::figures(
            $build,
            $harness,
            $paths,
            $wiring,
            $choices,
            self::peaks(self::only($scenes, 'nominal')),
            $peak,
        );
        $fuses = Fuses::fuseFigures($build, $harness, $paths, $wiring, $peak);
        $intents = array_map(
            fn (Circuit $c): Intent => Intent::judge($build, $c, $scenes, $paths, $combinations->held[$c->id] ?? []),
            $build->circuits,
        );

        $now = self::scenesAt($scenes, $combinations->all[0] ?? []);

        return new self(
            $build,
            $harness,
            $bodies,
            $paths,
            $wireSystem,
            $units,
            $combinations,
            new WholeTable($scenes),
            $now,
            self::lit($now),
            $leads,
            $fuses,
            $intents,
            $rated->solves + ($undecided ? $solver->solves : 0),
            $peak,
            loaded: $carry,
        );
    }

    /**
     * @param  array<string, Scene>  $now
     * @param  array<string, array{line: float, load: float}>|null  $unprobed
     */
    private function with(array $now, ?array $unprobed = null): self
    {
        return new self(
            $this->build,
            $this->harness,
            $this->bodies,
            $this->paths,
            $this->wireSystem,
            $this->units,
            $this->combinations,
            $this->table,
            $now,
            self::lit($now),
            $this->leads,
            $this->fuses,
            $this->intents,
            $this->solves,
            $this->peak,
            $unprobed ?? $this->unprobed,
            $this->loaded,
        );
    }

    /**
     * The same with the inputs thrown as given; what is not named rests.
     *
     * @param  array<string, string>  $inputs
     */
    public function at(array $inputs): self
    {
        $scenes = array_values(
            array_filter(array_map(fn (string $supply): ?Scene => $this->scene($inputs, $supply), self::SUPPLY_STATES)),
        );

        return $this->with($scenes === [] ? $this->now : self::scenesAt($scenes, $scenes[0]->inputs));
    }

    /**
     * One state, solved anew where the table left it out because there were too many; null where there is none such.
     *
     * @param  array<string, string>  $inputs  what is not named rests
     */
    public function scene(array $inputs, string $supply): ?Scene
    {
        $rest = $this->combinations->all[0] ?? [];
        $wanted = array_intersect_key([...$rest, ...$inputs], $rest);
        $kept = $this->table->at($wanted, $supply);
        if ($kept !== null) {
            return $kept;
        }

        return $this->combinations->exists($this->build, $wanted) ? $this->solver()->one($wanted, $supply) : null;
    }

    /**
     * Every pattern of contacts one state goes through: phases of dimming, halves of a flash.
     *
     * @param  array<string, string>  $inputs  what is not named rests
     * @return list<Moment> none where there is no such state, or nothing settles in it
     */
    public function moments(array $inputs, string $supply): array
    {
        $rest = $this->combinations->all[0] ?? [];
        $wanted = array_intersect_key([...$rest, ...$inputs], $rest);

        return $this->combinations->exists($this->build, $wanted) ? $this->solver()->moments($wanted, $supply) : [];
    }

    private function solver(): Scenes
    {
        return new Scenes(
            $this->build,
            $this->harness,
            $this->bodies,
            array_map(fn (LeadFigures $l): LeadWire => $l->wire, $this->leads),
        );
    }

    /**
     * @param  list<Scene>  $scenes
     * @param  array<string, string>  $inputs
     * @return array<string, Scene> by supply
     */
    private static function scenesAt(array $scenes, array $inputs): array
    {
        $now = [];
        foreach ($scenes as $scene) {
            if ($scene->inputs == $inputs) {
                $now[$scene->supply] = $scene;
            }
        }

        return $now;
    }

    /**
     * @param  array<string, Scene>  $now
     * @return array<string, State>
     */
    private static function lit(array $now): array
    {
        return array_map(fn (Scene $s): State => $s->lit, $now);
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<Scene>
     */
    private static function only(array $scenes, string $supply): array
    {
        return array_values(array_filter($scenes, fn (Scene $s): bool => $s->supply === $supply));
    }

    /**
     * Most amps by wire and thing over all scenes.
     *
     * @param  array<int, Scene>  $scenes
     * @return array<string, float>
     */
    private static function peaks(array $scenes): array
    {
        $peak = [];
        foreach ($scenes as $scene) {
            foreach ([$scene, ...$scene->either] as $one) {
                foreach ($one->lit->amps as $id => $amps) {
                    $peak[$id] = max($peak[$id] ?? 0.0, abs($amps));
                }
            }
        }

        return $peak;
    }

    /** What of it is worth keeping. */
    public function kept(): Solved
    {
        return new Solved(
            $this->bodies->unknownLeg,
            $this->wireSystem,
            $this->units,
            $this->combinations,
            $this->table->count(),
            $this->now,
            $this->leads,
            $this->fuses,
            $this->intents,
            $this->solves,
            $this->peak,
            $this->unprobed,
            $this->loaded,
        );
    }

    /** From what was kept of a document with the same wiring. */
    public static function restored(Document $document, Solved $solved, Table $table): self
    {
        $build = Build::of($document);
        $harness = Harness::of($build);
        $bodies = Bodies::of($build, $solved->unknownLeg);

        return new self(
            $build,
            $harness,
            $bodies,
            new Paths($harness, $bodies),
            $solved->wireSystem,
            $solved->units,
            $solved->combinations,
            $table,
            $solved->now,
            self::lit($solved->now),
            $solved->leads,
            $solved->fuses,
            $solved->intents,
            $solved->solves,
            $solved->peak,
            $solved->unprobed,
            $solved->loaded,
        );
    }

    /** The same solution for a document of the same wiring. */
    public function told(Document $document): self
    {
        return self::restored($document, $this->kept(), $this->table);
    }

    /** @return list<Scene> every state that exists, at three supplies */
    public function scenes(): array
    {
        return $this->table->all();
    }

    public function stateCount(): int
    {
        return $this->table->count();
    }

    /** Most amps through a wire, thing or contact in any scene. */
    public function peakA(string $id): float
    {
        return $this->peak[$id] ?? 0.0;
    }

    /** The state in which a light gives most at a supply: what its rules look at. */
    public function litState(string $light, string $supply): State
    {
        return $this->litScene($light, $supply)->lit ?? $this->states[$supply];
    }

    public function litScene(string $light, string $supply): ?Scene
    {
        $best = null;
        $most = -1.0;
        foreach ($this->table->all() as $scene) {
            if ($scene->supply === $supply) {
                $sum = array_sum(
                    array_map(fn (EmitterState $e): float => $e->greatest(), $scene->lit->lights[$light] ?? []),
                );
                if ($sum > $most) {
                    [$best, $most] = [$scene, $sum];
                }
            }
        }

        return $best;
    }

    /**
     * The dimmest unit of a circuit in a state.
     *
     * @return array{light: string, emitter: EmitterState, unit: int, lit: bool}|null null: nothing is wired
     */
    public function weakest(string $circuit, string $state): ?array
    {
        $worst = null;
        foreach ($this->build->lightsOf($circuit) as $light) {
            foreach ($this->states[$state]->lights[$light->id] ?? [] as $emitter) {
                // An emitter whose turn it is not (the turn lamp of a rear lamp) is no weak lamp while another one glows.
                $lit = $emitter->greatest() > $this->build->settings->darkTo;
                if (
                    $emitter->flux !== [] &&
                    ($worst === null || [! $lit, $emitter->least()] < [! $worst['lit'], $worst['emitter']->least()])
                ) {
                    $worst = [
                        'light' => $light->id,
                        'emitter' => $emitter,
                        'unit' => $emitter->weakest(),
                        'lit' => $lit,
                    ];
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
            if (isset($item->emitters()[$branch->text('id')]) && $item->emitterName($branch->text('id')) === $name) {
                return $branch->numberOrNull('if_a') ??
                    ($branch->numberOrNull('amps') ??
                        $branch->number('watts') / max(0.1, $this->build->mainSupply()->nominalV ?? 12.0));
            }
        }

        return 0.0;
    }

    public function length(float $m): string
    {
        return Shown::length($m, $this->units);
    }
}
