<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\When;
use BenchGlow\Format\Fields;

/**
 * A circuit made from contacts in series and parallel, as data: feeds (a source and what stands in its wire each), what stands
 * behind where they meet, and where it goes home. It lays itself as a plan.
 *
 *     {"feeds": [{"from": "supply" | id, "through": NODE | null}], "behind": NODE | null, "home": "home" | ground wire | NODE,
 *      "fresh": bool}
 *
 * `fresh` takes new switches where those that are there are too weak. A node is {"and": [...]}, {"or": [...]}, a switch {"switch": input, "rests": bool}, a pair {"two_way": [input, input]}, or
 * the contact of a relay {"relay": {"wires": [host wires], "hand": input}, "rests": bool}: thrown by any of two positive wires,
 * by a ground-switched one, by both of a positive and a ground-switched one, or by a small switch.
 */
final class Recipe
{
    /** Part of a switch for what moves it: made when it is moved. */
    private const MADE = [
        'lid' => 'lid_switch',
        'door' => 'plunger_nc',
        'motion' => 'sensor_motion',
        'dusk' => 'sensor_dusk',
    ];

    private int $switches = 0;

    private int $relays = 0;

    private int $joints = 0;

    private function __construct(private readonly Plan $plan)
    {
    }

    /**
     * @param  array<array-key, mixed>  $recipe
     *
     * @throws DoesNotSuit
     */
    public static function lay(Plan $plan, array $recipe): void
    {
        (new self($plan))->all(new Fields($recipe));
    }

    /** The part that stands for an input. */
    public static function switchFor(string $kind, bool $rests): string
    {
        if ($rests) {
            return $kind === 'hand' ? 'rocker_change' : 'micro_change';
        }

        return self::MADE[$kind] ?? 'rocker_plain';
    }

    private function all(Fields $recipe): void
    {
        $feeds = $recipe->objects('feeds');
        $behind = $recipe->object('behind')->data;
        $exits = [];
        foreach ($feeds as $feed) {
            $exits[] = [$this->source($feed->text('from')), $feed->object('through')->data];
        }
        if (count($exits) === 1) {
            [$from, $node] = $exits[0];
            $this->branch($from, self::series([$node, $behind]), null);
        } else {
            $this->plan->device('meet', 'joint');
            foreach ($exits as [$from, $node]) {
                $this->branch($from, $node, 'meet');
            }
            $behind === [] ? $this->plan->feed('meet') : $this->behind('meet', $behind);
        }
        $this->home($recipe);
    }

    /**
     * @param  list<array<array-key, mixed>>  $nodes
     * @return array<array-key, mixed>
     */
    private static function series(array $nodes): array
    {
        $nodes = array_values(array_filter($nodes));

        return count($nodes) > 1 ? ['and' => $nodes] : $nodes[0] ?? [];
    }

    private function source(string $from): string
    {
        $build = $this->plan->setting->build;

        return match (true) {
            $from === 'supply' => $this->plan->plus(),
            isset($build->wires[$from]) => $from,
            isset($build->ways[$from]) => $build->ways[$from]->isPoint() ? "{$from}.line" : "{$from}.load",
            default => throw new DoesNotSuit("there is no source `{$from}`."),
        };
    }

    /**
     * One feed: its fuse at the source, and a diode where others meet it.
     *
     * @param  array<array-key, mixed>  $node
     * @param  string|null  $meet  the joint it leads to; null: it feeds the lights itself
     */
    private function branch(string $from, array $node, ?string $meet): void
    {
        $diode = $meet === null ? [] : ['diode'];
        if ($node === []) {
            $meet === null ? $this->plan->feed($from, ['fuse']) : $this->plan->lead($from, $meet, ['fuse', ...$diode]);

            return;
        }
        [$in, $out, $live] = $this->node($node);
        $entries = [...$in, ...$live];
        if (count($entries) === 1) {
            $this->plan->lead($from, $entries[0], ['fuse'], 'To the switch');
        } else {
            $joint = $this->joint();
            $this->plan->lead($from, $joint, ['fuse'], 'To the switches');
            foreach ($entries as $entry) {
                $this->plan->lead($joint, $entry);
            }
        }
        $this->leave($out, $meet, $diode);
    }

    /** @param  array<array-key, mixed>  $node */
    private function behind(string $meet, array $node): void
    {
        [$in, $out, $live] = $this->node($node);
        foreach ([...$in, ...$live] as $entry) {
            $this->plan->lead($meet, $entry);
        }
        $this->leave($out, null, []);
    }

    /**
     * @param  list<string>  $out
     * @param  list<string>  $diode
     */
    private function leave(array $out, ?string $meet, array $diode): void
    {
        if (count($out) > 1) {
            $joint = $this->joint();
            foreach ($out as $pin) {
                $this->plan->lead($pin, $joint);
            }
            $out = [$joint];
        }
        $meet === null ? $this->plan->feed($out[0]) : $this->plan->lead($out[0], $meet, $diode);
    }

    private function joint(): string
    {
        $role = 'j'.++$this->joints;
        $this->plan->device($role, 'joint');

        return $role;
    }

    private function home(Fields $recipe): void
    {
        $home =
            $recipe->has('home') && is_array($recipe->data['home'])
                ? $recipe->object('home')->data
                : $recipe->text('home', 'home');
        if (is_string($home)) {
            $this->plan->back($home === 'home' ? $this->plan->minus() : $home);

            return;
        }
        [$in, $out] = $this->node($home);
        if (count($in) > 1 || count($out) > 1) {
            throw new DoesNotSuit('only one switch at a time stands in the return.');
        }
        $this->plan->back($in[0]);
        $this->plan->lead($out[0], $this->plan->minus(), [], 'Return');
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array{list<string>, list<string>, list<string>} pins current enters by, leaves by, and pins that want the feed besides
     */
    private function node(array $node): array
    {
        $f = new Fields($node);

        return match (true) {
            $f->has('and') => $this->and($f->objects('and')),
            $f->has('or') => $this->or($f->objects('or')),
            $f->has('switch') => $this->switch($f->text('switch'), $f->flag('rests')),
            $f->has('two_way') => $this->twoWay($f->texts('two_way')),
            $f->has('relay') => $this->relay($f->object('relay'), $f->flag('rests')),
            default => throw new DoesNotSuit('a circuit is made of switches, relays and pairs.'),
        };
    }

    /**
     * @param  list<Fields>  $nodes
     * @return array{list<string>, list<string>, list<string>}
     */
    private function and(array $nodes): array
    {
        $entries = $last = $live = [];
        foreach ($nodes as $n => $node) {
            [$in, $out, $wants] = $this->node($node->data);
            $live = [...$live, ...$wants];
            if ($n === 0) {
                $entries = $in;
            } elseif (count($last) === 1 && count($in) === 1) {
                $this->plan->lead($last[0], $in[0]);
            } else {
                $joint = $this->joint();
                foreach ($last as $pin) {
                    $this->plan->lead($pin, $joint);
                }
                foreach ($in as $pin) {
                    $this->plan->lead($joint, $pin);
                }
            }
            $last = $out;
        }

        return [$entries, $last, $live];
    }

    /**
     * @param  list<Fields>  $nodes
     * @return array{list<string>, list<string>, list<string>}
     */
    private function or(array $nodes): array
    {
        $all = [[], [], []];
        foreach ($nodes as $node) {
            foreach ($this->node($node->data) as $n => $pins) {
                $all[$n] = [...$all[$n], ...$pins];
            }
        }

        return $all;
    }

    /** @return array{list<string>, list<string>, list<string>} */
    private function switch(string $input, bool $rests): array
    {
        $role = 's'.++$this->switches;
        $kind =
            ($this->plan->setting->build->inputs[$input] ?? null)->kind ??
            throw new DoesNotSuit("nothing that moves is called `{$input}`.");
        $part = self::switchFor($kind, $rests);
        if (! $rests) {
            $this->plan->hand($role, $part, $input);

            return [["{$role}.in"], ["{$role}.out"], []];
        }
        // The half of a changeover that is made at rest; moved, it stands in its other position.
        $moved = $kind === 'hand' ? 'b' : 'pressed';
        $this->plan->device($role, 'switch', $part, [], ['at' => [$moved => ['input' => $input]]]);

        return [["{$role}.com"], [$kind === 'hand' ? "{$role}.a" : "{$role}.nc"], []];
    }

    /**
     * Two changeovers with two wires between: either hand changes it.
     *
     * @param  list<string>  $inputs
     * @return array{list<string>, list<string>, list<string>}
     */
    private function twoWay(array $inputs): array
    {
        $roles = [];
        foreach ($inputs as $n => $input) {
            $roles[] = $role = 's'.++$this->switches;
            // Crossed over: with both at rest it is dark.
            $this->plan->device(
                $role,
                'switch',
                'rocker_change',
                [],
                ['at' => ['b' => $n === 0 ? ['input' => $input] : ['not' => ['input' => $input]]]],
            );
        }
        $this->plan->lead("{$roles[0]}.a", "{$roles[1]}.a");
        $this->plan->lead("{$roles[0]}.b", "{$roles[1]}.b");

        return [["{$roles[0]}.com"], ["{$roles[1]}.com"], []];
    }

    /** @return array{list<string>, list<string>, list<string>} */
    private function relay(Fields $thrown, bool $rests): array
    {
        $role = 'k'.++$this->relays;
        $this->plan->relay($role, $rests);
        $pins = [["{$role}.30"], [$rests ? "{$role}.87a" : "{$role}.87"], []];
        $build = $this->plan->setting->build;
        $positive = $ground = [];
        foreach ($thrown->texts('wires') as $wire) {
            $is = $build->wires[$wire] ?? throw new DoesNotSuit("there is no host wire `{$wire}`.");
            $is->positive ? ($positive[] = $wire) : ($ground[] = $wire);
        }
        if ($thrown->has('hand')) {
            $small = 's'.++$this->switches;
            $this->plan->hand($small, 'toggle_mini', $thrown->text('hand'));
            $this->plan->lead("{$small}.out", "{$role}.86");
            $pins[2][] = "{$small}.in";
        } elseif (count($positive) > 1) {
            $joint = $this->joint();
            foreach ($positive as $wire) {
                $this->plan->lead($wire, $joint, ['fuse', 'diode'], 'Trigger');
            }
            $this->plan->lead($joint, "{$role}.86");
        } elseif ($positive !== []) {
            // Between a positive and a ground wire the coil would pull through two host lamps with both at rest.
            $this->plan->lead($positive[0], "{$role}.86", $ground === [] ? ['fuse'] : ['fuse', 'diode'], 'Trigger');
        } else {
            $pins[2][] = "{$role}.86";
        }
        $this->plan->lead(
            "{$role}.85",
            $ground[0] ?? $this->plan->minus(),
            [],
            $ground === [] ? 'Return of the coil' : 'Trigger',
        );

        return $pins;
    }

    /**
     * When a node conducts.
     *
     * @param  array<array-key, mixed>  $node
     * @param  callable(string): array<array-key, mixed>  $live  when a host wire is live
     * @return array<array-key, mixed>
     */
    public static function when(array $node, callable $live): array
    {
        $f = new Fields($node);
        $rests = fn (array $when): array => $f->flag('rests') ? ['not' => $when] : $when;
        $each = fn (string $how): array => [
            $how === 'and' ? 'all' : 'any' => array_map(
                fn (Fields $n): array => self::when($n->data, $live),
                $f->objects($how),
            ),
        ];
        if ($f->has('relay')) {
            $wires = $f->object('relay')->texts('wires');
            $thrown = $f->object('relay')->has('hand')
                ? ['input' => $f->object('relay')->text('hand')]
                : [$f->object('relay')->flag('both') ? 'all' : 'any' => array_map($live, $wires)];

            return $rests($thrown);
        }
        if ($f->has('two_way')) {
            [$a, $b] = array_map(fn (string $i): array => ['input' => $i], $f->texts('two_way'));

            return ['any' => [['all' => [$a, ['not' => $b]]], ['all' => [['not' => $a], $b]]]];
        }

        return match (true) {
            $f->has('and') => $each('and'),
            $f->has('or') => $each('or'),
            default => $rests(['input' => $f->text('switch')]),
        };
    }
}
