<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What no schema can check: ids, pins, positions, orders of magnitude between fields. Same path-named sentences. */
final class References
{
    private const MAX_UNITS_STRIP = 4_000;

    private const MAX_UNITS_BUILD = 10_000;

    /** Field that names one id, by the section that id must stand in. */
    private const ONE = [
        'supplies' => ['circuit' => 'circuits', 'place' => 'places'],
        'host.ways' => ['fed_by' => 'supplies', 'place' => 'places'],
        'host.wires' => ['fed_by' => 'supplies', 'way' => 'host.ways', 'place' => 'places'],
        'host.grounds' => ['of' => 'supplies', 'place' => 'places'],
        'lights' => [
            'circuit' => 'circuits',
            'part' => 'parts',
            'mirror_of' => 'lights',
            'wire' => 'parts',
            'place' => 'places',
            'end_place' => 'places',
        ],
        'devices' => ['circuit' => 'circuits', 'part' => 'parts', 'way' => 'host.ways', 'place' => 'places'],
        'places' => ['carrier' => 'carriers'],
        'carriers' => ['fact' => 'brief.facts'],
        'routes' => ['from' => 'places', 'to' => 'places'],
        'holes' => ['layout' => 'layouts'],
        'fixings' => ['part' => 'parts'],
        'quote.lines' => ['circuit' => 'circuits'],
        'quote.costs' => ['circuit' => 'circuits', 'part' => 'parts'],
        'handover.settings' => ['device' => 'devices'],
        'work.fasteners' => ['replaced_by' => 'parts'],
        'leads' => ['circuit' => 'circuits', 'wire' => 'parts'],
        'leads.inline' => ['part' => 'parts', 'plug' => 'devices'],
        'layouts' => [
            'light' => 'lights',
            'mirror_of' => 'layouts',
            'piece' => 'layouts',
            'part' => 'parts',
            'device' => 'devices',
        ],
        'probe.wires' => ['connector' => 'probe.connectors'],
        'probe.readings' => ['wire' => 'probe.wires'],
    ];

    private function __construct(
        private readonly Document $document,
        private readonly Index $index,
        private readonly Pins $pins,
    ) {
    }

    /** @throws BadBuild */
    public static function check(Document $document): void
    {
        $index = Index::of($document);
        $check = new self($document, $index, Pins::of($index));
        $check->ids();
        $check->supplies();
        $check->positions();
        $check->parts();
        $check->lights();
        $check->devices();
        $check->leads();
        $check->wants();
        $check->mirrors();
        (new LayoutReferences($document, $index))->check();
        (new LoomReferences($document, $index))->check();
        (new WorkReferences($document, $index))->check();
        (new ProofReferences($document, $index))->check();
        (new HandOverReferences($document, $index))->check();
        (new ProbeReferences($document, $index, $check->pins))->check();
    }

    private function ids(): void
    {
        foreach ($this->index->sections as $id => $section) {
            foreach (self::ONE[$section] ?? [] as $field => $target) {
                $named = $this->index->item($id)->textOrNull($field);
                if ($named !== null) {
                    $this->must($this->index->path($id)."/{$field}", $named, $target);
                }
            }
        }
        foreach ($this->document->fields()->objects('leads') as $i => $lead) {
            foreach ($lead->texts('route') as $j => $route) {
                $this->must("/leads/{$i}/route/{$j}", $route, 'routes');
            }
        }
        foreach ($this->document->fields()->objects('log') as $i => $entry) {
            // What was read stays read, whatever became of the place.
            foreach ($entry->isA('measured') ? [] : $entry->texts('about') as $j => $about) {
                $id = explode('.', $about)[0];
                if (! $this->index->has($id)) {
                    throw BadBuild::at("/log/{$i}/about/{$j}", "nothing has the id `{$id}`.");
                }
            }
        }
    }

    private function must(string $path, string $id, string $section): void
    {
        $stands = $this->index->sections[$id] ?? null;
        if ($stands === $section) {
            return;
        }
        $known = array_keys(array_filter($this->index->sections, fn (string $s): bool => $s === $section));
        throw BadBuild::at(
            $path,
            $stands === null
                ? "nothing in {$section} has the id `{$id}`.".BadBuild::nearMiss($id, $known)
                : "`{$id}` stands in {$stands}, expected an id of {$section}.",
        );
    }

    private function supplies(): void
    {
        foreach ($this->document->fields()->objects('supplies') as $i => $supply) {
            if ($supply->number('min_v') > $supply->number('nominal_v')) {
                throw BadBuild::at("/supplies/{$i}/min_v", 'the lowest volts are over the nominal ones.');
            }
            if ($supply->number('nominal_v') > $supply->number('max_v')) {
                throw BadBuild::at("/supplies/{$i}/max_v", 'the highest volts are under the nominal ones.');
            }
        }
    }

    /** Every expression over inputs names inputs and positions that exist. */
    private function positions(): void
    {
        $this->walk($this->document->data, '');
        foreach ($this->document->fields()->object('host')->objects('wires') as $i => $wire) {
            foreach ($wire->objects('loads') as $j => $load) {
                if ($load->textOrNull('home') !== null) {
                    $this->must("/host/wires/{$i}/loads/{$j}/home", $load->text('home'), 'host.grounds');
                }
            }
        }
        foreach ($this->document->fields()->object('probe')->objects('readings') as $i => $reading) {
            $this->with("/probe/readings/{$i}/with", $reading->object('with'));
        }
        foreach ($this->document->fields()->objects('log') as $i => $entry) {
            $this->with("/log/{$i}/with", $entry->object('with'));
        }
        foreach ($this->document->fields()->objects('faults') as $i => $hunt) {
            foreach ($hunt->objects('saw') as $j => $saw) {
                $this->with("/faults/{$i}/saw/{$j}/with", $saw->object('with'));
            }
        }
        foreach ($this->document->fields()->objects('stories') as $i => $story) {
            foreach ($story->objects('events') as $j => $event) {
                $this->with("/stories/{$i}/events/{$j}/to", new Fields([$event->text('input') => $event->text('to')]));
            }
        }
    }

    /** @param  array<array-key, mixed>  $node */
    private function walk(array $node, string $path): void
    {
        foreach ($node as $key => $value) {
            $here = "{$path}/{$key}";
            if (is_array($value)) {
                if (isset($value['input']) && is_string($value['input']) && ! isset($value['at_s'])) {
                    $this->leaf($here, $value['input'], $value['is'] ?? []);
                }
                $this->walk($value, $here);
            }
        }
    }

    private function leaf(string $path, string $input, mixed $is): void
    {
        $this->must("{$path}/input", $input, 'inputs');
        foreach ((array) $is as $position) {
            if (is_string($position)) {
                $this->position("{$path}/is", $input, $position);
            }
        }
    }

    private function with(string $path, Fields $with): void
    {
        foreach ($with->data as $input => $position) {
            $this->must($path, (string) $input, 'inputs');
            $this->position($path, (string) $input, is_string($position) ? $position : '');
        }
    }

    private function position(string $path, string $input, string $position): void
    {
        $known = $this->index->item($input)->texts('positions') ?: ['off', 'on'];
        if (! in_array($position, $known, true)) {
            throw BadBuild::at(
                $path,
                "`{$input}` has no position `{$position}`; it has ".
                    implode(', ', $known).
                    '.'.
                    BadBuild::nearMiss($position, $known),
            );
        }
    }

    /** @param  list<string>  $pins */
    private function ports(string $path, Fields $ports, array $pins): void
    {
        foreach (['through', 'back'] as $field) {
            foreach ($ports->items($field) as $j => $pair) {
                foreach (is_array($pair) ? array_values($pair) : [] as $k => $pin) {
                    $this->pinOf("{$path}/{$field}/{$j}/{$k}", is_string($pin) ? $pin : '', $pins);
                }
            }
        }
        foreach ($ports->objects('own') as $j => $own) {
            $this->pinOf("{$path}/own/{$j}/pin", $own->text('pin'), $pins);
        }
    }

    /** @param  list<string>  $pins */
    private function pinOf(string $path, string $pin, array $pins): void
    {
        if (! in_array($pin, $pins, true)) {
            throw BadBuild::at($path, "the part has no pin `{$pin}`.".BadBuild::nearMiss($pin, $pins));
        }
    }

    private function parts(): void
    {
        foreach ($this->document->fields()->objects('parts') as $i => $part) {
            $pins = $part->texts('pins');
            $senses = [];
            foreach ($part->objects('inside') as $j => $branch) {
                if ($branch->isA('sense')) {
                    $senses[] = $branch->text('id');
                }
                if ($branch->text('from') === $branch->text('to')) {
                    throw BadBuild::at("/parts/{$i}/inside/{$j}/to", 'a branch must join two different nodes.');
                }
            }
            $this->ports("/parts/{$i}/ports", $part->object('ports'), $pins);
            foreach ($part->objects('contacts') as $j => $contact) {
                foreach (['from', 'to'] as $end) {
                    $this->pinOf("/parts/{$i}/contacts/{$j}/{$end}", $contact->text($end), $pins);
                }
                $this->condition(
                    "/parts/{$i}/contacts/{$j}/closed_when",
                    $contact->object('closed_when')->data,
                    $part->texts('positions'),
                    $senses,
                );
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  list<string>  $positions
     * @param  list<string>  $senses
     */
    private function condition(string $path, array $node, array $positions, array $senses): void
    {
        foreach (['at' => $positions, 'sense' => $senses] as $head => $known) {
            $named = $node[$head] ?? null;
            if (is_string($named) && ! in_array($named, $known, true)) {
                throw BadBuild::at(
                    "{$path}/{$head}",
                    'the part has no '.
                        ($head === 'at' ? 'position' : 'sense').
                        " `{$named}`.".
                        BadBuild::nearMiss($named, $known),
                );
            }
        }
        foreach ($node as $key => $value) {
            if (is_array($value)) {
                $this->condition("{$path}/{$key}", $value, $positions, $senses);
            }
        }
    }

    private function lights(): void
    {
        $all = 0;
        foreach ($this->document->fields()->objects('lights') as $i => $light) {
            $kind = $light->text('kind');
            $wanted = ['strip' => 'strip', 'leds' => 'led', 'module' => 'module'][$kind] ?? '';
            $part = $this->index->item($light->text('part'));
            if (! $part->isA($wanted)) {
                throw BadBuild::at(
                    "/lights/{$i}/part",
                    "a light of kind {$kind} needs a part of kind {$wanted}; `{$light->text('part')}` is a {$part->text(
                        'kind',
                    )}.",
                );
            }
            if ($kind === 'strip') {
                $units = (int) ceil(
                    ($light->number('wanted_m') * $part->number('leds_per_m')) / max(1, $part->integer('leds_per_cut')),
                );
                $all += $units;
                if ($units > self::MAX_UNITS_STRIP || $all > self::MAX_UNITS_BUILD) {
                    throw BadBuild::at(
                        "/lights/{$i}/wanted_m",
                        'that is '.
                            ($units > self::MAX_UNITS_STRIP
                                ? "{$units} cut units; one strip may have ".self::MAX_UNITS_STRIP
                                : 'more than '.self::MAX_UNITS_BUILD.' cut units in the build').
                            '.',
                    );
                }
            }
        }
    }

    private function devices(): void
    {
        foreach ($this->document->fields()->objects('devices') as $i => $device) {
            $kind = $device->text('kind');
            $part = $this->index->item($device->text('part'));
            if ($kind !== 'joint' && $device->has('part') && ! $part->isA($kind)) {
                throw BadBuild::at(
                    "/devices/{$i}/part",
                    "a {$kind} needs a part of kind {$kind}; `{$device->text('part')}` is a {$part->text('kind')}.",
                );
            }
            foreach (array_keys($device->object('at')->data) as $position) {
                if (! in_array((string) $position, $part->texts('positions'), true)) {
                    throw BadBuild::at(
                        "/devices/{$i}/at",
                        "`{$device->text('part')}` has no position `{$position}`; it has ".
                            implode(', ', $part->texts('positions')).
                            '.',
                    );
                }
            }
        }
    }

    private function leads(): void
    {
        $ways = [];
        foreach ($this->document->fields()->objects('leads') as $i => $lead) {
            foreach ($lead->items('cores') as $c => $core) {
                foreach (is_array($core) ? array_values($core) : [] as $e => $pin) {
                    $problem = is_string($pin) ? $this->pins->problem($pin) : null;
                    if ($problem !== null) {
                        throw BadBuild::at("/leads/{$i}/cores/{$c}/{$e}", $problem);
                    }
                }
                if (is_array($core) && $core[0] === null && $core[1] === null) {
                    throw BadBuild::at("/leads/{$i}/cores/{$c}", 'a core has at least one end on a pin.');
                }
            }
            $this->wire($i, $lead);
            $this->inline($i, $lead, $ways);
        }
    }

    private function wire(int $i, Fields $lead): void
    {
        $wire = $lead->textOrNull('wire');
        if ($wire === null) {
            return;
        }
        $part = $this->index->item($wire);
        if (! $part->isA('wire')) {
            throw BadBuild::at("/leads/{$i}/wire", "`{$wire}` is a {$part->text('kind')}, expected a wire.");
        }
        // A single-core part is bought by the length: a lead of several such wires is several of it.
        $cores = $part->integer('cores', 1);
        if ($cores > 1 && count($lead->items('cores')) > $cores) {
            throw BadBuild::at(
                "/leads/{$i}/cores",
                count($lead->items('cores'))." cores, but `{$wire}` has {$cores}.",
            );
        }
    }

    /** @param  array<string, true>  $ways plug ways in use */
    private function inline(int $i, Fields $lead, array &$ways): void
    {
        $before = 0.0;
        $cores = count($lead->items('cores'));
        $length = $lead->numberOrNull('length_m');
        foreach ($lead->objects('inline') as $j => $thing) {
            $path = "/leads/{$i}/inline/{$j}";
            $at = $thing->number('at_m');
            if ($at < $before) {
                throw BadBuild::at("{$path}/at_m", 'things in line stand in rising order of at_m.');
            }
            if ($length !== null && $at > $length) {
                throw BadBuild::at("{$path}/at_m", "{$at} m lies past the lead's end at {$length} m.");
            }
            $before = $at;
            if ($thing->integer('core', 1) > $cores) {
                throw BadBuild::at("{$path}/core", "the lead has {$cores} cores.");
            }
            $kind = $thing->text('kind');
            if ($kind === 'diode' && ! $this->index->item($thing->text('part'))->isA('diode')) {
                throw BadBuild::at("{$path}/part", "`{$thing->text('part')}` is no diode.");
            }
            if ($kind === 'plug') {
                $this->plugWays($path, $thing, $ways);
            }
        }
    }

    /** @param  array<string, true>  $used */
    private function plugWays(string $path, Fields $thing, array &$used): void
    {
        $plug = $thing->text('plug');
        $device = $this->index->item($plug);
        if (! $device->isA('plug')) {
            throw BadBuild::at("{$path}/plug", "`{$plug}` is no plug.");
        }
        $has = $this->index->item($device->text('part'))->integer('ways');
        foreach ($thing->items('ways') as $k => $way) {
            $way = is_int($way) ? $way : 0;
            if ($way > $has) {
                throw BadBuild::at("{$path}/ways/{$k}", "`{$plug}` has {$has} ways.");
            }
            if (isset($used["{$plug}.{$way}"])) {
                throw BadBuild::at("{$path}/ways/{$k}", "way {$way} of `{$plug}` is used twice.");
            }
            $used["{$plug}.{$way}"] = true;
        }
    }

    private function wants(): void
    {
        foreach ($this->document->fields()->objects('circuits') as $i => $circuit) {
            foreach ($circuit->objects('wants') as $j => $want) {
                foreach ($want->texts('glow') as $k => $glow) {
                    $light = explode('.', $glow)[0];
                    $emitter = explode('.', $glow, 2)[1] ?? null;
                    $path = "/circuits/{$i}/wants/{$j}/glow/{$k}";
                    $this->must($path, $light, 'lights');
                    $known = $this->emitters($light);
                    if ($emitter !== null && ! in_array($emitter, $known, true)) {
                        throw BadBuild::at(
                            $path,
                            "`{$light}` has no emitter `{$emitter}`; it has ".
                                implode(', ', $known).
                                '.'.
                                BadBuild::nearMiss($emitter, $known),
                        );
                    }
                }
            }
        }
    }

    /** @return list<string> */
    private function emitters(string $light): array
    {
        $part = $this->index->item($this->index->item($light)->text('part'));
        if ($part->isA('strip')) {
            return array_map(fn (Fields $c): string => $c->text('id'), $part->objects('channels'));
        }

        return array_values(
            array_map(
                fn (Fields $b): string => $b->text('id'),
                array_filter(
                    $part->objects('inside'),
                    fn (Fields $b): bool => in_array($b->text('kind'), ['string', 'linear', 'switching'], true),
                ),
            ),
        );
    }

    private function mirrors(): void
    {
        foreach ($this->index->sections as $id => $section) {
            $seen = [];
            for ($at = $id; $section === 'lights' || $section === 'layouts';) {
                if (isset($seen[$at])) {
                    throw BadBuild::at($this->index->path($id).'/mirror_of', "`{$id}` mirrors itself in the end.");
                }
                $seen[$at] = true;
                $next = $this->index->item($at)->textOrNull('mirror_of');
                if ($next === null) {
                    break;
                }
                $at = $next;
            }
        }
    }
}
