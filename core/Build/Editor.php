<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Sizing\StripFit;

/**
 * Small typed edits, each a pure function document → document. What they leave is checked as a whole, so an edit either gives
 * a valid build or is refused with a path and a sentence.
 */
final class Editor
{
    /** Names by which `set` reaches what has no id of its own. */
    private const TOP = ['title', 'place'];

    /** @var array<array-key, mixed> */
    private array $data;

    private Index $index;

    /** @var array<string, true> ids this edit has given */
    private array $named = [];

    private function __construct(private readonly Document $document)
    {
        $this->data = $document->data;
        $this->index = Index::of($document);
    }

    /**
     * @param  array<array-key, mixed>  $edit
     *
     * @throws BadBuild
     */
    public static function apply(Document $document, array $edit): Document
    {
        $f = new Fields($edit);
        if ($f->text('op') === 'batch') {
            foreach ($f->objects('edits') as $one) {
                $document = self::apply($document, $one->data);
            }

            return $document;
        }
        $editor = new self($document);
        match ($f->text('op')) {
            'set' => $editor->set($f),
            'add' => $editor->add($f),
            'remove' => $editor->remove($f->text('id')),
            'move' => $editor->move($f->text('id'), $f->textOrNull('before')),
            'feed' => $editor->feed($f->text('id'), $f->text('feed')),
            'feed_both_ends' => $editor->feed($f->text('id'), 'both'),
            'split_run' => $editor->splitRun($f->text('id')),
            'copy_circuit' => $editor->copyCircuit($f->text('id'), $f->text('label')),
            'add_circuit' => $editor->addCircuit($f),
            'add_light' => $editor->addLight($f->text('circuit'), $f->text('supply'), $f->object('light'), $f->object('part')),
            'use_part' => $editor->usePart($f->text('id'), $f->object('part')),
            'set_wire' => $editor->setWire($f),
            'accept' => $editor->accept($f),
            'unaccept' => $editor->unaccept($f->text('rule'), $f->text('subject')),
            'restore' => throw BadBuild::at('/op', 'restore names a revision and is done by the store.'),
            default => throw BadBuild::expected('/op', 'a known edit (set, add, remove, move, feed_both_ends, copy_circuit, …)', $edit['op'] ?? null),
        };

        return Document::fromEdited($editor->data);
    }

    private function known(string $id): void
    {
        if (! $this->index->has($id)) {
            throw BadBuild::at('/id', "nothing has the id `{$id}`; it may have been removed.");
        }
    }

    private function set(Fields $f): void
    {
        $id = $f->text('id');
        $field = $f->text('field');
        if ($id === 'build' || $id === '') {
            $path = explode('.', $field);
            if (! in_array($path[0], [...self::TOP, 'brief', 'settings'], true)) {
                throw BadBuild::at('/field', "`{$field}` can't be set on the build.");
            }
        } else {
            $this->known($id);
            if ($field === 'id') {
                throw BadBuild::at('/field', 'an id stays; change the label instead.');
            }
            $path = [...$this->index->paths[$id], ...explode('.', $field)];
        }
        $this->data = self::put($this->data, $path, $f->data['value'] ?? null);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  list<string|int>  $path
     * @return array<array-key, mixed>
     */
    private static function put(array $node, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ($key === null) {
            return $node;
        }
        $inner = $node[$key] ?? [];
        $node[$key] = $path === [] ? $value : self::put(is_array($inner) ? $inner : [], $path, $value);

        return $node;
    }

    private function add(Fields $f): void
    {
        $path = [];
        foreach (explode('.', $f->text('section')) as $step) {
            // A section inside a thing is named by the thing's id: leads.feed.inline
            $path = $path !== [] && $this->index->has($step) ? $this->index->paths[$step] : [...$path, $step];
        }
        $list = $this->listAt($path);
        $value = $f->object('value')->data;
        $before = $f->textOrNull('before');
        $place = count($list);
        foreach ($list as $i => $item) {
            if ($before !== null && is_array($item) && ($item['id'] ?? null) === $before) {
                $place = $i;
            }
        }
        if (isset($value['at_m'])) {
            $place = count(array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['at_m'] ?? 0) <= $value['at_m']));
        }
        array_splice($list, $place, 0, [$value]);
        $this->data = self::put($this->data, $path, $list);
    }

    /**
     * @param  list<string|int>  $path
     * @return list<mixed>
     */
    private function listAt(array $path): array
    {
        $node = $this->data;
        foreach ($path as $key) {
            $node = is_array($node) ? ($node[$key] ?? []) : [];
        }

        return is_array($node) ? array_values($node) : [];
    }

    private function remove(string $id): void
    {
        $this->known($id);
        $gone = [$id => true];
        $section = $this->index->sections[$id];
        if ($section === 'circuits') {
            foreach (['lights', 'devices', 'leads'] as $list) {
                foreach ($this->document->fields()->objects($list) as $item) {
                    if ($item->text('circuit') === $id) {
                        $gone[$item->text('id')] = true;
                    }
                }
            }
        }
        if ($section === 'parts') {
            $user = $this->userOf($id);
            if ($user !== null) {
                throw BadBuild::at($this->index->path($id), "`{$id}` is still used by `{$user}`.");
            }
        }
        foreach ($section === 'supplies' ? $this->document->fields()->objects('leads') : [] as $lead) {
            if (array_filter($lead->items('cores'), fn (mixed $core): bool => self::touches($core, $gone)) !== []) {
                throw BadBuild::at($this->index->path($id), "`{$id}` still feeds `{$lead->text('id')}`; take that lead off first.");
            }
        }
        $this->sweep($gone);
    }

    /** Id of something that uses a part. */
    private function userOf(string $part, string $except = ''): ?string
    {
        $f = $this->document->fields();
        foreach ([...$f->objects('lights'), ...$f->objects('devices'), ...$f->objects('leads')] as $item) {
            $uses = [$item->text('part'), $item->text('wire'), ...array_map(fn (Fields $i): string => $i->text('part'), $item->objects('inline'))];
            if ($item->text('id') !== $except && in_array($part, $uses, true)) {
                return $item->text('id');
            }
        }

        return null;
    }

    /**
     * Takes ids out of every list, with the cores that end on them and what names them.
     *
     * @param  array<string, true>  $gone
     */
    private function sweep(array $gone): void
    {
        $leads = [];
        foreach ($this->document->fields()->objects('leads') as $lead) {
            $cores = array_values(array_filter($lead->items('cores'), fn (mixed $core): bool => ! self::touches($core, $gone)));
            if ($cores === [] || isset($gone[$lead->text('id')])) {
                $gone[$lead->text('id')] = true;
                foreach ($lead->objects('inline') as $thing) {
                    $gone[$thing->text('id')] = true;
                }

                continue;
            }
            $leads[] = [...$lead->data, 'cores' => $cores];
        }
        if (isset($this->data['leads'])) {
            $this->data['leads'] = $leads;
        }
        $this->data = self::without($this->data, $gone);
    }

    /** @param  array<string, true>  $gone */
    private static function touches(mixed $core, array $gone): bool
    {
        foreach (is_array($core) ? $core : [] as $pin) {
            if (is_string($pin) && isset($gone[explode('.', $pin)[0]])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, true>  $gone
     * @return array<array-key, mixed>
     */
    private static function without(array $node, array $gone): array
    {
        $kept = [];
        foreach ($node as $key => $value) {
            if (is_array($value)) {
                $named = array_filter([$value['id'] ?? null, $value['subject'] ?? null], is_string(...));
                if (array_filter($named, fn (string $n): bool => isset($gone[explode('.', $n)[0]])) !== []) {
                    continue;
                }
                $value = self::without($value, $gone);
                if (isset($value['glow']) && $value['glow'] === []) {
                    continue;
                }
            }
            $pointer = in_array($key, ['mirror_of', 'circuit', 'light'], true) || is_int($key);
            if (is_string($value) && $pointer && isset($gone[explode('.', $value)[0]])) {
                continue;
            }
            $kept[$key] = $value;
        }

        return array_is_list($node) ? array_values($kept) : $kept;
    }

    private function move(string $id, ?string $before): void
    {
        $this->known($id);
        $path = $this->index->paths[$id];
        array_pop($path);
        $list = $this->listAt($path);
        $moved = array_values(array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['id'] ?? '') === $id));
        $rest = array_values(array_filter($list, fn (mixed $i): bool => ! is_array($i) || ($i['id'] ?? '') !== $id));
        $place = count($rest);
        foreach ($rest as $i => $item) {
            if (is_array($item) && ($item['id'] ?? '') === $before) {
                $place = $i;
            }
        }
        array_splice($rest, $place, 0, $moved);
        $this->data = self::put($this->data, $path, $rest);
    }

    /** @return list<string> rails of a strip light */
    private function rails(string $light): array
    {
        $this->known($light);
        $item = $this->index->item($light);
        if ($item->text('kind') !== 'strip') {
            throw BadBuild::at('/id', "`{$light}` is no strip; only a strip has feed points.");
        }

        return Pins::rails($this->index->item($item->text('part')));
    }

    private function feed(string $light, string $feed): void
    {
        $rails = $this->rails($light);
        $mark = ['start' => 'start', 'end' => 'end', 'middle' => 'middle', 'both' => 'start'][$feed] ?? throw BadBuild::expected('/feed', 'start, end, both or middle', $feed);
        $leads = [];
        $fed = $along = null;
        foreach ($this->document->fields()->objects('leads') as $lead) {
            $cores = $lead->items('cores');
            $on = fn (mixed $pin): bool => is_string($pin) && str_starts_with($pin, "{$light}.");
            $both = array_filter($cores, fn (mixed $c): bool => is_array($c) && $on($c[0]) && $on($c[1]));
            if ($both !== [] && count($both) === count($cores)) {
                $along = $lead->data;

                continue; // an earlier jumper along the strip
            }
            $moved = array_map(fn (mixed $core): array => array_map(
                fn (mixed $pin): mixed => is_string($pin) && $on($pin) ? "{$light}.{$mark}.".substr((string) strrchr($pin, '.'), 1) : $pin,
                is_array($core) ? array_values($core) : []), $cores);
            $fed = $moved !== $cores || array_filter($moved, fn (array $c): bool => $on($c[0] ?? null) || $on($c[1] ?? null)) !== [] ? $lead : $fed;
            $leads[] = [...$lead->data, 'cores' => $moved];
        }
        if ($fed === null) {
            throw BadBuild::at($this->index->path($light), "`{$light}` has no lead yet, so there is nothing to feed it with.");
        }
        if ($feed === 'both') {
            $leads[] = $along ?? $this->jumper($light, $rails, $fed);
        }
        $this->data['leads'] = $leads;
    }

    /**
     * A pair of wires along the strip from its start to its end.
     *
     * @param  list<string>  $rails
     * @return array<string, mixed>
     */
    private function jumper(string $light, array $rails, Fields $fed): array
    {
        return [
            'id' => $this->name("{$light}_far"),
            ...($fed->has('circuit') ? ['circuit' => $fed->text('circuit')] : []),
            'label' => 'Along the strip to its far end',
            'cores' => array_map(fn (string $rail): array => ["{$light}.start.{$rail}", "{$light}.end.{$rail}"], $rails),
            'length_m' => $this->alongM($light),
            'wire' => null,
        ];
    }

    /** Cut length, a hand of slack, to the next 5 cm. */
    private function alongM(string $light): float
    {
        $item = $this->index->item($light);
        $strip = Light::of($item, $this->index->item($item->text('part')))->strip();

        return ceil((StripFit::of($strip, $item->number('wanted_m'), $item->text('fit', 'down'))->cutM + 0.1) * 20) / 20;
    }

    /** Two runs of half the length that meet where both are fed: the second hangs on the first's start. */
    private function splitRun(string $light): void
    {
        $rails = $this->rails($light);
        $this->feed($light, 'start');
        $item = $this->index->item($light);
        $half = round($item->number('wanted_m') / 2, 4);
        $second = $this->name("{$light}_2");
        $lights = [];
        foreach ($this->document->fields()->objects('lights') as $one) {
            if ($one->text('id') === $light) {
                $lights[] = [...$one->data, 'wanted_m' => $half];
                $lights[] = [...$one->data, 'id' => $second, 'label' => $one->text('label', $light).', second run', 'wanted_m' => round($item->number('wanted_m') - $half, 4)];
            } else {
                $lights[] = $one->data;
            }
        }
        $this->data['lights'] = $lights;
        $this->data['leads'] = [...$this->listAt(['leads']), [
            'id' => $this->name("{$second}_feed"),
            ...($item->has('circuit') ? ['circuit' => $item->text('circuit')] : []),
            'label' => 'To the second run',
            'cores' => array_map(fn (string $rail): array => ["{$light}.start.{$rail}", "{$second}.start.{$rail}"], $rails),
            'length_m' => 0.1, 'wire' => null,
        ]];
        $this->glowToo($light, $second);
    }

    /** Wants that name a light name its twin as well. */
    private function glowToo(string $light, string $twin): void
    {
        foreach ($this->listAt(['circuits']) as $i => $circuit) {
            foreach ((new Fields(is_array($circuit) ? $circuit : []))->objects('wants') as $j => $want) {
                $more = array_filter($want->texts('glow'), fn (string $g): bool => explode('.', $g)[0] === $light);
                $glow = [...$want->texts('glow'), ...array_map(fn (string $g): string => $twin.substr($g, strlen($light)), array_values($more))];
                $this->data = self::put($this->data, ['circuits', $i, 'wants', $j, 'glow'], $glow);
            }
        }
    }

    private function copyCircuit(string $id, string $label): void
    {
        $this->known($id);
        if ($this->index->sections[$id] !== 'circuits') {
            throw BadBuild::at('/id', "`{$id}` is no circuit.");
        }
        $source = $this->index->item($id);
        $label = $label !== '' ? $label : $source->text('label').', copy';
        $names = [$id => $this->name($label)];
        $taken = $this->index;
        $rename = function (string $old) use (&$names, $taken): void {
            for ($n = 2; $taken->has("{$old}_{$n}") || in_array("{$old}_{$n}", $names, true); $n++);
            $names[$old] = substr($old, 0, 36)."_{$n}";
        };
        $copied = [];
        foreach (['lights', 'devices', 'leads'] as $section) {
            foreach ($this->document->fields()->objects($section) as $item) {
                if ($item->text('circuit') === $id) {
                    $rename($item->text('id'));
                    array_map(fn (Fields $i) => $rename($i->text('id')), $item->objects('inline'));
                    $copied[$section][] = $item->data;
                }
            }
        }
        array_map(fn (Fields $w) => $rename($w->text('id')), $source->objects('wants'));
        foreach ($copied as $section => $items) {
            $this->data[$section] = [...$this->listAt([$section]), ...array_map(fn (array $i): array => self::renamed($i, $names), $items)];
        }
        $circuit = [...self::renamed($source->data, $names), 'label' => $label, 'flag' => $this->freeFlag($label)];
        $this->data['circuits'] = [...$this->listAt(['circuits']), $circuit];
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $names
     * @return array<array-key, mixed>
     */
    private static function renamed(array $node, array $names): array
    {
        foreach ($node as $key => $value) {
            if (is_array($value)) {
                $node[$key] = self::renamed($value, $names);
            } elseif (is_string($value) && ! in_array($key, ['label', 'note', 'part', 'wire', 'kind'], true)) {
                [$head, $rest] = [...explode('.', $value, 2), null];
                $node[$key] = isset($names[$head]) ? $names[$head].($rest === null ? '' : ".{$rest}") : $value;
            }
        }

        return $node;
    }

    private function freeFlag(string $label): string
    {
        $taken = array_map(fn (Fields $c): string => $c->text('flag', Circuit::flagFor($c->text('label'))), $this->document->fields()->objects('circuits'));
        $flag = Circuit::flagFor($label);
        for ($n = 2; in_array($flag, $taken, true); $n++) {
            $flag = mb_substr(Circuit::flagFor($label), 0, $n > 9 ? 1 : 2).$n;
        }

        return $flag;
    }

    private function addCircuit(Fields $f): void
    {
        $label = trim($f->text('label'));
        if ($label === '') {
            throw BadBuild::at('/label', 'a circuit needs a name, as "Galley shelf".');
        }
        $id = $this->name($label);
        $this->data['circuits'] = [...$this->listAt(['circuits']), ['id' => $id, 'flag' => $this->freeFlag($label), 'label' => $label, 'wants' => []]];
        $light = $f->object('light');
        $this->addLight($id, $f->text('supply'), new Fields(['label' => $label, ...$light->data]), $f->object('part'));
    }

    /** A light on its own fused lead, straight from a supply. */
    private function addLight(string $circuit, string $supply, Fields $light, Fields $part): void
    {
        if ($supply === '') {
            $supply = ($this->document->fields()->objects('supplies')[0] ?? throw BadBuild::at('/supplies', 'a circuit needs a supply; add one first.'))->text('id');
        }
        $partId = $this->adopt($part);
        $label = $light->text('label', 'Light');
        $id = $this->name("{$circuit}_light");
        $this->data['lights'] = [...$this->listAt(['lights']), [...$light->data, 'id' => $id, 'circuit' => $circuit, 'part' => $partId]];
        $cores = self::feedCores($supply, $id, $light->text('kind'), $part);
        $this->data['leads'] = [...$this->listAt(['leads']), [
            'id' => $this->name("{$id}_feed"), 'circuit' => $circuit, 'label' => "Feed of {$label}",
            'cores' => $cores,
            'length_m' => null, 'wire' => null,
            'inline' => $this->fuses($supply, $cores),
        ]];
        foreach ($this->listAt(['circuits']) as $i => $c) {
            if (is_array($c) && ($c['id'] ?? '') === $circuit) {
                $wants = new Fields($c);
                $this->data = self::put($this->data, ['circuits', $i, 'wants'], [...$wants->items('wants'),
                    ['id' => $this->name("{$id}_want"), 'glow' => [$id], 'when' => ['all' => []], 'level' => 'on']]);
            }
        }
    }

    /** A new id near the wish that neither the document nor this edit has used. */
    private function name(string $wish): string
    {
        $base = $this->index->slug($wish);
        $id = $base;
        for ($n = 2; $this->index->has($id) || isset($this->named[$id]); $n++) {
            $id = "{$base}_{$n}";
        }
        $this->named[$id] = true;

        return $id;
    }

    /**
     * A fuse at the source in every core that leaves the plus.
     *
     * @param  list<array{string, string}>  $cores
     * @return list<array<string, mixed>>
     */
    private function fuses(string $supply, array $cores): array
    {
        $fuses = [];
        $n = 1;
        foreach ($cores as $c => [$from]) {
            if ($from !== "{$supply}.plus") {
                continue;
            }
            while ($this->index->has("F{$n}") || isset($this->named["F{$n}"])) {
                $n++;
            }
            $this->named["F{$n}"] = true;
            $fuses[] = ['id' => "F{$n}", 'kind' => 'fuse', 'at_m' => 0, 'core' => $c + 1, 'fuse_a' => null, 'form' => 'inline_blade'];
        }

        return $fuses;
    }

    /** @return list<array{string, string}> */
    private static function feedCores(string $supply, string $light, string $kind, Fields $part): array
    {
        if ($kind === 'strip' && count($part->objects('channels')) > 1) {
            $plus = $part->text('common', 'plus') === 'plus';
            $cores = [[$plus ? "{$supply}.plus" : "{$light}.start.common", $plus ? "{$light}.start.common" : "{$supply}.minus"]];
            foreach ($part->objects('channels') as $channel) {
                $pin = "{$light}.start.{$channel->text('id')}";
                $cores[] = $plus ? [$pin, "{$supply}.minus"] : ["{$supply}.plus", $pin];
            }

            return $cores;
        }
        if ($kind === 'module') {
            $pins = $part->texts('pins');
            $minus = in_array('minus', $pins, true) ? 'minus' : (string) end($pins);

            // A lamp with several functions is begun with its first one; the others wait for their own feed.
            return [["{$supply}.plus", "{$light}.{$pins[0]}"], ["{$light}.{$minus}", "{$supply}.minus"]];
        }
        $at = $kind === 'strip' ? "{$light}.start" : $light;

        return [["{$supply}.plus", "{$at}.plus"], ["{$at}.minus", "{$supply}.minus"]];
    }

    /** Puts a part from the catalogue into the file, or finds it there; gives its id. */
    private function adopt(Fields $part): string
    {
        if ($part->data === []) {
            throw BadBuild::at('/part', 'a light needs a part.');
        }
        foreach ($this->document->fields()->objects('parts') as $own) {
            if ($own->data === $part->data || ($part->has('catalogue') && array_diff_key($own->data, ['id' => 1]) == array_diff_key($part->data, ['id' => 1]))) {
                return $own->text('id');
            }
        }
        $id = $this->name($part->text('id', 'part'));
        $this->data['parts'] = [...$this->listAt(['parts']), [...$part->data, 'id' => $id]];

        return $id;
    }

    private function usePart(string $light, Fields $part): void
    {
        $this->known($light);
        $item = $this->index->item($light);
        $kind = ['strip' => 'strip', 'led' => 'leds', 'module' => 'module'][$part->text('kind')] ?? throw BadBuild::at('/part', 'this part gives no light.');
        if ($item->text('kind') !== $kind) {
            throw BadBuild::at('/part', "`{$light}` is a {$item->text('kind')}; a {$part->text('kind')} needs a light of its own.");
        }
        $old = $item->text('part');
        $oldRails = $kind === 'strip' ? Pins::rails($this->index->item($old)) : [];
        $id = $this->adopt($part);
        $this->data = self::put($this->data, [...$this->index->paths[$light], 'part'], $id);
        if ($kind === 'strip' && $oldRails !== Pins::rails($part)) {
            $this->rewire($light, $part);
        }
        if ($old !== $id && $this->userOf($old, $light) === null) {
            $this->data['parts'] = array_values(array_filter($this->listAt(['parts']), fn (mixed $p): bool => ! is_array($p) || ($p['id'] ?? '') !== $old));
        }
    }

    /** Another number of channels has other pins: its leads are laid anew from the supply they came from. */
    private function rewire(string $light, Fields $part): void
    {
        foreach ($this->listAt(['leads']) as $i => $lead) {
            $f = new Fields(is_array($lead) ? $lead : []);
            $supply = null;
            foreach ($f->items('cores') as $core) {
                foreach (is_array($core) ? $core : [] as $pin) {
                    $head = is_string($pin) ? explode('.', $pin)[0] : '';
                    $supply = ($this->index->sections[$head] ?? '') === 'supplies' ? $head : $supply;
                }
            }
            if (array_filter($f->items('cores'), fn (mixed $c): bool => self::touches($c, [$light => true])) === []) {
                continue;
            }
            if ($supply === null) {
                throw BadBuild::at('/part', "`{$f->text('id')}` does not come from a supply; take it off before the strip changes its number of wires.");
            }
            $this->data = self::put($this->data, ['leads', $i, 'cores'], self::feedCores($supply, $light, 'strip', $part));
            $this->data = self::put($this->data, ['leads', $i, 'wire'], null);
        }
    }

    /** A wire by its size: the file's own part of that size, or a new one. Null follows the recommendation. */
    private function setWire(Fields $f): void
    {
        $lead = $f->text('id');
        $this->known($lead);
        $area = $f->numberOrNull('area_mm2');
        $awg = $f->has('awg') ? $f->integer('awg') : null;
        $wire = null;
        if ($area !== null) {
            $name = $awg !== null ? "wire_{$awg}awg" : 'wire_'.str_replace('.', '_', (string) $area).'mm2';
            $wire = $this->index->has($name) ? $name : null;
            foreach ($this->document->fields()->objects('parts') as $part) {
                if ($part->text('kind') === 'wire' && $part->integer('cores', 1) === 1 && abs($part->number('area_mm2') - $area) < 1e-9) {
                    $wire = $part->text('id');
                }
            }
            if ($wire === null) {
                $wire = $name;
                $this->data['parts'] = [...$this->listAt(['parts']), ['id' => $name, 'kind' => 'wire', 'area_mm2' => $area, 'awg' => $awg, 'insulation_c' => 105]];
            }
        }
        $this->data = self::put($this->data, [...$this->index->paths[$lead], 'wire'], $wire);
    }

    private function accept(Fields $f): void
    {
        $reason = trim($f->text('reason'));
        if ($reason === '') {
            throw BadBuild::at('/reason', 'setting a finding aside needs its reason, as "the shelf hides that end".');
        }
        $this->unaccept($f->text('rule'), $f->text('subject'));
        $this->data['accepted'] = [...$this->listAt(['accepted']), ['rule' => $f->text('rule'), 'subject' => $f->text('subject'), 'reason' => $reason,
            ...($f->has('on') ? ['on' => $f->text('on')] : [])]];
    }

    private function unaccept(string $rule, string $subject): void
    {
        $this->data['accepted'] = array_values(array_filter($this->listAt(['accepted']),
            fn (mixed $a): bool => ! is_array($a) || ($a['rule'] ?? '') !== $rule || ($a['subject'] ?? '') !== $subject));
    }
}
