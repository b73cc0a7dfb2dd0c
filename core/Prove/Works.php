<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\Wire;
use BenchGlow\Loom\Labels;
use BenchGlow\Quantity\Words;

/** One circuit as it is to be proven: its leads, what it hangs on, and what its pins are called. */
final class Works
{
    public readonly Build $build;

    public readonly Harness $harness;

    public readonly Bodies $bodies;

    public readonly Labels $labels;

    /** @var array<string, Lead> leads of the circuit */
    public readonly array $leads;

    /** @var array<string, list<Wire>> lead.core => its stretches from end to end */
    public readonly array $cores;

    public function __construct(public readonly Analysis $analysis, public readonly string $circuit)
    {
        $this->build = self::alone($analysis->build, $circuit);
        $this->harness = Harness::of($this->build);
        $this->bodies = Bodies::of($this->build);
        $this->labels = new Labels($this->build);
        $this->leads = array_filter($this->build->leads, fn (Lead $l): bool => $l->circuit === $circuit);
        $cores = [];
        foreach ($this->harness->wires as $wire) {
            if (isset($this->leads[$wire->lead])) {
                $cores["{$wire->lead}.{$wire->core}"][] = $wire;
            }
        }
        $this->cores = $cores;
    }

    /**
     * The build with nothing but this circuit on its host: faults are solved hundreds of times, and other circuits only draw on
     * the same supply. The whole build where the circuit hangs on things of another.
     */
    private static function alone(Build $build, string $circuit): Build
    {
        $data = array_intersect_key($build->document->data, array_flip(self::KEPT));
        $data['host'] = array_diff_key($build->document->fields()->object('host')->data, ['panels' => true]);
        foreach (['circuits', 'lights', 'devices', 'leads'] as $section) {
            $rows = is_array($data[$section] ?? null) ? $data[$section] : [];
            $data[$section] = array_values(
                array_filter(
                    $rows,
                    fn (mixed $row): bool => is_array($row) &&
                        ($section === 'circuits' ? $row['id'] ?? '' : $row['circuit'] ?? $circuit) === $circuit,
                ),
            );
        }
        try {
            return Build::of(Document::fromEdited($data));
        } catch (BadBuild) {
            return $build;
        }
    }

    /** Sections that decide what is solved. */
    private const KEPT = [
        'format',
        'version',
        'minor',
        'title',
        'place',
        'settings',
        'supplies',
        'inputs',
        'host',
        'parts',
        'circuits',
        'lights',
        'devices',
        'leads',
        'places',
        'carriers',
        'routes',
    ];

    /** @return list<string> pins a tip can be set on: ends, fuses, diodes, plugs of the circuit */
    public function pins(): array
    {
        $pins = [];
        foreach ($this->cores as $wires) {
            foreach ($wires as $wire) {
                foreach ([$wire->from, $wire->to] as $pin) {
                    str_contains($pin, '.spare_') ? null : ($pins[$pin] = true);
                }
            }
        }

        return array_map(strval(...), array_keys($pins));
    }

    /** @return list<string> strips fed at their start alone, whose far end can be measured across its own two pads */
    public function farEnds(): array
    {
        $all = [];
        foreach ($this->build->lightsOf($this->circuit) as $light) {
            $marks = $this->harness->wiredPins($light->id);
            $fedAtStart = array_filter($marks, fn (string $p): bool => ! str_contains($p, '.u0.')) === [];
            if ($light->kind === 'strip' && count($light->emitters()) === 1 && $marks !== [] && $fedAtStart) {
                $all[] = $light->id;
            }
        }

        return $all;
    }

    /** @return list<string> things of the host and devices that the circuit's leads end on */
    public function things(): array
    {
        $all = [];
        foreach ($this->pins() as $pin) {
            $all[explode('.', $pin)[0]] = true;
        }

        return array_map(strval(...), array_keys($all));
    }

    /** @return list<string> emitters, as wants name them */
    public function emitters(): array
    {
        $all = [];
        foreach ($this->build->lightsOf($this->circuit) as $light) {
            foreach (array_keys($light->emitters()) as $emitter) {
                $all[] = $light->emitterName((string) $emitter);
            }
        }

        return $all;
    }

    /** Kinds of gates whose expectation is made from a fuse's value too. */
    private const OF_THE_FUSE = ['short', 'power'];

    /** @var array<string, string> what was asked for before */
    private array $facts = [];

    /**
     * All that decides what a gate shows, as one hash: things, parts, lengths, sections, what it hangs on; no names, no places. A
     * lamp alone on the bench goes by itself and its part, a core by its lead, a host lamp by its wire, all else by the circuit.
     */
    public function facts(string $kind, string $subject): string
    {
        $of = explode('.', $subject)[0];
        $all = match ($kind) {
            'part' => ['lights', $of],
            'contact' => ['devices', $of],
            'core' => ['leads', $of],
            'baseline', 'baseline_after' => ['wires', $of],
            default => ['circuit', in_array($kind, self::OF_THE_FUSE, true) ? $of : ''],
        };

        return $this->facts[implode(' ', $all)] ??= hash('sha256', (string) json_encode($this->decides(...$all)));
    }

    /** @return list<mixed> */
    private function decides(string $section, string $id): array
    {
        if ($section === 'circuit') {
            return $this->decidesCircuit($id);
        }
        if ($section === 'wires') {
            return [self::row($this->build->document->fields()->object('host'), 'wires', $id)];
        }
        $row = self::row($this->build->document->fields(), $section, $id);
        $lead = $section === 'leads' ? ($this->leads[$id] ?? null) : null;

        return $lead === null ? [$row, ...$this->partsOf([$row])] : [self::withoutFuse($row, ''), ...$this->sizes($lead)];
    }

    /**
     * The whole circuit; of its fuses only the one that is asked for says its value.
     *
     * @return list<mixed>
     */
    private function decidesCircuit(string $fuse): array
    {
        $fields = $this->build->document->fields();
        $rows = [];
        foreach (['lights', 'devices', 'leads'] as $section) {
            foreach ($fields->objects($section) as $row) {
                if ($row->text('circuit') === $this->circuit) {
                    $rows[] = self::withoutFuse(self::plain($row->data), $fuse);
                }
            }
        }
        $rows = [...$rows, ...$this->partsOf($rows)];
        $things = array_flip($this->things());
        foreach (['wires', 'ways', 'grounds'] as $section) {
            foreach ($fields->object('host')->objects($section) as $row) {
                isset($things[$row->text('id')]) ? ($rows[] = self::plain($row->data)) : null;
            }
        }
        foreach ($fields->objects('supplies') as $supply) {
            $rows[] = self::plain($supply->data);
        }
        foreach ($this->leads as $lead) {
            $rows[] = $this->sizes($lead);
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
        foreach ($this->build->document->fields()->objects('parts') as $part) {
            str_contains($said, '"'.$part->text('id').'"') ? ($parts[] = self::plain($part->data)) : null;
        }

        return $parts;
    }

    /** @return list<float> */
    private function sizes(Lead $lead): array
    {
        return [
            round(Harness::lengthM($this->build, $lead), 3),
            round($this->analysis->leads[$lead->id]->wire->areaMm2, 3),
        ];
    }

    /** A pin in words; of what sits in a wire the side it is on: "fuse F1, on the side of menu panel". */
    public function pin(string $pin): string
    {
        $thing = explode('.', $pin)[0];
        foreach ($thing === $pin ? [] : $this->cores as $wires) {
            foreach ($wires as $wire) {
                $other = $wire->from === $pin ? $wire->to : ($wire->to === $pin ? $wire->from : null);
                if ($other !== null && $this->isInLine($thing)) {
                    $way = preg_match('/\.(\d+)[ab]$/', $pin, $m) === 1 ? " way {$m[1]}" : '';
                    $of = Words::within($this->labels->pin(explode('.', $other)[0]));

                    return Words::within($this->labels->pin($thing))."{$way}, on the side of {$of}";
                }
            }
        }

        return Words::within($this->labels->pin($pin));
    }

    private function isInLine(string $thing): bool
    {
        foreach ($this->build->leads as $lead) {
            foreach ($lead->inline as $inline) {
                if ($inline->id === $thing) {
                    return true;
                }
            }
        }

        return false;
    }

    public function wire(Lead $lead, int $core): string
    {
        return trim("{$this->labels->flag($lead)} {$this->labels->number($lead, $core)}");
    }

    public function joint(string $pin): ?JointDevice
    {
        $device = $this->build->devices[explode('.', $pin)[0]] ?? null;

        return $device instanceof JointDevice ? $device : null;
    }
}
