<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\Works;

/** A build with one fault in it, as a file: the fault said by resistors in line, pins and conditions, where that is exact. */
final class Planted
{
    /** Of the wire that stands for a touch: no more than the solver's least. */
    private const TOUCH_M = 0.001;

    /** As the compiler has it. */
    private const LEAST_OHM = 1e-3;

    private readonly Index $index;

    private int $made = 0;

    /** @var array<string, list<array<array-key, mixed>>> lead => what is in line, as it becomes */
    private array $inline = [];

    /** @var array<string, list<list<string|null>>> lead => pins of its cores, as they become */
    private array $cores = [];

    /** @var array<array-key, Edit> */
    private array $edits = [];

    private function __construct(private readonly Document $document, private readonly Works $works)
    {
        $this->index = Index::of($document);
    }

    /** @return Document|null null where the format can't say it */
    public static function of(Document $document, Works $works, Fault $fault): ?Document
    {
        $planted = new self($document, $works);
        try {
            return $planted->laid($fault) ? $planted->written() : null;
        } catch (BadBuild) {
            return null;
        }
    }

    private function laid(Fault $fault): bool
    {
        $overlay = $fault->overlay;
        foreach ($overlay->added as $wire => $ohm) {
            $this->add((string) $wire, $ohm);
        }
        foreach ($overlay->set as $thing => $ohm) {
            $as = fn (Fields $t): array => [
                'id' => $t->text('id'),
                'kind' => 'resistor',
                'at_m' => $t->number('at_m'),
                'core' => $t->integer('core', 1),
                'ohm' => $ohm,
            ];
            if (! $this->changed((string) $thing, $as)) {
                return false;
            }
        }
        foreach ($overlay->turned as $thing) {
            $turn = fn (Fields $t): array => [
                ...$t->data,
                'points' => $t->text('points', 'to') === 'to' ? 'from' : 'to',
            ];
            if (! $this->changed($thing, $turn)) {
                return false;
            }
        }
        $this->move($overlay->moved);
        foreach ($overlay->bridged as [$a, $b]) {
            $this->bridge($a, $b);
        }
        foreach ($overlay->forced as $contact => $how) {
            $this->force((string) $contact, $how);
        }
        foreach ($overlay->supplies as $supply => [$share, $ohm]) {
            $this->supply((string) $supply, $share, $ohm);
        }
        foreach ($overlay->written as [$thing, $field, $value]) {
            $this->edits[] = new SetField($thing, $field, $value);
        }
        foreach ($overlay->parts as $thing => $fields) {
            $this->part((string) $thing, $fields);
        }

        return true;
    }

    private function written(): Document
    {
        $edits = $this->edits;
        foreach ($this->inline as $lead => $things) {
            $edits[] = new SetField((string) $lead, 'inline', $things);
        }
        foreach ($this->cores as $lead => $cores) {
            $edits[] = new SetField((string) $lead, 'cores', $cores);
        }

        return array_reduce(
            $edits,
            fn (Document $document, Edit $edit): Document => Editor::apply($document, $edit),
            $this->document,
        );
    }

    private function free(string $wish): string
    {
        return $this->index->free($wish.'_'.++$this->made);
    }

    /** @return list<array<array-key, mixed>> */
    private function things(string $lead): array
    {
        return $this->inline[$lead] ??= array_map(
            fn (Fields $t): array => $t->data,
            $this->index->item($lead)->objects('inline'),
        );
    }

    /** A resistor in the middle of a stretch of wire, so that both halves keep their own ohms. */
    private function add(string $wire, float $ohm): void
    {
        preg_match('/^(.+)\.(\d+)\.(\d+)$/', $wire, $m);
        [, $lead, $core, $segment] = [...$m, '', '', '', ''];
        $stretches = $this->works->cores["{$lead}.{$core}"] ?? [];
        $before = array_sum(
            array_map(fn (Wire $w): float => $w->lengthM, array_slice($stretches, 0, (int) $segment - 1)),
        );
        $own = $stretches[(int) $segment - 1]->lengthM ?? 0.0;
        $this->keepLength($lead);
        $things = $this->things($lead);
        $at = $this->place($things, (int) $core, (int) $segment, $before + $own / 2);
        array_splice($things, $at, 0, [
            [
                'id' => $this->free('fault'),
                'kind' => 'resistor',
                'at_m' => round($before + $own / 2, 6),
                'core' => (int) $core,
                'ohm' => $ohm + $this->split($lead, $own),
            ],
        ]);
        $this->inline[$lead] = $things;
    }

    /**
     * Where in the list: after what lies before the stretch on its core, and in rising order of where things are.
     *
     * @param  list<array<array-key, mixed>>  $things
     */
    private function place(array $things, int $core, int $segment, float $atM): int
    {
        $at = 0;
        $seen = 1;
        foreach ($things as $k => $data) {
            $thing = new Fields($data);
            $own = $thing->isA('plug') || $thing->integer('core', 1) === $core;
            if ($own ? $seen === $segment : $thing->number('at_m') > $atM) {
                break;
            }
            $seen += $own ? 1 : 0;
            $at = $k + 1;
        }

        return $at;
    }

    /** Other ends, or something in line, would give it another length: it is as long as it is. */
    private function keepLength(string $lead): void
    {
        $this->edits["length {$lead}"] = new SetField(
            $lead,
            'length_m',
            Harness::lengthM($this->works->build, $this->works->build->leads[$lead]),
        );
    }

    /** A short stretch has the solver's least ohms, and so has each half of it: what that makes more is taken off. */
    private function split(string $lead, float $long): float
    {
        $ohm = $this->works->analysis->leads[$lead]->wire->ohmPerM() * $long;

        return max($ohm, self::LEAST_OHM) - 2 * max($ohm / 2, self::LEAST_OHM);
    }

    /** @param  callable(Fields): array<array-key, mixed>  $change */
    private function changed(string $thing, callable $change): bool
    {
        foreach ($this->works->leads as $lead) {
            foreach ($this->things($lead->id) as $k => $data) {
                if ((new Fields($data))->text('id') === $thing) {
                    $this->inline[$lead->id][$k] = $change(new Fields($data));

                    return true;
                }
            }
            unset($this->inline[$lead->id]);
        }

        return false;
    }

    /** @param  list<array{string, string, string}>  $moved  all read from where they were: two that trade places stand in each other's way */
    private function move(array $moved): void
    {
        foreach ($moved as [$wire, $from, $to]) {
            [$lead, $core] = [...explode('.', $wire), '1'];
            $was = $this->works->build->leads[$lead]->cores;
            $this->keepLength($lead);
            $cores = $this->cores[$lead] ?? $was;
            foreach ($was[(int) $core - 1] as $end => $pin) {
                if ($pin !== null && $this->works->harness->pin($pin) === $from) {
                    $cores[(int) $core - 1][$end] = $to;
                }
            }
            $this->cores[$lead] = array_map(fn (array $c): array => [$c[0], $c[1]], $cores);
        }
    }

    private function bridge(string $a, string $b): void
    {
        $this->edits[] = new AddItem(
            'leads',
            new Fields([
                'id' => $this->free('bridge'),
                'circuit' => $this->works->circuit,
                'label' => 'Touching',
                'cores' => [[$a, $b]],
                'length_m' => self::TOUCH_M,
                'wire' => null,
                'ends' => ['solder', 'solder'],
            ]),
        );
    }

    /** @param  'never'|'always'|'inverted'  $how */
    private function force(string $contact, string $how): void
    {
        [$thing, $own] = [...explode('.', $contact, 2), ''];
        $turn = fn (mixed $when): array => match ($how) {
            'always' => ['all' => []],
            'never' => ['not' => ['all' => []]],
            default => ['not' => is_array($when) ? $when : ['all' => []]],
        };
        $item = $this->index->item($thing);
        if (! str_starts_with($this->index->sections[$thing], 'devices')) {
            $this->edits[] = new SetField($thing, 'live_when', $turn($item->data['live_when'] ?? null));

            return;
        }
        // Others may be of the same part: this one gets its own.
        $part = $this->index->item($item->text('part'))->data;
        $part['id'] = $this->free('faulty');
        $part['contacts'] = array_map(
            fn (Fields $c): array => $c->text('id') === $own
                ? [...$c->data, 'closed_when' => $turn($c->data['closed_when'] ?? null)]
                : $c->data,
            (new Fields($part))->objects('contacts'),
        );
        $this->edits[] = new AddItem('parts', new Fields($part));
        $this->edits[] = new SetField($thing, 'part', $part['id']);
    }

    /** @param  array<string, mixed>  $fields  that are others: the thing gets a part of its own */
    private function part(string $thing, array $fields): void
    {
        $part = [...$this->index->item($this->index->item($thing)->text('part'))->data, ...$fields];
        $part['id'] = $this->free('faulty');
        unset($part['catalogue']);
        $this->edits[] = new AddItem('parts', new Fields($part));
        $this->edits[] = new SetField($thing, 'part', $part['id']);
    }

    private function supply(string $supply, float $share, float $ohm): void
    {
        $known = $this->works->build->supplies[$supply];
        foreach (['min_v' => 'min', 'nominal_v' => 'nominal', 'max_v' => 'max'] as $field => $state) {
            $this->edits[] = new SetField($supply, $field, $share * $known->volts($state));
        }
        $this->edits[] = new SetField($supply, 'internal_ohm', $known->ohm + $ohm);
        // What the host draws is said at the volts the supply has where it is sound.
        foreach ($this->works->build->wires as $wire) {
            foreach ($wire->fedBy === $supply ? $wire->loads : [] as $load) {
                $load->atV === null ? ($this->edits[] = new SetField($load->id, 'at_v', $known->nominalV)) : null;
            }
        }
        foreach ($this->works->build->ways as $id => $way) {
            if ($way->fedBy === $supply && $way->loadA !== null) {
                $this->edits[] = new SetField((string) $id, 'load_a', $share * $way->loadA);
            }
        }
    }
}
