<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Light;
use BenchGlow\Build\PartBranch;
use BenchGlow\Build\Pins;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\Inside;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Law\Resistor;
use BenchGlow\Parts\Copper;

/** Harness → Network at one supply state (solving.md B). */
final class Compiler
{
    /** Anything whose current is shown has at least this (ohms). */
    private const LEAST_OHM = 1e-3;

    /** An open contact: far under the leak of a dark light, so that the light hangs on its own side and starts dark. */
    private const OPEN_SIEMENS = 1e-12;

    private const FUSE_OHM = 1e-3;

    private const PLUG_WAY_OHM = 0.01;

    private NetworkBuilder $net;

    /** @var array<string, int> */
    private array $branchOf = [];

    /** @var array<string, int> */
    private array $sourceOf = [];

    /** @var array<string, LadderPlaces> */
    private array $ladders = [];

    /** @var array<string, list<EmitterPlace>> */
    private array $emitters = [];

    private function __construct(private readonly Build $build, private readonly Harness $harness, bool $expand)
    {
        $this->net = new NetworkBuilder(leaks: ! $expand, expand: $expand);
    }

    /**
     * @param  array<string, LeadWire>  $wiring
     * @param  string  $state  min · nominal · max
     * @param  array<string, true>  $closed  contacts that are closed
     * @param  bool  $expand  every unit of a strip as branches of its own
     */
    public static function compile(
        Build $build,
        Harness $harness,
        array $wiring,
        string $state,
        Bodies $bodies,
        array $closed = [],
        bool $expand = false,
    ): Compiled {
        $compiler = new self($build, $harness, $expand);
        foreach ($build->supplies as $supply) {
            $compiler->sourceOf[$supply->id] = $compiler->net->source(
                $supply->id,
                "{$supply->id}.plus",
                "{$supply->id}.minus",
                $supply->volts($state),
                $supply->ohm,
            );
        }
        foreach ($build->grounds as $id => $ground) {
            $compiler->resistor($id, $id, "{$ground->of}.minus", $ground->ohm);
        }
        foreach ($harness->wires as $wire) {
            $compiler->resistor($wire->id, $wire->from, $wire->to, $wiring[$wire->lead]->ohmPerM() * $wire->lengthM);
        }
        foreach ($build->leads as $lead) {
            $compiler->inline($lead);
        }
        foreach ($build->lights as $light) {
            match ($light->kind) {
                'strip' => $compiler->strip($light),
                'leds' => $compiler->leds($light),
                default => $compiler->modules($light),
            };
        }
        $compiler->bodies($bodies, $closed);
        $network = $compiler->net->build();

        return new Compiled(
            $network,
            $compiler->net->places(),
            $compiler->branchOf,
            $compiler->sourceOf,
            $compiler->ladders,
            $compiler->emitters,
        );
    }

    /**
     * Another state of what was compiled: other contacts closed, another supply position. Its structure stays (F6).
     *
     * @param  array<string, true>  $closed  contacts that are closed
     */
    public static function again(
        Compiled $compiled,
        Build $build,
        string $state,
        Bodies $bodies,
        array $closed,
    ): Compiled {
        $network = $compiled->network;
        [$branches, $leaks, $sources] = [$network->branches, $network->leaks, $network->sources];
        foreach ($bodies->contacts as $id => $contact) {
            $k = $compiled->branchOf[$id];
            if (isset($closed[$id]) === isset($leaks[$k])) {
                $branches[$k] = new Branch(
                    isset($closed[$id]) ? $id : "{$id}.open",
                    $branches[$k]->from,
                    $branches[$k]->to,
                    new Resistor(isset($closed[$id]) ? max($contact->ohm, self::LEAST_OHM) : 1.0 / self::OPEN_SIEMENS),
                );
                if (isset($closed[$id])) {
                    unset($leaks[$k]);
                } else {
                    $leaks[$k] = true;
                }
            }
        }
        foreach ($build->supplies as $id => $supply) {
            $k = $compiled->sourceOf[$id];
            $sources[$k] = new Source(
                $id,
                $sources[$k]->plus,
                $sources[$k]->minus,
                $supply->volts($state),
                $sources[$k]->ohm,
            );
        }

        return $compiled->with(
            new Network($network->nodes, $branches, array_values($sources), $network->tails, $network->fixed, $leaks),
        );
    }

    /** @param  array<string, true>  $closed */
    private function bodies(Bodies $bodies, array $closed): void
    {
        foreach ($bodies->joins as [$a, $b]) {
            $this->net->join($a, $b);
        }
        foreach ($bodies->fixed as $id => [$from, $to, $law]) {
            $this->branchOf[$id] = $this->net->branch($id, $from, $to, $law);
        }
        foreach ($bodies->contacts as $id => $contact) {
            if (isset($closed[$id])) {
                $this->resistor($id, $contact->from, $contact->to, $contact->ohm);
            } else {
                // Kept as a leak, so that every pattern of contacts has the same structure and is ordered once (F6).
                $this->branchOf[$id] = $this->net->leak("{$id}.open", $contact->from, $contact->to, self::OPEN_SIEMENS);
            }
        }
    }

    private function resistor(string $id, string $from, string $to, float $ohm): void
    {
        $this->branchOf[$id] = $this->net->branch($id, $from, $to, new Resistor(max($ohm, self::LEAST_OHM)));
    }

    private function inline(Lead $lead): void
    {
        foreach ($lead->inline as $thing) {
            match ($thing->kind) {
                'fuse' => $this->resistor($thing->id, "{$thing->id}.1", "{$thing->id}.2", self::FUSE_OHM),
                'resistor' => $this->resistor($thing->id, "{$thing->id}.1", "{$thing->id}.2", $thing->ohm),
                'diode' => $this->diode($thing),
                default => $this->plug($thing, count($lead->cores)),
            };
        }
    }

    private function diode(Inline $thing): void
    {
        $law = Inside::diode($this->build->part($thing->part)->fields, 'schottky');
        [$from, $to] = $thing->pointsTo ? ['1', '2'] : ['2', '1'];
        $this->branchOf[$thing->id] = $this->net->branch(
            $thing->id,
            "{$thing->id}.{$from}",
            "{$thing->id}.{$to}",
            $law,
        );
    }

    private function plug(Inline $thing, int $cores): void
    {
        $device = $this->build->devices[$thing->plug] ?? null;
        $ohm = ($device instanceof PlugDevice ? $device->ohm() : null) ?? self::PLUG_WAY_OHM;
        foreach (array_slice($thing->ways, 0, $cores) as $way) {
            $this->resistor("{$thing->id}.{$way}", "{$thing->id}.{$way}a", "{$thing->id}.{$way}b", $ohm);
        }
    }

    private function strip(Light $light): void
    {
        $strip = $light->strip();
        $units = $light->fit()->units;
        if ($units < 1 || $strip->overfull() !== null) {
            return;
        }
        $rails = Pins::rails($light->part);
        $order = count($rails) === 2 ? ['plus', 'minus'] : [...array_slice($rails, 1), 'common'];
        $marks = [];
        foreach ($this->harness->wiredPins($light->id) as $pin) {
            if (preg_match('/\.u(\d+)\./', $pin, $m) === 1 && (int) $m[1] <= $units) {
                $marks[(int) $m[1]] = array_map(fn (string $rail): string => "{$light->id}.u{$m[1]}.{$rail}", $order);
            }
        }
        $this->ladders[$light->id] = $this->net->ladder($light->id, $strip->ladder(), $units, $marks);
    }

    /** Full strings are one branch; a shorter last one has its own resistor. */
    private function leds(Light $light): void
    {
        [$full, $last] = $light->strings();
        $led = $light->led();
        $per = $full > 0 ? intdiv($light->count() - $last, $full) : 0;
        $ohm = $light->fields->number('ohm');
        [$plus, $minus] = ["{$light->id}.plus", "{$light->id}.minus"];
        $places = [];
        if ($full > 0) {
            $places[] = new EmitterPlace(
                'leds',
                $this->net->branch($light->id, $plus, $minus, $led->string($per, $ohm, parallel: $full)),
                $led->ifA,
                $full,
            );
        }
        if ($last > 0) {
            $places[] = new EmitterPlace(
                'leds',
                $this->net->branch(
                    "{$light->id}.last",
                    $plus,
                    $minus,
                    $led->string($last, $light->fields->number('last_ohm', $ohm)),
                ),
                $led->ifA,
                1,
            );
        }
        $this->emitters[$light->id] = $places;
    }

    /** The first module sits on the light's pins, each next one a spacing of wire further on. */
    private function modules(Light $light): void
    {
        $pins = $light->part->texts('pins');
        $wire = $light->fields->textOrNull('wire');
        $area = $wire === null ? 0.5 : $this->build->part($wire)->fields->number('area_mm2', 0.5);
        $ohm = Copper::ohmPerM($area, 30.0) * $light->fields->number('spacing_m');
        for ($n = 1; $n <= $light->count(); $n++) {
            $name = fn (string $node): string => in_array($node, $pins, true)
                ? ($n === 1
                    ? "{$light->id}.{$node}"
                    : "{$light->id}#{$n}.{$node}")
                : "{$light->id}#{$n}!{$node}";
            foreach ($n > 1 ? $pins : [] as $pin) {
                $before = $n === 2 ? "{$light->id}.{$pin}" : "{$light->id}#".($n - 1).".{$pin}";
                $this->net->branch(
                    "{$light->id}.chain",
                    $before,
                    $name($pin),
                    new Resistor(max($ohm, self::LEAST_OHM)),
                );
            }
            foreach ($light->part->objects('inside') as $branch) {
                $this->inside($light, PartBranch::of($branch), $name);
            }
        }
    }

    /** @param  callable(string): string  $name */
    private function inside(Light $light, PartBranch $branch, callable $name): void
    {
        [$from, $to] = [$name($branch->from), $name($branch->to)];
        if ($branch->isLink()) {
            $this->net->join($from, $to);

            return;
        }
        $place = $this->net->branch("{$light->id}.{$branch->id}", $from, $to, Inside::law($branch));
        $rated = $branch->rated();
        if ($rated !== null) {
            $this->emitters[$light->id][] = new EmitterPlace($branch->id, $place, $rated, 1, $branch->isSwitching());
        }
    }
}
