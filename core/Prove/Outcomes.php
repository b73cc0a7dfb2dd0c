<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Document;

/** What was proven of a build, and the hunts for what was wrong. The last outcome of a gate counts. */
final class Outcomes
{
    /** @var array<string, Outcome> gate => its last */
    public readonly array $last;

    /** @var list<Hunt> */
    public readonly array $hunts;

    /** @var array<string, Taken> */
    public readonly array $readings;

    public function __construct(Document $document)
    {
        $this->readings = Taken::all($document);
        $last = [];
        foreach ($document->fields()->objects('gates') as $row) {
            $last[$row->text('gate')] = Outcome::of($row, $this->readings);
        }
        $this->last = $last;
        $hunts = [];
        foreach ($document->fields()->objects('faults') as $row) {
            $hunts[] = Hunt::of($row, $this->readings);
        }
        $this->hunts = $hunts;
    }

    /** The hunt that is open in a circuit, the newest; null where none is. */
    public function open(string $circuit): ?Hunt
    {
        foreach (array_reverse($this->hunts) as $hunt) {
            if ($hunt->circuit === $circuit && $hunt->isOpen()) {
                return $hunt;
            }
        }

        return null;
    }
}
