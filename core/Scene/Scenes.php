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
use BenchGlow\Quantity\Shown;
use Closure;

/**
 * Every state that can happen, solved once per pattern of contacts (solving.md C–E, G2): positions of the inputs decide hand
 * switches and host wires, senses are settled by solving, PWM and flashing are phases.
 */
final class Scenes
{
    private const MAX_ROUNDS = 64;

    /** Chattering coils that are held in every combination; of more only all released and all pulled are tried. */
    private const EACH_UP_TO = 3;

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

    /** @var array<string, int> sense => those it can act on and be acted on by */
    private readonly array $families;

    public int $solves = 0;

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  (Closure(Compiled): Compiled)|null  $over  a fault laid over what is compiled
     * @param  Compiled|null  $compiled  of the same harness, so that it is not compiled again
     */
    public function __construct(
        private readonly Build $build,
        private readonly Harness $harness,
        private readonly Bodies $bodies,
        private readonly array $wiring,
        private readonly ?Closure $over = null,
        private ?Compiled $compiled = null,
    ) {
        $this->rest = $build->restPositions();
        $this->chains = new Chains($build, $harness, $bodies);
        $cones = new Cones($build, $harness, $bodies);
        $this->loops = $cones->loops();
        $this->families = $cones->families();
    }

    /**
     * @param  list<array<string, string>>  $combinations
     * @param  list<string>  $supplies
     * @param  (callable(float): mixed)|null  $at  told how far it is, 0 to 1
     * @return list<Scene>
     */
    public function all(array $combinations, array $supplies, ?callable $at = null): array
    {
        $scenes = [];
        $count = count($combinations);
        foreach ($combinations as $n => $inputs) {
            if ($at !== null) {
                $at($n / $count);
            }
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
        $either = $reason === null ? [] : $this->eitherWay($inputs, $so, $supply, $reason->senses);

        return $this->settled($inputs, $so, $supply, $pulled, $reason, $remarks, $before, $either);
    }

    /**
     * @param  array<string, string>  $inputs
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @param  list<Remark>  $remarks
     * @param  int  $before  solves that were made before it
     * @param  list<Scene>  $either
     */
    private function settled(
        array $inputs,
        array $so,
        string $supply,
        array $pulled,
        ?Remark $reason,
        array $remarks,
        int $before,
        array $either = [],
    ): Scene {
        $closed = $this->closed($so, $pulled, true, 0.0);
        [$lit, $restless] = $this->phases($so, $pulled, $supply);
        $dark = null;
        $flashing = array_filter(
            array_keys($closed),
            fn (string $c): bool => $this->bodies->contacts[$c]->flashHz !== null,
        );
        if ($flashing !== []) {
            [$kept, $unsettled] = $this->keptInTheDark($so, $pulled, $supply, $flashing);
            $dark = $this->solve($supply, $this->closed($so, $kept, false, 0.0));
            $restless ??= $unsettled;
        }
        $reason ??= $restless;
        $solves = $this->solves - $before;

        return new Scene($inputs, $supply, $lit, $dark, $closed, $pulled, $reason, $remarks, $solves, $either);
    }

    /**
     * What chatters held in each of its positions, so that whatever does not depend on it can be told all the same.
     *
     * @param  array<string, string>  $inputs
     * @param  array<string, string>  $so
     * @param  list<string>  $senses
     * @return list<Scene> none where even so nothing settles
     */
    private function eitherWay(array $inputs, array $so, string $supply, array $senses): array
    {
        $senses = array_values(array_filter($senses, fn (string $s): bool => isset($this->bodies->senses[$s])));
        $held = [array_fill_keys($senses, false), array_fill_keys($senses, true)];
        if (count($senses) <= self::EACH_UP_TO) {
            $held = [[]];
            foreach ($senses as $sense) {
                $held = [
                    ...array_map(fn (array $h): array => [...$h, $sense => false], $held),
                    ...array_map(fn (array $h): array => [...$h, $sense => true], $held),
                ];
            }
        }
        $scenes = [];
        foreach ($held as $positions) {
            $start = array_filter($positions);
            $inOrder = array_keys($this->bodies->senses);
            [$pulled, $cycle] = $this->iterate($so, $supply, $start, null, $positions);
            if ($cycle !== null) {
                [$pulled, $cycle] = $this->iterate($so, $supply, $start, $inOrder, $positions);
            }
            if ($cycle !== null) {
                return [];
            }
            $scenes[] = $this->settled($inputs, $so, $supply, $pulled, null, [], $this->solves);
        }

        return $scenes;
    }

    /**
     * Senses in the dark half: held through it, or settled anew from the lit half's (solving.md E2).
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @param  array<int, string>  $flashing
     * @return array{array<string, true>, Remark|null} pulled senses, and why they do not settle
     */
    private function keptInTheDark(array $so, array $pulled, string $supply, array $flashing): array
    {
        $half = 0.0;
        foreach ($flashing as $contact) {
            $half = max($half, 0.5 / max(0.01, (float) $this->bodies->contacts[$contact]->flashHz));
        }
        $kept = array_filter(
            array_map(fn (Sense $s): bool => isset($pulled[$s->id]) && $s->holdS >= $half, $this->bodies->senses),
        );

        return $this->follow($so, $pulled, $supply, false, 0.0, fn (Sense $s): ?bool => $kept[$s->id] ?? null);
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
     * @param  array<string, bool>  $held  senses that stay as they are, pulled or not
     * @return array{array<string, true>, list<string>|null} pulled senses; the members of a cycle
     */
    private function iterate(array $so, string $supply, array $pulled, ?array $turns, array $held = []): array
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
                $is = $held[$id] ?? ($was ? $u > $sense->dropOutV : $u >= $sense->pullInV);
                if ($is !== $was) {
                    $changes[$id] = $is;
                }
            }
            if ($changes === []) {
                return [$pulled, null];
            }
            if ($turns !== null) {
                $changes = $this->firstOfEach($changes, $turns);
            }
            $moved[] = $changes;
            // In document order, so that a pattern has one name.
            $pulled = array_filter(
                array_map(fn (Sense $s): bool => $changes[$s->id] ?? isset($pulled[$s->id]), $this->bodies->senses),
            );
        }

        return [$pulled, array_keys(array_merge(...$moved))];
    }

    /**
     * One change in every family of senses: what can't act on each other need not wait for its turn.
     *
     * @param  array<string, bool>  $changes
     * @param  list<string>  $turns
     * @return array<string, bool>
     */
    private function firstOfEach(array $changes, array $turns): array
    {
        $first = [];
        foreach ($turns as $id) {
            if (isset($changes[$id])) {
                $first[$this->families[$id]] ??= $id;
            }
        }

        return array_intersect_key($changes, array_flip($first));
    }

    private function volts(State $state, Sense $sense): float
    {
        $u = (float) $state->between($sense->from, $sense->to);

        return $sense->eitherWay ? abs($u) : $u;
    }

    /**
     * Every pattern of contacts a state goes through, one after the other: what a single circuit can be written of.
     *
     * @param  array<string, string>  $inputs
     * @return list<Moment> none where nothing settles
     */
    public function moments(array $inputs, string $supply): array
    {
        $so = [...$this->rest, ...$inputs];
        $scene = $this->one($inputs, $supply);
        if (! $scene->solved()) {
            return [];
        }
        [$moments] = $this->phaseList($so, $scene->pulled, $supply);
        $flashing = array_filter(
            array_keys($scene->closed),
            fn (string $c): bool => $this->bodies->contacts[$c]->flashHz !== null,
        );
        if ($flashing !== []) {
            [$kept] = $this->keptInTheDark($so, $scene->pulled, $supply, $flashing);
            $closed = $this->closed($so, $kept, false, 0.0);
            $moments = array_map(
                fn (Moment $m): Moment => $m->name === 'steady' ? $m->called('lit half of the flash') : $m,
                $moments,
            );
            $moments[] = new Moment('dark half of the flash', 0.5, $this->solve($supply, $closed), $closed);
        }

        return $moments;
    }

    /**
     * PWM: all on-edges at 0, so the phases are nested patterns; flux and amps are width-weighted means (solving.md E).
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @return array{State, Remark|null} the mean, and what does not settle in a later phase
     */
    private function phases(array $so, array $pulled, string $supply): array
    {
        [$moments, $restless] = $this->phaseList($so, $pulled, $supply);

        return [
            count($moments) === 1
                ? $moments[0]->state
                : Phases::mean(array_map(fn (Moment $m): array => [$m->share, $m->state], $moments)),
            $restless,
        ];
    }

    /**
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @return array{non-empty-list<Moment>, Remark|null}
     */
    private function phaseList(array $so, array $pulled, string $supply): array
    {
        $edges = [0.0];
        foreach ($this->closed($so, $pulled, true, 0.0) as $id => $_) {
            if ($this->bodies->contacts[$id]->duty < 1.0) {
                $edges[] = $this->bodies->contacts[$id]->duty;
            }
        }
        $edges = array_values(array_unique($edges));
        sort($edges);
        $moments = [];
        $restless = null;
        // Amplifier inputs follow each phase; what holds keeps the first phase's state.
        $holds = fn (Sense $s): ?bool => $s->holdS > 0.0 ? isset($pulled[$s->id]) : null;
        foreach ($edges as $n => $edge) {
            $now = $pulled;
            if ($n > 0) {
                [$now, $why] = $this->follow($so, $pulled, $supply, true, $edge, $holds);
                $restless ??= $why;
            }
            $share = ($edges[$n + 1] ?? 1.0) - $edge;
            $closed = $this->closed($so, $now, true, $edge);
            $name = count($edges) === 1 ? 'steady' : Shown::percent($share).' of the dimming period';
            $moments[] = new Moment($name, $share, $this->solve($supply, $closed), $closed);
        }

        return [$moments, $restless];
    }

    /**
     * Senses in another phase, from where they were on.
     *
     * @param  array<string, string>  $so
     * @param  array<string, true>  $pulled
     * @param  callable(Sense): (bool|null)  $held  a sense's state where it keeps it; null: it follows its volts
     * @return array{array<string, true>, Remark|null} pulled senses, and why they do not settle
     */
    private function follow(array $so, array $pulled, string $supply, bool $lit, float $phase, callable $held): array
    {
        $moved = [];
        for ($round = 0; $round < self::MAX_ROUNDS; $round++) {
            $state = $this->solve($supply, $this->closed($so, $pulled, $lit, $phase));
            $next = [];
            foreach ($this->bodies->senses as $id => $sense) {
                $u = $this->volts($state, $sense);
                if ($held($sense) ?? (isset($pulled[$id]) ? $u > $sense->dropOutV : $u >= $sense->pullInV)) {
                    $next[$id] = true;
                }
            }
            if ($next == $pulled) {
                return [$pulled, null];
            }
            $moved = [...array_keys(array_diff_key($next, $pulled)), ...array_keys(array_diff_key($pulled, $next))];
            $pulled = $next;
        }

        return [$pulled, Remark::oscillates($moved)];
    }

    /** @param  array<string, true>  $closed */
    private function solve(string $supply, array $closed): State
    {
        // What a fault joins may make a chain matter that leads nowhere in the build.
        $closed = $this->over === null ? $this->chains->canonical($closed) : $closed;
        $key = $supply.' '.implode(' ', array_keys($closed));
        if (! isset($this->memo[$key])) {
            $this->solves++;
            $this->compiled =
                $this->compiled === null
                    ? Compiler::compile($this->build, $this->harness, $this->wiring, $supply, $this->bodies, $closed)
                    : Compiler::again($this->compiled, $this->build, $supply, $this->bodies, $closed);
            $laid = $this->over === null ? $this->compiled : ($this->over)($this->compiled);
            $this->memo[$key] = StateSolver::solve($this->build, $laid, $supply);
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
