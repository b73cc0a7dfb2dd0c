<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Build\Build;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\When;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Scene\Truth;
use BenchGlow\Ways\Recipe;

/** What tells whether a wish holds: switches one can put in, wires and ways of the host, and contacts they throw. */
final readonly class Signals
{
    /** Things a switch can be put at. */
    private const OWN = ['hand', 'lid', 'door', 'load', 'dusk', 'motion', 'other'];

    /** Contacts carry this share of what they are rated for. */
    public const SHARE = 0.75;

    /** Small contacts, which the rush of a filament or a switching load welds. */
    private const SMALL = ['reed', 'tilt', 'micro'];

    private const HOLE = 0.5;

    public function __construct(
        private Build $build,
        private Truth $truth,
        private float $amps,
        private bool $rushes,
        private bool $twentyFour,
    ) {
    }

    /** @return list<Node> every contact there is for these inputs */
    public function contacts(): array
    {
        $contacts = [];
        foreach ($this->truth->support as $input) {
            foreach ([false, true] as $rests) {
                $contacts = [...$contacts, ...$this->switch($input, $rests)];
            }
        }

        return [...$contacts, ...$this->pairs(), ...$this->relays()];
    }

    /** @return list<string> inputs nothing tells of */
    public function untold(): array
    {
        $told = [];
        foreach ($this->contacts() as $contact) {
            foreach ($contact->uses as $use) {
                $told[$use] = true;
                $wire = $this->build->wires[$use] ?? null;
                foreach ($wire === null ? [] : (new When($wire->live()))->inputs() as $input) {
                    $told[$input] = true;
                }
            }
        }
        foreach ($this->sources() as [$source]) {
            $item = $this->build->wires[$source] ?? ($this->build->ways[$source] ?? null);
            foreach ((new When($item->liveWhen ?? []))->inputs() as $input) {
                $told[$input] = true;
            }
        }

        return array_values(array_diff($this->truth->support, array_map(strval(...), array_keys($told))));
    }

    /** @return list<Node> */
    private function switch(string $input, bool $rests): array
    {
        $kind = $this->build->inputs[$input]->kind;
        if (! in_array($kind, self::OWN, true) || count($this->build->positions($input)) !== 2) {
            return [];
        }
        $when = ['input' => $input];
        $bits = $this->truth->of($rests ? ['not' => $when] : $when);
        $part = Catalogue::part(Recipe::switchFor($kind, $rests)) ?? new Fields([]);
        $price = $part->number('price') + self::HOLE;
        $made = ['switch' => $input, ...$rests ? ['rests' => true] : []];
        $nodes = [];
        if ($this->carries($part)) {
            $nodes[] = new Node($made, $bits, $price, [$input], $rests ? 'rests' : 'made', 1, 1);
        }
        // Too weak for the load, it still throws a relay.
        $relay = $this->relayPrice();
        $nodes[] = new Node(
            ['relay' => ['hand' => $input], ...$rests ? ['rests' => true] : []],
            $bits,
            $price + $relay,
            [$input],
            $rests ? 'hand relay rests' : 'hand relay',
            1,
            1,
            true,
        );

        return $nodes;
    }

    private function carries(Fields $part): bool
    {
        $most = min([INF, ...array_map(fn (Fields $c): float => $c->number('max_a', INF), $part->objects('contacts'))]);
        $welds = $this->rushes && in_array($part->text('style'), self::SMALL, true);

        return ! $welds && $this->amps <= self::SHARE * $most + 1e-9;
    }

    private function relayPrice(): float
    {
        return Catalogue::part('relay_5_'.($this->twentyFour ? 24 : 12).'_resistor')?->number('price') ?? 4.0;
    }

    /** @return list<Node> two hands, each of which changes it */
    private function pairs(): array
    {
        $hands = array_values(
            array_filter($this->truth->support, fn (string $i): bool => $this->build->inputs[$i]->kind === 'hand'),
        );
        $part = Catalogue::part('rocker_change') ?? new Fields([]);
        $nodes = [];
        foreach ($hands as $n => $a) {
            foreach (array_slice($hands, $n + 1) as $b) {
                $made = ['two_way' => [$a, $b]];
                $bits = $this->truth->of(Recipe::when($made, $this->live(...)));
                if ($this->carries($part)) {
                    $nodes[] = new Node(
                        $made,
                        $bits,
                        2 * ($part->number('price') + self::HOLE),
                        [$a, $b],
                        'two-way',
                        2,
                        2,
                    );
                }
            }
        }

        return $nodes;
    }

    /** @return array<array-key, mixed> */
    public function live(string $wire): array
    {
        return $this->build->wires[$wire]->live();
    }

    /** @return list<Node> contacts of relays that host wires throw */
    private function relays(): array
    {
        $wires = array_values(array_filter($this->build->wires, $this->throws(...)));
        $nodes = [];
        foreach ($wires as $n => $wire) {
            $nodes = [...$nodes, ...$this->relay([$wire->id], false, ! $wire->positive)];
            foreach (array_slice($wires, $n + 1) as $other) {
                if ($wire->positive && $other->positive) {
                    $nodes = [...$nodes, ...$this->relay([$wire->id, $other->id], false, false)];
                } elseif ($wire->positive !== $other->positive) {
                    $pair = $wire->positive ? [$wire->id, $other->id] : [$other->id, $wire->id];
                    $nodes = [...$nodes, ...$this->relay($pair, true, false)];
                }
            }
        }

        return $nodes;
    }

    /**
     * @param  list<string>  $wires
     * @return list<Node> made, and resting
     */
    private function relay(array $wires, bool $both, bool $wantsLive): array
    {
        $nodes = [];
        foreach ([false, true] as $rests) {
            $made = [
                'relay' => ['wires' => $wires, ...$both ? ['both' => true] : []],
                ...$rests ? ['rests' => true] : [],
            ];
            $nodes[] = new Node(
                $made,
                $this->truth->of(Recipe::when($made, $this->live(...))),
                $this->relayPrice() + 0.4 * count($wires) + ($both || count($wires) > 1 ? 0.6 : 0.0),
                $wires,
                ($rests ? 'rests ' : '').
                    ($both ? 'relay both' : 'relay '.count($wires)).
                    ($wantsLive ? ' ground' : ''),
                1,
                0,
                $wantsLive,
            );
        }

        return $nodes;
    }

    /** A wire that goes by nothing but what the wish goes by, and may be tapped; a coil wants a steady one. */
    private function throws(HostWire $wire): bool
    {
        return $this->told($wire) && $wire->behaviour !== 'flashing' && $wire->behaviour !== 'fading';
    }

    private function told(HostWire $wire): bool
    {
        return $wire->mayBeTapped() &&
            $wire->liveWhen !== null &&
            array_diff((new When($wire->liveWhen))->inputs(), $this->truth->support) === [];
    }

    /** @return list<array{string, int, float}> source, when it is live, what it costs to begin there */
    public function sources(): array
    {
        $sources = [['supply', $this->truth->always(), 0.0]];
        foreach ($this->build->ways as $way) {
            if ($way->comfort && $this->wayBears($way)) {
                $sources[] = [$way->id, $this->truth->of($way->liveWhen ?? ['all' => []]), 0.3];
            }
        }
        foreach ($this->build->wires as $wire) {
            if ($wire->positive && $this->told($wire) && $this->wireBears($wire)) {
                $sources[] = [$wire->id, $this->truth->of($wire->live()), 0.2];
            }
        }

        return $sources;
    }

    private function wayBears(HostWay $way): bool
    {
        $known = array_diff((new When($way->liveWhen ?? []))->inputs(), $this->truth->support) === [];

        return $known &&
            $way->kind === 'spare_way' &&
            (float) $way->loadA + $this->amps <= self::SHARE * ($way->fuseA ?? 10.0);
    }

    private function wireBears(HostWire $wire): bool
    {
        $own = array_sum(array_map(fn ($l): float => $l->watts / ($l->atV ?? 12.0), $wire->loads));

        return $own + $this->amps <= self::SHARE * ($wire->fuseA ?? INF) + 1e-9 &&
            $this->amps <= self::SHARE * ($wire->maxA ?? INF) + 1e-9;
    }

    /** @return list<array{string|array<array-key, mixed>, int, float, Node|null}> where it can go home, and when */
    public function homes(): array
    {
        $homes = [['home', $this->truth->always(), 0.0, null]];
        foreach ($this->build->wires as $wire) {
            if (! $wire->positive && $this->told($wire) && $this->wireBears($wire)) {
                $homes[] = [$wire->id, $this->truth->of($wire->live()), 0.2, null];
            }
        }
        foreach ($this->truth->support as $input) {
            foreach ([false, true] as $rests) {
                foreach ($this->switch($input, $rests) as $node) {
                    if (isset($node->made['switch'])) {
                        $homes[] = [$node->made, $node->bits, $node->cost + 0.3, $node];
                    }
                }
            }
        }

        return $homes;
    }
}
