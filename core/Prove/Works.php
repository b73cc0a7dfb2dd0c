<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Format\BadBuild;
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

    private ?Facts $facts = null;

    /** @var array<string, Lead> leads of the circuit */
    public readonly array $leads;

    /** @var array<string, list<Wire>> lead.core => its stretches from end to end */
    public readonly array $cores;

    public function __construct(public readonly Analysis $analysis, public readonly string $circuit, ?Build $as = null)
    {
        $this->build = $as ?? self::alone($analysis->build, $circuit);
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

    /** The same with a fault in it that is said in the build itself. */
    public function with(Overlay $fault): self
    {
        return new self($this->analysis, $this->circuit, $fault->build($this->build));
    }

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

    /** @return list<string> fuses in line */
    public function fuses(): array
    {
        $all = [];
        foreach ($this->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $thing->kind === 'fuse' ? ($all[] = $thing->id) : null;
            }
        }

        return $all;
    }

    /** @return list<string> strips of one colour fed at their start alone, whose far end can be measured across its own two pads */
    public function farEnds(): array
    {
        return array_values(
            array_filter(
                $this->fedAtStart(),
                fn (string $id): bool => count($this->build->lights[$id]->emitters()) === 1,
            ),
        );
    }

    /** @return list<string> strips that nothing feeds but at their start */
    public function fedAtStart(): array
    {
        $all = [];
        foreach ($this->build->lightsOf($this->circuit) as $light) {
            $marks = $this->harness->wiredPins($light->id);
            $fedAtStart = array_filter($marks, fn (string $p): bool => ! str_contains($p, '.u0.')) === [];
            if ($light->kind === 'strip' && $marks !== [] && $fedAtStart) {
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

    /** What decides what a gate of this circuit shows, as one hash. */
    public function facts(string $kind, string $subject): string
    {
        return ($this->facts ??= new Facts($this->analysis, $this->circuit))->of($kind, $subject);
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
