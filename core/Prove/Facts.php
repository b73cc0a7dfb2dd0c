<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Harness;

/**
 * What an expectation is made from, as hashes: nothing is solved for them, so that rules can ask at every change whether what was
 * proven still holds (probe-prove.md 12).
 */
final class Facts
{
    /** Kinds of gates whose expectation is made from a fuse's value too. */
    private const OF_THE_FUSE = ['short', 'power'];

    /** @var array<string, string> what was asked for before */
    private array $known = [];

    public function __construct(private readonly Analysis $analysis, private readonly string $circuit)
    {
    }

    /** @return array<string, true> things of the host and devices that the circuit's leads end on */
    private function things(): array
    {
        $all = [];
        foreach ($this->analysis->harness->wires as $wire) {
            if (($this->analysis->build->leads[$wire->lead] ?? null)?->circuit === $this->circuit) {
                $all[explode('.', $wire->from)[0]] = true;
                $all[explode('.', $wire->to)[0]] = true;
            }
        }

        return $all;
    }

    /**
     * All that decides what a gate shows, as one hash: things, parts, lengths, sections, what it hangs on; no names, no places. A
     * lamp alone on the bench goes by itself and its part, a core by its lead, a host lamp by its wire, all else by the circuit.
     */
    public function of(string $kind, string $subject): string
    {
        $of = explode('.', $subject)[0];
        $all = match ($kind) {
            'part' => [isset($this->analysis->build->devices[$of]) ? 'devices' : 'lights', $of],
            'contact' => ['devices', $of],
            'core' => ['leads', $of],
            'baseline', 'baseline_after' => ['wires', $of],
            'standing' => ['all', ''],
            default => ['circuit', in_array($kind, self::OF_THE_FUSE, true) ? $of : ''],
        };

        return $this->known[implode(' ', $all)] ??= hash('sha256', (string) json_encode($this->decides(...$all)));
    }

    /** @return list<mixed> */
    private function decides(string $section, string $id): array
    {
        if ($section === 'circuit' || $section === 'all') {
            return $this->decidesCircuit($id, $section === 'all');
        }
        if ($section === 'wires') {
            return [self::row($this->analysis->build->document->fields()->object('host'), 'wires', $id)];
        }
        $row = self::row($this->analysis->build->document->fields(), $section, $id);
        $lead = $section === 'leads' ? $this->analysis->build->leads[$id] ?? null : null;

        return $lead === null
            ? [$row, ...$this->partsOf([$row])]
            : [self::withoutFuse($row, ''), ...$this->sizes($lead)];
    }

    /**
     * The whole circuit; of its fuses only the one that is asked for says its value.
     *
     * @return list<mixed>
     */
    private function decidesCircuit(string $fuse, bool $all): array
    {
        $fields = $this->analysis->build->document->fields();
        $rows = [];
        foreach (['lights', 'devices', 'leads'] as $section) {
            foreach ($fields->objects($section) as $row) {
                if ($all || $row->text('circuit') === $this->circuit) {
                    $rows[] = self::withoutFuse(self::plain($row->data), $fuse);
                }
            }
        }
        $rows = [...$rows, ...$this->partsOf($rows)];
        $things = $this->things();
        foreach (['wires', 'ways', 'grounds'] as $section) {
            foreach ($fields->object('host')->objects($section) as $row) {
                $all || isset($things[$row->text('id')]) ? ($rows[] = self::plain($row->data)) : null;
            }
        }
        foreach ($fields->objects('supplies') as $supply) {
            $rows[] = self::plain($supply->data);
        }
        foreach ($this->analysis->build->leads as $lead) {
            $all || $lead->circuit === $this->circuit ? ($rows[] = $this->sizes($lead)) : null;
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<array-key, mixed>
     */
    private static function plain(array $row): array
    {
        return array_diff_key($row, array_flip(['label', 'flag', 'place', 'note', 'work']));
    }

    /** @return array<array-key, mixed> */
    private static function row(Fields $in, string $section, string $id): array
    {
        foreach ($in->objects($section) as $row) {
            if ($row->text('id') === $id) {
                return self::plain($row->data);
            }
        }

        return [];
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<array-key, mixed>
     */
    private static function withoutFuse(array $row, string $except): array
    {
        if (is_array($row['inline'] ?? null)) {
            $row['inline'] = array_map(
                fn (mixed $t): mixed => is_array($t) && ($t['id'] ?? '') !== $except
                    ? array_diff_key($t, ['fuse_a' => 1])
                    : $t,
                $row['inline'],
            );
        }

        return $row;
    }

    /**
     * @param  list<array<array-key, mixed>>  $rows
     * @return list<array<array-key, mixed>>
     */
    private function partsOf(array $rows): array
    {
        $said = (string) json_encode($rows);
        $parts = [];
        foreach ($this->analysis->build->document->fields()->objects('parts') as $part) {
            str_contains($said, '"'.$part->text('id').'"') ? ($parts[] = self::plain($part->data)) : null;
        }

        return $parts;
    }

    /** @return list<float> */
    private function sizes(Lead $lead): array
    {
        return [
            round(Harness::lengthM($this->analysis->build, $lead), 3),
            round($this->analysis->leads[$lead->id]->wire->areaMm2, 3),
        ];
    }
}
