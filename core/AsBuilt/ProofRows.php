<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Figure;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\Outcome;
use BenchGlow\Prove\Recorded;

/** What was proven, for the sheet: what was expected beside what was measured, and what hunts found. */
final readonly class ProofRows
{
    private Chain $chain;

    /**
     * @param  callable(string): list<Gate>  $gates  of a circuit
     * @param  callable(string, string): (string|null)  $found  what a fault of a circuit says
     */
    public function __construct(private Analysis $analysis, callable $gates, callable $found)
    {
        $all = [];
        foreach (Recorded::circuits($analysis) as $circuit) {
            foreach ($gates($circuit) as $gate) {
                $all[$gate->key] = $gate;
            }
        }
        $this->chain = new Chain(array_values($all), $analysis->build->document);
        $said = [];
        foreach ($this->chain->outcomes->hunts as $hunt) {
            $label = $analysis->build->label($hunt->circuit);
            $was =
                $hunt->found === null ? null : $found($hunt->circuit, $hunt->found) ?? 'Something of an earlier wiring';
            $said[] =
                "{$label}, ".
                substr($hunt->openedOn, 0, 10).
                ': '.
                match (true) {
                    $hunt->isOpen() => 'still looked for',
                    $was !== null => lcfirst($was).', mended',
                    default => $hunt->note,
                };
        }
        $this->hunts = $said;
    }

    /** @var list<string> what was looked for, and what it was */
    public array $hunts;

    public function isEmpty(): bool
    {
        return $this->chain->outcomes->last === [] && $this->hunts === [];
    }

    /** @return list<list<string>> gate, expected, measured, on, how it stands */
    public function rows(): array
    {
        $rows = $known = [];
        foreach ($this->chain->links as $link) {
            $known[$link->gate->key] = true;
            if ($link->outcome !== null) {
                $rows[] = $this->row($link->outcome, $link);
            }
        }
        foreach ($this->chain->outcomes->last as $key => $outcome) {
            isset($known[$key]) ? null : ($rows[] = $this->row($outcome, null));
        }

        return $rows;
    }

    /** The day, and who where the sheet is to say it. */
    private function when(Outcome $outcome): string
    {
        $day = substr($outcome->on, 0, 10);
        $named = $this->analysis->build->document->fields()->object('handover')->flag('names');

        return $named && $outcome->by !== '' ? "{$day}, {$outcome->by}" : $day;
    }

    /** @return list<string> */
    private function row(Outcome $outcome, ?Link $link): array
    {
        $expected = [];
        foreach ($link->gate->expected ?? [] as $one) {
            $expected[] = trim(
                Figure::value($one).
                    ' '.
                    Figure::unit($one).
                    ' '.
                    (Figure::band($one) === '' ? '' : '('.Figure::band($one).')'),
            );
        }

        return [
            GateWords::of($this->analysis->build, $outcome->gate),
            implode('; ', array_unique($expected)),
            implode('; ', array_map(Figure::taken(...), $outcome->readings)),
            $this->when($outcome),
            match (true) {
                $link?->stands === Link::STALE => 'for an earlier wiring',
                $outcome->result === 'skipped' => "passed over: {$outcome->why}",
                $outcome->fails() => 'not as it should be',
                default => 'as it should be',
            },
        ];
    }
}
