<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Light;
use BenchGlow\Build\Want;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Contact;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\OnTheWay;
use BenchGlow\Harness\Thing;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/**
 * What belongs into the drawing of one circuit: everything on a way between a supply and its lights, whatever moves the contacts
 * there, and the host's own loads. Depends on structure and document order only, never on volts.
 */
final class Scheme
{
    private const SHARED = '=';

    /** @var array<string, string> */
    private array $root = [];

    /** @var array<string, int> root pin => net */
    private array $number = [];

    /** @var array<int, Net> */
    public array $nets = [];

    /** @var array<string, Symbol> in document order */
    public array $symbols = [];

    /** @var list<Symbol> */
    public array $lights = [];

    /** @var array<string, array{string, string, string, string}> two-ended things: id => kind, part, pins */
    private array $pairs = [];

    /** @var array<string, list<string>> controllers: device => wired pins */
    private array $boxes = [];

    /** @var array<int, int> net => things between it and a plus, lights not passed */
    private array $fromPlus = [];

    /** @var array<int, int> net => things between it and the return */
    private array $fromReturn = [];

    private function __construct(
        private readonly Build $build,
        private readonly Harness $harness,
        private readonly Bodies $bodies,
    ) {
    }

    public static function of(Build $build, Harness $harness, Bodies $bodies, string $circuit): self
    {
        $scheme = new self($build, $harness, $bodies);
        $scheme->merge();
        $scheme->things();
        $scheme->measure();
        $lights = $scheme->lightsOf($circuit);
        foreach ($scheme->wanted($lights, $circuit) as $id => $_) {
            $scheme->take($id);
        }
        foreach ($lights as $light) {
            $scheme->lights[] = $scheme->light($light);
        }
        $scheme->stubs($circuit);

        return $scheme;
    }

    /** @return list<Light> its own, and those its wants name */
    private function lightsOf(string $circuit): array
    {
        $named = array_merge(
            [],
            ...array_map(
                fn (Want $w): array => array_map(fn (string $g): string => explode('.', $g)[0], $w->glow),
                $this->build->circuits[$circuit]->wants,
            ),
        );

        return array_values(
            array_filter(
                $this->build->lights,
                fn (Light $l): bool => $l->circuit === $circuit || in_array($l->id, $named, true),
            ),
        );
    }

    // ---- nets -------------------------------------------------------------------------------------------------------

    private function merge(): void
    {
        foreach ($this->harness->wires as $wire) {
            $this->join($wire->from, $wire->to);
        }
        foreach ($this->bodies->joins as [$a, $b]) {
            if (! (($this->build->devices[explode('.', $a)[0]] ?? null) instanceof ControllerDevice)) {
                $this->join($a, $b);
            }
        }
        foreach ($this->bodies->contacts as $contact) {
            // A way that is always live is its source.
            if ($contact->closedWhen === null && $contact->liveWhen === null && str_ends_with($contact->to, '.line')) {
                $this->join($contact->from, $contact->to);
            }
        }
    }

    private function find(string $pin): string
    {
        while (($this->root[$pin] ??= $pin) !== $pin) {
            $pin = $this->root[$pin];
        }

        return $pin;
    }

    private function join(string $a, string $b): void
    {
        $this->root[$this->find($a)] = $this->find($b);
    }

    /** The net of a pin as compiled. */
    public function net(string $pin): int
    {
        $root = $this->find($pin);
        if (! isset($this->number[$root])) {
            // A pin no wire and no thing names, as one inside a part: a net of its own.
            $net = $this->number[$root] = count($this->number);
            $this->nets[$net] = new Net($net, 'feed', '', [$pin]);
        }

        return $this->number[$root];
    }

    private function place(int $net): string
    {
        return in_array($this->nets[$net]->class, ['source', 'return'], true) ? self::SHARED : (string) $net;
    }

    // ---- things -----------------------------------------------------------------------------------------------------

    private function things(): void
    {
        $this->inLine();
        $this->boxes();
        $this->contacts();
        foreach ($this->bodies->senses as $id => $sense) {
            if (! isset($this->boxes[$sense->thing])) {
                $this->pairs[$id] = ['coil', $sense->thing, $sense->from, $sense->to];
            }
        }
        $this->fixed();
        $this->number();
    }

    /** Things with two pins in a lead. */
    private function inLine(): void
    {
        foreach ($this->harness->things as $thing) {
            if ($thing->lead !== '' && count($thing->pins) === 2) {
                // From anode to cathode, which is how its amps are counted.
                $pins =
                    $thing->kind === 'diode' && ! $this->pointsTo($thing->lead, $thing->id)
                        ? array_reverse($thing->pins)
                        : $thing->pins;
                $this->pairs[$thing->id] = [
                    $thing->kind === 'plug_way' ? 'plug' : $thing->kind,
                    $thing->id,
                    $pins[0],
                    $pins[1],
                ];
            }
        }
    }

    /** Devices drawn as a box, with those of their pins that are wired. */
    private function boxes(): void
    {
        $wired = [];
        foreach ($this->harness->wires as $wire) {
            $wired[$wire->from] = $wired[$wire->to] = true;
        }
        foreach ($this->build->devices as $id => $device) {
            if ($device->symbol() === 'box') {
                $this->boxes[$id] = array_values(
                    array_filter($this->harness->things[$id]->pins ?? [], fn (string $p): bool => isset($wired[$p])),
                );
            }
        }
    }

    private function contacts(): void
    {
        foreach ($this->bodies->contacts as $id => $contact) {
            if (isset($this->boxes[$contact->thing])) {
                continue;
            }
            $host = str_starts_with($this->build->index->sections[$contact->thing] ?? '', 'host');
            if ($host && $contact->liveWhen === null && str_ends_with($contact->to, '.line')) {
                continue;
            }
            $this->pairs[$id] = [$host ? 'host' : 'contact', $contact->thing, ...$this->contactEnds($contact)];
        }
    }

    /** @return array{string, string} the host's own source and switch are one thing to a builder */
    private function contactEnds(Contact $contact): array
    {
        $source = $this->bodies->fixed["{$contact->thing}.source"] ?? null;

        return match (true) {
            $source === null => [$contact->from, $contact->to],
            $contact->from === $source[1] && $contact->to === $contact->thing => [$source[0], $contact->to],
            default => [$contact->thing, $contact->to],
        };
    }

    /** Loads of the host, fuses inside a device, lamps of a switch. */
    private function fixed(): void
    {
        foreach ($this->bodies->fixed as $id => [$from, $to, $law]) {
            $thing = explode('.', $id)[0];
            $isDevice = isset($this->build->devices[$thing]);
            $hosts = str_ends_with($id, '.own') && isset($this->build->index->sections[$thing]) && ! $isDevice;
            $drawn = ! isset($this->boxes[$thing]);
            $kind = match (true) {
                $hosts, isset($this->bodies->loads[$id]) => 'load',
                $drawn && $law instanceof Resistor && str_ends_with($id, '.fuse') => ($this->build->devices[$thing] ??
                    null) instanceof FuseTapDevice
                    ? 'tap'
                    : 'fuse',
                $drawn && $law instanceof StringLaw && $isDevice && ! isset($this->bodies->senses[$id]) => 'lamp',
                default => null,
            };
            if ($kind !== null) {
                $this->pairs[$id] = [$kind, $thing, $from, $to];
            }
        }
    }

    private function pointsTo(string $lead, string $diode): bool
    {
        foreach ($this->build->leads[$lead]->inline as $thing) {
            if ($thing->id === $diode) {
                return $thing->pointsTo;
            }
        }

        return true;
    }

    /** Nets in document order of the pins that name them, and what each of them is. */
    private function number(): void
    {
        $pins = [];
        foreach ($this->harness->things as $thing) {
            array_push($pins, ...$thing->pins);
        }
        foreach ($this->harness->wires as $wire) {
            array_push($pins, $wire->from, $wire->to);
        }
        foreach ($this->pairs as [, , $a, $b]) {
            array_push($pins, $a, $b);
        }
        $of = [];
        foreach (array_unique($pins) as $pin) {
            $of[$this->net($pin)][] = $pin;
        }
        $ends = $this->ends();
        foreach ($of as $net => $list) {
            $this->nets[$net] = new Net($net, $ends[$net][0] ?? 'feed', $ends[$net][1] ?? '', $list);
        }
    }

    /** @return array<int, array{string, string}> net => source or return, and of what */
    private function ends(): array
    {
        $ends = [];
        foreach ($this->harness->things as $thing) {
            if ($thing->kind === 'supply') {
                $ends[$this->net($thing->pins[0])] ??= ['source', $thing->id];
                $ends[$this->net($thing->pins[1])] = ['return', $thing->id];
            } elseif ($thing->kind === 'ground') {
                $ends[$this->net($thing->id)] = ['return', $thing->id];
            }
        }

        return $ends;
    }

    // ---- distances --------------------------------------------------------------------------------------------------

    private function measure(): void
    {
        $plus = $minus = [];
        foreach ($this->nets as $net) {
            if ($net->class !== 'feed') {
                $net->class === 'source' ? ($plus[] = $net->id) : ($minus[] = $net->id);
            }
        }
        $this->fromPlus = $this->spread($plus, $minus, null);
        $this->fromReturn = $this->spread($minus, $plus, null);
    }

    /**
     * Things passed from some nets to every other, lights and loads not passed.
     *
     * @param  list<int>  $from
     * @param  list<int>  $closed  nets that are not entered
     * @param  string|null  $without  a controller that is left out
     * @return array<int, int>
     */
    private function spread(array $from, array $closed, ?string $without): array
    {
        $next = [];
        foreach ($this->pairs as [$kind, , $a, $b]) {
            if (! in_array($kind, ['load', 'lamp'], true)) {
                $next[$this->net($a)][] = $this->net($b);
                $next[$this->net($b)][] = $this->net($a);
            }
        }
        foreach ($this->boxEdges($without) as [$a, $b]) {
            $next[$this->net($a)][] = $this->net($b);
            $next[$this->net($b)][] = $this->net($a);
        }
        $far = array_fill_keys($from, 0);
        $stop = array_fill_keys($closed, true);
        for ($queue = $from; ($net = array_shift($queue)) !== null;) {
            foreach ($next[$net] ?? [] as $to) {
                if (! isset($far[$to]) && ! isset($stop[$to])) {
                    $far[$to] = $far[$net] + 1;
                    $queue[] = $to;
                }
            }
        }

        return $far;
    }

    /** @return list<array{string, string, string}> pins joined inside controllers by contacts and links, and whose */
    private function boxEdges(?string $without = null): array
    {
        $edges = [];
        foreach ($this->bodies->contacts as $contact) {
            if (isset($this->boxes[$contact->thing])) {
                $edges[] = [$contact->from, $contact->to, $contact->thing];
            }
        }
        foreach ($this->bodies->joins as [$a, $b]) {
            $thing = explode('.', $a)[0];
            if (isset($this->boxes[$thing])) {
                $edges[] = [$a, $b, $thing];
            }
        }

        return array_values(array_filter($edges, fn (array $e): bool => $e[2] !== $without));
    }

    // ---- what is drawn ----------------------------------------------------------------------------------------------

    /**
     * Two-ended things and controllers on the ways to the lights, and on the ways to whatever moves them.
     *
     * @param  list<Light>  $lights
     * @return array<string, true> in document order
     */
    private function wanted(array $lights, string $circuit): array
    {
        // What belongs to another circuit is only gone through where no way of its own leads to the lights.
        $own = $this->through($lights, fn (string $owner): bool => $owner === '' || $owner === $circuit);

        return $own !== [] ? $own : $this->through($lights, fn (string $owner): bool => true);
    }

    /** The circuit a thing belongs to; none: shared, or the host's. */
    private function owner(string $thing): string
    {
        $lead = $this->harness->things[$thing]->lead ?? '';

        return ($lead === ''
            ? ($this->build->devices[$thing] ?? null)?->circuit()
            : $this->build->leads[$lead]->circuit) ?? '';
    }

    /**
     * @param  list<Light>  $lights
     * @param  callable(string): bool  $mine  whether things of a circuit are gone through
     * @return array<string, true>
     */
    private function through(array $lights, callable $mine): array
    {
        $edges = $of = [];
        $add = function (string $a, string $b, string $id) use (&$edges, &$of, $mine): void {
            if ($mine($this->owner($this->pairs[$id][1] ?? $id))) {
                $edges[] = [$this->place($this->net($a)), $this->place($this->net($b))];
                $of[] = $id;
            }
        };
        foreach ($this->pairs as $id => [$kind, , $a, $b]) {
            if (! in_array($kind, ['load', 'lamp', 'coil'], true)) {
                $add($a, $b, $id);
            }
        }
        foreach ($this->boxEdges() as [$a, $b, $thing]) {
            $add($a, $b, $thing);
        }
        $todo = [array_merge([], ...array_map(fn (Light $l): array => $this->harness->wiredPins($l->id), $lights))];
        // Lights of one circuit may stand in series; another's is a load and no way.
        $series = [];
        foreach ($lights as $light) {
            $pins = $this->harness->wiredPins($light->id);
            foreach (array_slice($pins, 1) as $pin) {
                $series[] = [$this->place($this->net($pins[0])), $this->place($this->net($pin))];
            }
        }
        $seen = [];
        while (($pins = array_pop($todo)) !== null) {
            $targets = array_values(
                array_diff(array_unique(array_map(fn (string $p): string => $this->place($this->net($p)), $pins)), [
                    self::SHARED,
                ]),
            );
            foreach ($targets === [] ? [] : OnTheWay::between([...$edges, ...$series], self::SHARED, $targets) as $n) {
                $id = $of[$n] ?? '';
                if ($id !== '' && ! isset($seen[$id])) {
                    $seen[$id] = true;
                    array_push($todo, ...$this->moves($id, $seen));
                }
            }
        }
        // The host's loads stand beside its wire, lamps of a switch beside its contact, a tapped way with its own fuse and load.
        $beside = [];
        foreach (array_keys($seen) as $id) {
            $part = $this->pairs[$id][1] ?? $id;
            $device = $this->build->devices[$part] ?? null;
            $beside[$part] = $beside[$device instanceof FuseTapDevice ? $device->way() : ''] = true;
        }
        foreach ($this->pairs as $id => [$kind, $part]) {
            $seen +=
                isset($beside[$part]) && (in_array($kind, ['load', 'lamp'], true) || $id === "{$part}.fuse")
                    ? [$id => true]
                    : [];
        }
        $order = [...array_keys($this->pairs), ...array_keys($this->boxes)];

        return array_intersect_key(array_fill_keys($order, true), $seen);
    }

    /**
     * Pins of the senses that move a contact or a controller; the coils themselves are taken in.
     *
     * @param  array<string, true>  $seen
     * @return list<list<string>>
     */
    private function moves(string $id, array &$seen): array
    {
        $thing = $this->pairs[$id][1] ?? $id;
        if (! isset($this->build->devices[$thing])) {
            return [];
        }
        $todo = [];
        foreach ($this->bodies->senses as $sense) {
            if ($sense->thing === $thing) {
                $seen += isset($this->boxes[$thing]) ? [] : [$sense->id => true];
                $todo[] = [$sense->from];
                $todo[] = [$sense->to];
            }
        }
        foreach ($this->build->devices[$thing]->hears() as $heard) {
            $sender = explode('.', $heard)[0];
            if (isset($this->boxes[$sender]) && ! isset($seen[$sender])) {
                $seen[$sender] = true;
                array_push($todo, ...$this->moves($sender, $seen));
            }
        }

        return $todo;
    }

    private function take(string $id): void
    {
        if (isset($this->boxes[$id])) {
            $this->symbols[$id] = $this->box($id);

            return;
        }
        [$kind, $part, $a, $b] = $this->pairs[$id];
        [$na, $nb] = [$this->net($a), $this->net($b)];
        if ($na === $nb) {
            return;
        }
        $reach = fn (int $n): ?int => $this->nets[$n]->class === 'return' ? null : $this->fromPlus[$n] ?? null;
        [$da, $db] = [$reach($na), $reach($nb)];
        $back = $da === null && $db === null;
        if ($back) {
            // On the way back the side of the return stands left.
            $swap = ($this->fromReturn[$nb] ?? PHP_INT_MAX) < ($this->fromReturn[$na] ?? PHP_INT_MAX);
        } else {
            $swap = ($db ?? PHP_INT_MAX) < ($da ?? PHP_INT_MAX);
        }
        [$left, $right] = $swap ? [[$b, $nb], [$a, $na]] : [[$a, $na], [$b, $nb]];
        $tie =
            in_array($kind, ['contact', 'coil'], true) && ($this->build->devices[$part] ?? null) instanceof RelayDevice
                ? $part
                : '';
        $this->symbols[$id] = new Symbol($id, $kind, $part, [$left], [$right], $back, $swap ? -1 : 1, $tie);
    }

    /** A controller: what feeds or commands it on the left, what it works on the right. */
    private function box(string $id): Symbol
    {
        $plus = $minus = [];
        foreach ($this->nets as $net) {
            if ($net->class !== 'feed') {
                $net->class === 'source' ? ($plus[] = $net->id) : ($minus[] = $net->id);
            }
        }
        $without = $this->spread($plus, $minus, $id);
        $left = $right = $returns = [];
        foreach ($this->boxes[$id] as $pin) {
            $net = $this->net($pin);
            if ($this->nets[$net]->class === 'return') {
                $returns[] = [$pin, $net];
            } elseif (isset($without[$net]) || $this->commands($pin)) {
                $left[] = [$pin, $net];
            } else {
                $right[] = [$pin, $net];
            }
        }

        return new Symbol($id, 'box', $id, [...$left, ...$returns], $right);
    }

    /** A pin that is only listened to. */
    private function commands(string $pin): bool
    {
        $heard = array_filter($this->bodies->senses, fn ($s): bool => $s->from === $pin || $s->to === $pin) !== [];
        $worked =
            array_filter([...$this->bodies->contacts], fn ($c): bool => $c->from === $pin || $c->to === $pin) !== [];

        return $heard && ! $worked;
    }

    private function light(Light $light): Symbol
    {
        $top = $bottom = [];
        foreach ($this->harness->wiredPins($light->id) as $pin) {
            $net = $this->net($pin);
            if ($this->nets[$net]->class !== 'return' && isset($this->fromPlus[$net])) {
                $top[] = [$pin, $net];
            } else {
                $bottom[] = [$pin, $net];
            }
        }

        return new Symbol($light->id, 'light', $light->id, $top, $bottom);
    }

    /** Other circuits that hang on a net of this one: a stub with their flags. */
    private function stubs(string $circuit): void
    {
        $here = [];
        foreach ([...$this->symbols, ...$this->lights] as $symbol) {
            $here += array_fill_keys($symbol->nets(), true);
        }
        $others = [];
        foreach ($this->harness->wires as $wire) {
            $owner = $this->build->leads[$wire->lead]->circuit ?? null;
            $net = $this->net($wire->from);
            if (
                $owner !== null &&
                $owner !== $circuit &&
                isset($here[$net], $this->build->circuits[$owner]) &&
                $this->nets[$net]->class === 'feed' &&
                $this->leadsAway($net, $owner)
            ) {
                $others[$net][$owner] = $this->build->circuits[$owner]->flag;
            }
        }
        foreach ($others as $net => $flags) {
            $this->symbols["stub.{$net}"] = $this->stub($net, $flags);
        }
    }

    /** @param  array<string, string>  $flags */
    private function stub(int $net, array $flags): Symbol
    {
        $end = [[$this->nets[$net]->pins[0], $net]];
        $back = ! isset($this->fromPlus[$net]);

        return new Symbol("stub.{$net}", 'stub', implode(' ', $flags), $back ? [] : $end, $back ? $end : [], $back);
    }

    /** Something of the other circuit hangs on the net that this drawing does not show. */
    private function leadsAway(int $net, string $owner): bool
    {
        $drawn = [];
        foreach ([...$this->symbols, ...$this->lights] as $symbol) {
            $drawn += array_fill_keys(array_column([...$symbol->left, ...$symbol->right], 0), true);
        }
        foreach ($this->harness->things as $thing) {
            if ($this->circuitOf($thing) !== $owner || $thing->kind === 'joint') {
                continue;
            }
            foreach ([...$thing->pins, ...$this->harness->wiredPins($thing->id)] as $pin) {
                if (! isset($drawn[$pin]) && $this->net($pin) === $net) {
                    return true;
                }
            }
        }

        return false;
    }

    private function circuitOf(Thing $thing): ?string
    {
        return $this->build->lights[$thing->id]->circuit ??
            (($this->build->devices[$thing->id] ?? null)?->circuit() ??
                ($thing->lead === '' ? null : $this->build->leads[$thing->lead]->circuit));
    }
}
