<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Harness\Contact;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Compiler;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;

/**
 * Every fault a circuit can have, solved in every state: what it would show. Made once for the whole circuit, or one fault at a
 * time, so that it can be made in slices (probe-prove.md 13).
 */
final class FaultTable
{
    /** A circuit is looked at in so many states at most. */
    private const MOST_STATES = 64;

    /** A fuse is gone where it carries so many times its value. */
    private const BLOWS = 2.0;

    /** @var list<array<string, string>> states: inputs, rest first */
    public readonly array $states;

    /** @var array<string, Fault> */
    public readonly array $faults;

    /** @var list<Seen> as it should be, state by state */
    public readonly array $right;

    /** @var array<string, list<Seen>> fault => what it shows, state by state */
    private array $rows = [];

    /** @var list<array<string, array<string, \BenchGlow\Scene\EmitterState>>> lights as they should be, state by state */
    private array $lights = [];

    private ?Compiled $compiled = null;

    private ?Instrument $instrument = null;

    /** Last fault that is said in the build itself, with what it makes of it. */
    private ?Overlay $asked = null;

    private ?Works $worksOf = null;

    private ?Compiled $compiledOf = null;

    /** @var array<string, float|null> fault and fuse => ohms behind it */
    private array $ohms = [];

    /** @var array<string, LeadWire> */
    private readonly array $wiring;

    /** @var list<string> */
    private readonly array $pins;

    private readonly string $minus;

    /** @param  FaultRows|null  $kept  of the same circuit, as far as they were made */
    public function __construct(public readonly Works $works, ?FaultRows $kept = null)
    {
        $analysis = $works->analysis;
        $this->wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $analysis->leads);
        $this->pins = $works->pins();
        $this->minus = ($works->build->mainSupply()->id ?? '').'.minus';
        $this->faults = Faults::of($works);
        if ($kept !== null) {
            [$this->states, $this->lights, $this->right] = [$kept->states, $kept->lights, $kept->right];
            $this->rows = array_intersect_key($kept->rows, $this->faults);

            return;
        }
        $this->states = $this->different();
        $right = [];
        foreach ($this->states as $n => $inputs) {
            $scene = $this->scene(null, $inputs);
            $this->lights[$n] = $scene->lit->lights;
            $right[] = $this->seen($scene, $n);
        }
        $this->right = $right;
    }

    /**
     * States of the inputs that change something of this circuit: lights that glow in another way, pins with other volts.
     *
     * @return list<array<string, string>>
     */
    private function different(): array
    {
        $all = [];
        $known = [];
        foreach ($this->works->analysis->combinations->all as $inputs) {
            $scene = $this->scene(null, $inputs);
            $volts = array_map(
                fn (string $pin): string => number_format((float) $scene->lit->between($pin, $this->minus), 0),
                $this->pins,
            );
            // What the same contacts and the same volts make shows the same faults.
            $key =
                implode(' ', $volts).' | '.implode(' ', array_intersect(array_keys($scene->closed), $this->own()));
            if (! isset($known[$key]) && count($all) < self::MOST_STATES) {
                $known[$key] = true;
                $all[] = $inputs;
            }
        }

        return $all;
    }

    /** @return list<string> contacts of what the circuit's leads end on */
    private function own(): array
    {
        $things = array_flip($this->works->things());

        return array_keys(
            array_filter($this->works->bodies->contacts, fn (Contact $c): bool => isset($things[$c->thing])),
        );
    }

    /** @return list<Seen> what a fault shows, state by state */
    public function row(string $key): array
    {
        return $this->rows[$key] ??= $this->solved($this->faults[$key]->overlay);
    }

    /** A fault whose row is not made yet; null where all are. */
    public function missing(): ?string
    {
        foreach (array_keys($this->faults) as $key) {
            if (! isset($this->rows[$key])) {
                return (string) $key;
            }
        }

        return null;
    }

    /** As far as it is made: what a table of the same circuit begins with. */
    public function made(): FaultRows
    {
        return new FaultRows($this->states, $this->lights, $this->right, $this->rows);
    }

    /**
     * Ohms behind a fuse that is out, battery off, switches as when it carries most; null: open. Solved as it is asked for.
     *
     * @param  string|null  $key  fault; null: where nothing is wrong
     */
    public function ohmsBehind(?string $key, string $fuse): ?float
    {
        if (! array_key_exists("{$key} {$fuse}", $this->ohms)) {
            $overlay = $key === null ? null : $this->faults[$key]->overlay;
            if ($overlay?->isWritten()) {
                // Another strip, part or resistor of a row: at half a volt no LED conducts, and the ohms are as they should be.
                return $this->ohms["{$key} {$fuse}"] = $this->ohmsBehind(null, $fuse);
            }
            $closed = $this->scene($overlay, $this->states[$this->fullest($fuse)] ?? [])->closed;
            $this->instrument ??= new Instrument($this->works);
            $this->ohms["{$key} {$fuse}"] = $this->instrument->ohms("{$fuse}.2", $this->minus, $closed, [$fuse], $overlay);
        }

        return $this->ohms["{$key} {$fuse}"];
    }

    /** The state in which a fuse carries most where all is right. */
    public function fullest(string $fuse): int
    {
        $best = [0, 0.0];
        foreach ($this->right as $n => $seen) {
            $best = ($seen->amps[$fuse] ?? 0.0) > 1.01 * $best[1] ? [$n, $seen->amps[$fuse]] : $best;
        }

        return $best[0];
    }

    /** @return list<Seen> what a fault of one's own shows */
    public function rowOf(Fault $fault): array
    {
        return $this->solved($fault->overlay);
    }

    /** @return array<string, list<Seen>> */
    public function all(): array
    {
        $all = [];
        foreach (array_keys($this->faults) as $key) {
            $all[(string) $key] = $this->row((string) $key);
        }

        return $all;
    }

    /** @return list<Seen> */
    private function solved(Overlay $overlay): array
    {
        $partly = $overlay->partly;
        $scenes = array_map(fn (array $inputs): Scene => $this->scene($overlay, $inputs), $this->states);
        $gone = $this->blown($scenes);
        if ($gone !== []) {
            // A fuse that went stays gone, in every state.
            $overlay = $overlay->and(new Overlay(set: array_fill_keys($gone, Overlay::OPEN_OHM)));
            $scenes = array_map(fn (array $inputs): Scene => $this->scene($overlay, $inputs), $this->states);
        }
        $row = [];
        foreach ($scenes as $n => $scene) {
            $row[] = $this->seen($scene, $n, $gone, $partly);
        }

        return $row;
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<string> branches of fuses that carry what none of them stands
     */
    private function blown(array $scenes): array
    {
        $gone = [];
        foreach ($this->works->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse') {
                    $fitted = $this->works->analysis->fuses[$thing->id] ?? null;
                    $gone[$thing->id] = $thing->fuseA ?? $fitted?->fittedA();
                }
            }
        }
        foreach ($this->works->build->ways as $id => $way) {
            $gone["{$id}.fuse"] = $way->fuseA;
        }
        $blown = [];
        foreach ($gone as $branch => $value) {
            foreach ($value === null ? [] : $scenes as $scene) {
                if (abs($scene->lit->amps[$branch] ?? 0.0) > self::BLOWS * $value) {
                    $blown[] = (string) $branch;
                    break;
                }
            }
        }

        return $blown;
    }

    /** @param  array<string, string>  $inputs */
    public function scene(?Overlay $overlay, array $inputs): Scene
    {
        [$works, $compiled] = $this->compiled($overlay);
        $bodies = $overlay === null ? $works->bodies : $overlay->bodies($works->bodies);
        // Laid over even where nothing is wrong: a chain that leads nowhere has its volts for a tip all the same.
        $over = fn (Compiled $c): Compiled => $overlay === null ? $c : $overlay->over($c, $works->harness);
        $scenes = new Scenes($works->build, $works->harness, $bodies, $this->wiring, $over, $compiled);

        return $scenes->one($inputs, 'nominal');
    }

    /** @return array{Works, Compiled} */
    private function compiled(?Overlay $overlay): array
    {
        if ($overlay === null || ! $overlay->isWritten()) {
            return [$this->works, ($this->compiled ??= $this->compile($this->works))];
        }
        // Asked for state after state: what was compiled for it stays until another is.
        if ($this->asked !== $overlay || $this->worksOf === null || $this->compiledOf === null) {
            $this->asked = $overlay;
            $this->worksOf = $this->works->with($overlay);
            $this->compiledOf = $this->compile($this->worksOf);
        }

        return [$this->worksOf, $this->compiledOf];
    }

    private function compile(Works $works): Compiled
    {
        return Compiler::compile($works->build, $works->harness, $this->wiring, 'nominal', $works->bodies);
    }

    /**
     * @param  list<string>  $gone  fuses that went
     * @param  array<string, bool>  $partly  strips of which a part is dark => whether the far end is cut off
     */
    private function seen(Scene $scene, int $n, array $gone = [], array $partly = []): Seen
    {
        $looks = [];
        foreach ($this->works->build->lightsOf($this->works->circuit) as $light) {
            foreach ($scene->lit->lights[$light->id] ?? [] as $name => $emitter) {
                $should = $this->lights[$n][$light->id][$name] ?? $emitter;
                $word = $scene->solved() ? Sight::word($emitter, $should, $this->works->build->settings) : 'flickers';
                $isPartly =
                    isset($partly[$light->id]) &&
                    in_array($word, Sight::GLOWS, true) &&
                    $emitter->level($this->works->build->settings) !== 'dark';
                $looks[$light->emitterName((string) $name)] = $isPartly ? 'partly' : $word;
            }
        }
        $volts = [];
        foreach ($this->pins as $pin) {
            $volts[$pin] = self::volts($scene->lit, $pin, $this->minus);
        }

        foreach ($this->works->farEnds() as $light) {
            $across = array_values($scene->lit->lights[$light] ?? [])[0]->volts ?? [];
            $isCut = $across === [] || ($partly[$light] ?? false);
            $volts["{$light}.end"] = $isCut ? null : round($across[count($across) - 1], 4);
        }

        $amps = [];
        foreach ($this->works->fuses() as $fuse) {
            $amps[$fuse] = round(abs($scene->lit->amps[$fuse] ?? 0.0), 4);
        }

        return new Seen($looks, $volts, $scene->solved(), $gone, $amps);
    }

    private static function volts(State $state, string $pin, string $minus): ?float
    {
        $v = $state->between($pin, $minus);

        return $v === null ? null : round($v, 4);
    }

    /**
     * Which state positions of the inputs are; what is not named rests.
     *
     * @param  array<string, string>  $with
     */
    public function state(array $with): int
    {
        $rest = $this->works->build->restPositions();
        $wanted = [...$rest, ...$with];
        $best = 0;
        $most = -1;
        foreach ($this->states as $n => $inputs) {
            $same = count(
                array_filter(
                    $inputs,
                    fn (string $p, string $i): bool => ($wanted[$i] ?? '') === $p,
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            [$best, $most] = $same > $most ? [$n, $same] : [$best, $most];
        }

        return $best;
    }

    /** @return array<string, array<string, \BenchGlow\Scene\EmitterState>> lights as they should be in a state */
    public function should(int $state): array
    {
        return $this->lights[$state] ?? [];
    }

    /** Whether a light should be dark in a state; emitter as wants name it. */
    public function isDark(int $state, string $emitter): bool
    {
        [$light, $name] = [...explode('.', $emitter, 2), null];
        $all = $this->should($state)[$light] ?? [];
        $one = $name === null ? array_values($all)[0] ?? null : $all[$name] ?? null;

        return $one !== null && in_array($one->level($this->works->build->settings), ['dark', 'ghost'], true);
    }

    /** A look as faults are told by: dark where it should be dark is right, and whatever glows there is too bright. */
    public function asSeen(string $look, int $state, string $emitter): string
    {
        $dark = $this->isDark($state, $emitter);

        return match (true) {
            $dark && $look === 'dark' => 'right',
            $dark && $look === 'dim' => 'bright',
            default => $look,
        };
    }

    public function minus(): string
    {
        return $this->minus;
    }
}
