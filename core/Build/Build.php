<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\Devices;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** The document as typed values: what the later stages read. */
final readonly class Build
{
    /**
     * @param  array<string, Supply>  $supplies
     * @param  array<string, Circuit>  $circuits
     * @param  array<string, Light>  $lights
     * @param  array<string, Lead>  $leads
     * @param  array<string, Device>  $devices
     * @param  array<string, Part>  $parts
     * @param  array<string, Input>  $inputs
     * @param  array<string, HostWire>  $wires  of the host
     * @param  array<string, HostWay>  $ways  of the host
     * @param  array<string, Ground>  $grounds  of the host
     * @param  array<string, Route>  $routes
     * @param  list<Fact>  $facts  of the brief
     * @param  array<string, Place>  $places
     * @param  array<string, Carrier>  $carriers
     * @param  array<string, Hole>  $holes
     * @param  array<string, Panel>  $panels  of the host, of this version of it
     * @param  array<string, Fixing>  $fixings
     * @param  array<string, Fastener>  $fasteners
     */
    private function __construct(
        public Document $document,
        public Index $index,
        public Settings $settings,
        public array $supplies,
        public array $circuits,
        public array $lights,
        public array $leads,
        public array $devices,
        public array $parts,
        public array $inputs,
        public array $wires,
        public array $ways,
        public array $grounds,
        public array $routes,
        public array $facts,
        public array $places,
        public array $carriers,
        public array $holes,
        public array $panels,
        public array $fixings,
        public array $fasteners,
    ) {
    }

    public static function of(Document $document): self
    {
        $f = $document->fields();
        $host = $f->object('host');
        $index = Index::of($document);
        $names = Names::in($index);
        $byId = function (string $section, ?Fields $in = null) use ($f, $names): array {
            $all = [];
            foreach (($in ?? $f)->objects($section) as $item) {
                $id = $item->text('id');
                // What has no name of its own is called by what it joins or follows.
                $bare = $section !== 'parts' && $section !== 'circuits' && $item->text('label') === '';
                $all[$id] = $bare
                    ? new Fields([...$item->data, 'label' => $names->name($id), 'unnamed' => true])
                    : $item;
            }

            return $all;
        };
        $raw = $byId('parts');
        $parts = array_map(Part::of(...), $raw);

        return new self(
            $document,
            $index,
            Settings::of($f->object('settings')),
            array_map(Supply::of(...), $byId('supplies')),
            array_map(Circuit::of(...), $byId('circuits')),
            array_map(fn (Fields $l): Light => Light::of($l, $raw[$l->text('part')] ?? new Fields([])), $byId('lights')),
            array_map(Lead::of(...), $byId('leads')),
            array_map(
                fn (Fields $d): Device => Devices::of($d, $parts[$d->text('part')] ?? Part::none()),
                $byId('devices'),
            ),
            $parts,
            array_map(Input::of(...), $byId('inputs')),
            array_map(HostWire::of(...), $byId('wires', $host)),
            array_map(HostWay::of(...), $byId('ways', $host)),
            array_map(Ground::of(...), $byId('grounds', $host)),
            array_map(Route::of(...), $byId('routes')),
            array_map(Fact::of(...), $f->object('brief')->objects('facts')),
            array_map(Place::of(...), $byId('places')),
            array_map(Carrier::of(...), $byId('carriers')),
            array_map(Hole::of(...), $byId('holes')),
            self::here($f, array_map(Panel::of(...), $byId('panels', $host))),
            array_map(Fixing::of(...), $byId('fixings')),
            self::here($f, array_map(Fastener::of(...), $byId('fasteners', $f->object('work')))),
        );
    }

    /**
     * What the version of the host at hand has: what names versions counts only where it names this one.
     *
     * @template T of Panel|Fastener
     *
     * @param  array<string, T>  $all
     * @return array<string, T>
     */
    private static function here(Fields $f, array $all): array
    {
        $version = $f->object('brief')->text('host_version');

        return array_filter($all, fn (Panel|Fastener $p): bool => $p->only === [] || in_array($version, $p->only, true));
    }

    /**
     * What is thrown, against rest: "lid up".
     *
     * @param  array<string, string>  $with  inputs and positions
     * @return list<string>
     */
    public function thrown(array $with): array
    {
        $said = [];
        foreach (array_diff_assoc($with, $this->restPositions()) as $input => $position) {
            $said[] = Words::within($this->label((string) $input)).' '.str_replace('_', ' ', $position);
        }

        return $said;
    }

    /** @return array<string, string> each input with its rest position, in document order */
    public function restPositions(): array
    {
        return array_map(fn (Input $i): string => $i->rest(), $this->inputs);
    }

    /** @return list<string> */
    public function positions(string $input): array
    {
        return isset($this->inputs[$input]) ? $this->inputs[$input]->positions : ['off', 'on'];
    }

    /** The part of that id; one with nothing inside where there is none. */
    public function part(?string $id): Part
    {
        return $this->parts[(string) $id] ?? Part::none();
    }

    /** What a thing is called; what is not there, by its id. */
    public function label(string $id): string
    {
        return $this->index->has($id) ? Names::in($this->index)->name($id) : $id;
    }

    /** @return list<Light> */
    public function lightsOf(string $circuit): array
    {
        return array_values(array_filter($this->lights, fn (Light $l): bool => $l->circuit === $circuit));
    }

    /** The supply named first: the one the meter's positions are marked with. */
    public function mainSupply(): ?Supply
    {
        foreach ($this->supplies as $supply) {
            return $supply;
        }

        return null;
    }
}
