<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\When;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\Sense;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Compiler;

/**
 * Every state that can happen, solved once per pattern of contacts (solving.md C–E, G2): positions of the inputs decide hand
 * switches and host wires, senses are settled by solving, PWM and flashing are phases.
 */
final class Scenes
{
    private const MAX_ROUNDS = 64;

    /** @var array<string, State> solved networks by supply and closed contacts */
    private array $memo = [];

    /** @var array<string, string> positions the patterns are of */
    private array $asked = [];

    /** @var array<string, array<string, true>> contacts closed, by senses, half of the flash and phase */
    private array $patterns = [];

    /** @var array<string, string> */
    private array $rest;

    private readonly Chains $chains;

    private readonly bool $loops;

    private ?Compiled $compiled = null;

    public int $solves = 0;

    /** @param  array<string, LeadWire>  $wiring */
    public function __construct(
        private readonly Build $build,
        private readonly Harness $harness,
        private readonly Bodies $bodies,
        private readonly array $wiring,
    ) {
        $this->rest = $build->restPositions();
        $this->chains = new Chains($build, $harness, $bodies);
        $this->loops = (new Cones($build, $harness, $bodies))->loops();
    }

    /**
     * @param  list<array<string, string>>  $combinations
     * @param  list<string>  $supplies
     * @return list<Scene>
     */
    public function all(array $combinations, array $supplies): array
    {
        $scenes = [];
        foreach ($combinations as $inputs) {
            foreach ($supplies as $supply) {
                $scenes[] = $this->one($inputs, $supply);
            }
        }

        return $scenes;
    }

    /** @param  array<string, string>  $inputs */
    public function one(array $inputs, string $supply): Scene
    {
        $before = $this->solves;
        $so = [...$this->rest, ...$inputs];
        [$pulled, $reason, $remarks] = $this->settle($so, $supply, []);
        // Only what can act on itself, or is held between its two volts, can hold once pulled.
        if ($reason === null && $this->bodies->senses !== [] && ($this->loops || $remarks !== [])) {
            [$held, $other] = $this->settle($so, $supply, array_fill_keys(array_keys($this->bodies->senses), true));
            if ($other === null && $held != $pulled) {
                $remarks[] = Remark::holds(array_keys(array_diff_key($held, $pulled)));
            }
        }
        $closed = $this->closed($so, $pulled, true, 0.0);
        $lit = $this->phases($so, $pulled, $supply);
        $dark = null;
        $flashing = array_filter(
            array_keys($closed),
            fn (string $c): bool => $this->bodies->contacts[$c]->flashHz !== null,
        );
        if ($flashing !== []) {
            $dark = $this->solve(
                $supply,
                $this->closed($so, $this->keptInTheDark($so, $pulled, $supply, $flashing), false, 0.0),
            );
        }

        return new Scene($inputs, $supply, $lit, $dark, $closed, $pulled, $reason, $remarks, $this->solves - $before);
    }

    /**
     * Senses in the dark half: held through it, or settled anew from the lit half's (solving.md E2).
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @param  array<int, string>  $flashing
     * @return array<string, true>
     */
    private function keptInTheDark(array $so, array $pulled, string $supply, array $flashing): array
    {
        $half = 0.0;
        foreach ($flashing as $contact) {
            $half = max($half, 0.5 / max(0.01, (float) $this->bodies->contacts[$contact]->flashHz));
        }
        $state = $this->solve($supply, $this->closed($so, $pulled, false, 0.0));
        $kept = [];
        foreach ($pulled as $id => $_) {
            $sense = $this->bodies->senses[$id];
            if ($sense->holdS >= $half || $this->volts($state, $sense) > $sense->dropOutV) {
                $kept[$id] = true;
            }
        }

        return $kept;
    }

    /**
     * Stable state of the senses from a given start (solving.md D): all at once, then one at a time where that cycles.
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $start
     * @return array{array<string, true>, Remark|null, list<Remark>} pulled senses, why there is no answer, remarks
     */
    private function settle(array $so, string $supply, array $start): array
    {
        $inOrder = array_keys($this->bodies->senses);
        [$pulled, $cycle] = $this->iterate($so, $supply, $start, null);
        $remarks = [];
        if ($cycle !== null || $this->coupled($so, $supply, $start, $pulled)) {
            // All at once and one after the other, first to last and last to first: where they settle but not alike, the order
            // decides, which no builder controls.
            [$inTurn, $again] = $this->iterate($so, $supply, $start, $inOrder);
            if ($cycle !== null && $again !== null) {
                return [$pulled, Remark::oscillates($cycle), []];
            }
            $other = $pulled;
            if ($cycle !== null) {
                $pulled = $inTurn;
                [$other, $again] = $this->iterate($so, $supply, $start, array_reverse($inOrder));
            }
            $apart = $cycle !== null ? $other : $inTurn;
            if ($again === null && $apart != $pulled) {
                $both = array_intersect_key($apart, $pulled);
                $remarks[] = Remark::race(array_keys(array_diff_key($apart + $pulled, $both)));
            }
        }
        if ($this->bodies->senses === []) {
            return [$pulled, null, $remarks];
        }
        $state = $this->solve($supply, $this->closed($so, $pulled, true, 0.0));
        foreach ($this->bodies->senses as $id => $sense) {
            $u = $this->volts($state, $sense);
            if (isset($pulled[$id]) ? $u < $sense->pullInV : $u > $sense->dropOutV) {
                $remarks[] = Remark::underDriven($id, (float) $u);
            }
        }

        return [$pulled, null, $remarks];
    }

    /**
     * Whether pulling the others in moved some coil's own volts, without which their order can't matter.
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $start
     * @param  array<string, true>  $pulled
     */
    private function coupled(array $so, string $supply, array $start, array $pulled): bool
    {
        if (count($this->bodies->senses) < 2 || $pulled == $start) {
            return false;
        }
        $before = $this->solve($supply, $this->closed($so, $start, true, 0.0));
        $after = $this->solve($supply, $this->closed($so, $pulled, true, 0.0));
        foreach ($this->bodies->senses as $sense) {
            if (abs($this->volts($before, $sense) - $this->volts($after, $sense)) > 0.25 * $sense->pullInV) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @param  list<string>|null  $turns  one change a round, the first in this order; null: all at once
     * @return array{array<string, true>, list<string>|null} pulled senses; the members of a cycle
     */
    private function iterate(array $so, string $supply, array $pulled, ?array $turns): array
    {
        $seen = $moved = [];
        for ($round = 0; $round < self::MAX_ROUNDS; $round++) {
            $key = implode(' ', array_keys($pulled));
            if (isset($seen[$key])) {
                $members = array_keys(array_merge(...array_slice($moved, $seen[$key])));

                return [$pulled, $turns === null ? [...$members, 'period '.($round - $seen[$key])] : $members];
            }
            $seen[$key] = $round;
            $state = $this->solve($supply, $this->closed($so, $pulled, true, 0.0));
            $changes = [];
            foreach ($this->bodies->senses as $id => $sense) {
                $u = $this->volts($state, $sense);
                $was = isset($pulled[$id]);
                $is = $was ? $u > $sense->dropOutV : $u >= $sense->pullInV;
                if ($is !== $was) {
                    $changes[$id] = $is;
                }
            }
            if ($changes === []) {
                return [$pulled, null];
            }
            foreach ($turns ?? [] as $id) {
                if (isset($changes[$id])) {
                    $changes = [$id => $changes[$id]];
                    break;
                }
            }
            $moved[] = $changes;
            // In document order, so that a pattern has one name.
            $pulled = array_filter(
                array_map(fn (Sense $s): bool => $changes[$s->id] ?? isset($pulled[$s->id]), $this->bodies->senses),
            );
        }

        return [$pulled, array_keys(array_merge(...$moved))];
    }

    private function volts(State $state, Sense $sense): float
    {
        $u = (float) $state->between($sense->from, $sense->to);

        return $sense->eitherWay ? abs($u) : $u;
    }

    /**
     * PWM: all on-edges at 0, so the phases are nested patterns; flux and amps are width-weighted means (solving.md E).
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     */
    private function phases(array $so, array $pulled, string $supply): State
    {
        $edges = [0.0];
        foreach ($this->closed($so, $pulled, true, 0.0) as $id => $_) {
            if ($this->bodies->contacts[$id]->duty < 1.0) {
                $edges[] = $this->bodies->contacts[$id]->duty;
            }
        }
        $edges = array_values(array_unique($edges));
        sort($edges);
        if (count($edges) === 1) {
            return $this->solve($supply, $this->closed($so, $pulled, true, 0.0));
        }
        $states = [];
        foreach ($edges as $n => $edge) {
            $now = $n === 0 ? $pulled : $this->following($so, $pulled, $supply, $edge);
            $states[] = [($edges[$n + 1] ?? 1.0) - $edge, $this->solve($supply, $this->closed($so, $now, true, $edge))];
        }

        return self::mean($states);
    }

    /**
     * Senses in a later phase of the PWM period: those that hold keep the first phase's state, amplifier inputs follow (E).
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @return array<string, true>
     */
    private function following(array $so, array $pulled, string $supply, float $edge): array
    {
        for ($round = 0; $round < self::MAX_ROUNDS; $round++) {
            $state = $this->solve($supply, $this->closed($so, $pulled, true, $edge));
            $next = [];
            foreach ($this->bodies->senses as $id => $sense) {
                $u = $this->volts($state, $sense);
                $is = isset($pulled[$id])
                    ? $sense->holdS > 0.0 || $u > $sense->dropOutV
                    : $sense->holdS <= 0.0 && $u >= $sense->pullInV;
                if ($is) {
                    $next[$id] = true;
                }
            }
            if ($next == $pulled) {
                break;
            }
            $pulled = $next;
        }

        return $pulled;
    }

    /**
     * Width-weighted mean of flux, watts and amps; volts, drop and contact amps stay those of the first, hungriest phase.
     *
     * @param  non-empty-list<array{float, State}>  $phases
     */
    private static function mean(array $phases): State
    {
        $first = $phases[0][1];
        $lights = [];
        foreach ($first->lights as $light => $emitters) {
            foreach ($emitters as $name => $emitter) {
                $flux = array_fill(0, count($emitter->flux), 0.0);
                $watts = 0.0;
                foreach ($phases as [$width, $state]) {
                    foreach ($state->lights[$light][$name]->flux as $k => $f) {
                        $flux[$k] += $width * $f;
                    }
                    $watts += $width * $state->lights[$light][$name]->watts;
                }
                $lights[$light][$name] = new EmitterState(
                    $emitter->name,
                    $emitter->colour,
                    array_values($flux),
                    $emitter->volts,
                    $watts,
                );
            }
        }
        $supplyAmps = [];
        foreach (array_keys($first->supplyAmps) as $supply) {
            $supplyAmps[$supply] = array_sum(
                array_map(fn (array $p): float => $p[0] * $p[1]->supplyAmps[$supply], $phases),
            );
        }
        $solved = array_filter($phases, fn (array $p): bool => ! $p[1]->solved) === [];

        return new State(
            $first->name,
            $solved,
            $first->reason,
            max(array_map(fn (array $p): float => $p[1]->residualA, $phases)),
            max(array_map(fn (array $p): int => $p[1]->newton, $phases)),
            $first->volts,
            $first->amps,
            $supplyAmps,
            $lights + $first->lights,
            $first->floating,
        );
    }

    /** @param  array<string, true>  $closed */
    private function solve(string $supply, array $closed): State
    {
        $closed = $this->chains->canonical($closed);
        $key = $supply.' '.implode(' ', array_keys($closed));
        if (! isset($this->memo[$key])) {
            $this->solves++;
            $this->compiled =
                $this->compiled === null
                    ? Compiler::compile($this->build, $this->harness, $this->wiring, $supply, $this->bodies, $closed)
                    : Compiler::again($this->compiled, $this->build, $supply, $this->bodies, $closed);
            $this->memo[$key] = StateSolver::solve($this->build, $this->compiled, $supply);
        }

        return $this->memo[$key];
    }

    /**
     * Contacts closed for these inputs and senses at one moment of the flash and of the PWM period.
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @return array<string, true>
     */
    private function closed(array $so, array $pulled, bool $lit, float $phase): array
    {
        // Settling asks for the same pattern over and over; one position of the inputs is held at a time.
        if ($so !== $this->asked) {
            [$this->asked, $this->patterns] = [$so, []];
        }

        return $this->patterns[implode(' ', array_keys($pulled)).($lit ? '|' : '-').$phase] ??= $this->pattern(
            $so,
            $pulled,
            $lit,
            $phase,
        );
    }

    /**
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @return array<string, true>
     */
    private function pattern(array $so, array $pulled, bool $lit, float $phase): array
    {
        $closed = [];
        foreach ($this->bodies->contacts as $id => $contact) {
            if (
                ($contact->flashHz !== null && ! $lit) ||
                $contact->duty <= $phase ||
                ($contact->power !== null && ! isset($pulled[$contact->power]))
            ) {
                continue;
            }
            $is =
                $contact->closedWhen === null
                    ? $contact->liveWhen === null || (new When($contact->liveWhen))->holds($so, $this->rest)
                    : $this->judge($contact->closedWhen, $contact->thing, $so, $pulled);
            if ($is) {
                $closed[$id] = true;
            }
        }

        return $closed;
    }

    /**
     * A part's own condition over its position, its senses and what its radio hears.
     *
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     */
    private function judge(array $node, string $thing, array $so, array $pulled): bool
    {
        return When::truth($node, fn (array $leaf): bool => $this->leaf($leaf, $thing, $so, $pulled));
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     */
    private function leaf(array $node, string $thing, array $so, array $pulled): bool
    {
        $device = $this->build->devices[$thing] ?? null;
        if (isset($node['at'])) {
            return $this->position($device, $so) === $node['at'];
        }
        if (is_string($node['sense'] ?? null)) {
            return isset($pulled["{$thing}.{$node['sense']}"]);
        }
        $heard = $device !== null && is_string($node['hear'] ?? null) ? $device->hears()[$node['hear']] ?? '' : '';

        $sender = explode('.', $heard)[0];
        if (isset($this->bodies->senses["{$sender}.power"]) && ! isset($pulled["{$sender}.power"])) {
            return false;
        }

        return $heard !== '' &&
            $device->linkWhen() !== null &&
            (new When($device->linkWhen()))->holds($so, $this->rest) &&
            isset($pulled[$heard]);
    }

    /**
     * First position whose `when` holds, else rest.
     *
     * @param  array<string, string>  $so
     */
    private function position(?Device $device, array $so): string
    {
        foreach ($device instanceof SwitchDevice ? $device->at() : [] as $position => $when) {
            if ((new When($when))->holds($so, $this->rest)) {
                return $position;
            }
        }

        return $device->part->positions[0] ?? '';
    }
}
