<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Contact;
use BenchGlow\Harness\Harness;
use BenchGlow\Law\Resistor;
use BenchGlow\Network\Branch;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Network;
use BenchGlow\Network\Source;

/**
 * One fault laid over a compiled build: ohms added, branches replaced or turned, ends on other pins, pins bridged, contacts
 * forced, a supply that is low or weak (probe-prove.md 13). Nothing is compiled again for it.
 */
final readonly class Overlay
{
    /** Of a bridge between two pins. */
    public const BRIDGE_OHM = 1e-3;

    /** Of what is open: no more than the trace that keeps nodes regular. */
    public const OPEN_OHM = 1e9;

    /**
     * @param  array<string, float>  $added  wire or thing => ohms in line with it
     * @param  array<string, float>  $set  wire or thing => ohms in its place
     * @param  list<string>  $turned  things whose branch stands the other way round
     * @param  list<array{string, string, string}>  $moved  wire, the pin its end is on, the pin it should not be on
     * @param  list<array{string, string}>  $bridged  pins that are one
     * @param  array<string, 'never'|'always'|'inverted'>  $forced  contact
     * @param  array<string, array{float, float}>  $supplies  supply => share of its volts, ohms more
     * @param  list<array{string, string, mixed}>  $written  thing, field, what stands there instead
     * @param  array<string, array<string, mixed>>  $parts  thing => fields of its part that are others
     * @param  array<string, bool>  $partly  strip of which a part is dark => whether its far end is cut off
     */
    public function __construct(
        public array $added = [],
        public array $set = [],
        public array $turned = [],
        public array $moved = [],
        public array $bridged = [],
        public array $forced = [],
        public array $supplies = [],
        public array $written = [],
        public array $parts = [],
        public array $partly = [],
    ) {
    }

    /** With another one: a fuse that went with a short. */
    public function and(self $other): self
    {
        return new self(
            [...$this->added, ...$other->added],
            [...$this->set, ...$other->set],
            [...$this->turned, ...$other->turned],
            [...$this->moved, ...$other->moved],
            [...$this->bridged, ...$other->bridged],
            [...$this->forced, ...$other->forced],
            [...$this->supplies, ...$other->supplies],
            [...$this->written, ...$other->written],
            [...$this->parts, ...$other->parts],
            [...$this->partly, ...$other->partly],
        );
    }

    /** Whether it is said in the build itself, which is compiled anew for it. */
    public function isWritten(): bool
    {
        return $this->written !== [] || $this->parts !== [];
    }

    /** The build it is in: another value, a shorter strip, a part of its own. */
    public function build(Build $build): Build
    {
        $index = $build->index;
        $changes = [];
        foreach ($this->written as [$thing, $field, $value]) {
            [$section, $n] = $index->paths[$thing];
            $changes[$section][$n][$field] = $value;
        }
        $parts = $build->document->fields()->objects('parts');
        foreach ($this->parts as $thing => $fields) {
            [$section, $n] = $index->paths[$thing];
            $part = $index->item($index->item($thing)->text('part'));
            $changes[$section][$n]['part'] = "{$thing}_faulty";
            $parts[] = new Fields([...$part->data, ...$fields, 'id' => "{$thing}_faulty"]);
        }
        $data = array_replace_recursive($build->document->data, $changes);
        $data['parts'] = array_map(fn (Fields $p): array => $p->data, $parts);

        return Build::of(Document::fromEdited($data));
    }

    public function bodies(Bodies $bodies): Bodies
    {
        $contacts = [];
        foreach ($this->forced as $id => $how) {
            $was = $bodies->contacts[$id] ?? null;
            if ($was !== null) {
                $contacts[$id] = self::contact($was, $how);
            }
        }

        return $contacts === [] ? $bodies : $bodies->forced($contacts);
    }

    /** @param  'never'|'always'|'inverted'  $how */
    private static function contact(Contact $was, string $how): Contact
    {
        $always = ['all' => []];
        $turn = fn (?array $when): array => match ($how) {
            'always' => $always,
            'never' => ['not' => $always],
            default => ['not' => $when ?? $always],
        };
        $own = $was->closedWhen === null;

        return new Contact(
            $was->id,
            $was->thing,
            $was->from,
            $was->to,
            $was->ohm,
            $was->maxA,
            $own ? null : $turn($was->closedWhen),
            $own ? $turn($was->liveWhen) : $was->liveWhen,
            $was->duty,
            $was->flashHz,
            $was->power,
        );
    }

    public function over(Compiled $compiled, Harness $harness): Compiled
    {
        $network = $compiled->network;
        $branches = $network->branches;
        foreach ($this->added as $id => $ohm) {
            $k = $compiled->branchOf[$id] ?? null;
            if ($k !== null && $branches[$k]->law instanceof Resistor) {
                $branches[$k] = $branches[$k]->with(new Resistor($branches[$k]->law->ohm + $ohm));
            }
        }
        foreach ($this->set as $id => $ohm) {
            $k = $compiled->branchOf[$id] ?? null;
            $k === null ? null : ($branches[$k] = $branches[$k]->with(new Resistor($ohm)));
        }
        foreach ($this->turned as $id) {
            $k = $compiled->branchOf[$id] ?? null;
            $k === null
                ? null
                : ($branches[$k] = new Branch($id, $branches[$k]->to, $branches[$k]->from, $branches[$k]->law));
        }
        // Read off the harness, not off the branches: two ends that trade places are moved both from where they were.
        foreach ($this->moved as [$wire, $from, $to]) {
            $k = $compiled->branchOf[$wire];
            $node = $compiled->nodeOf[$to];
            $branches[$k] =
                $harness->wires[$wire]->from === $from
                    ? new Branch($wire, $node, $branches[$k]->to, $branches[$k]->law)
                    : new Branch($wire, $branches[$k]->from, $node, $branches[$k]->law);
        }
        foreach ($this->bridged as [$a, $b]) {
            $branches[] = new Branch(
                'bridge',
                $compiled->nodeOf[$a],
                $compiled->nodeOf[$b],
                new Resistor(self::BRIDGE_OHM),
            );
        }
        $sources = $network->sources;
        foreach ($this->supplies as $id => [$share, $ohm]) {
            $k = $compiled->sourceOf[$id];
            $was = $sources[$k];
            $sources[$k] = new Source($id, $was->plus, $was->minus, $share * $was->volts, $was->ohm + $ohm);
        }
        $laid = new Network(
            $network->nodes,
            $branches,
            array_values($sources),
            $network->tails,
            $network->fixed,
            $network->leaks,
        );
        // Laws alone leave the structure; ends on other nodes make another.
        $same = $this->moved === [] && $this->bridged === [];

        return new Compiled(
            $laid,
            $compiled->nodeOf,
            $compiled->branchOf,
            $compiled->sourceOf,
            $compiled->ladders,
            $compiled->emitters,
            $same ? $compiled->structure : null,
        );
    }
}
