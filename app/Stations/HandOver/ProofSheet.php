<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Stations\Prove\Figure;
use App\Store\Proofs;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\Outcome;
use BenchGlow\Prove\Recorded;

/** What was proven, as the sheet says it: what was expected, what was measured, when; what was hunted and found. */
final readonly class ProofSheet
{
    private Chain $chain;

    public function __construct(private Frame $frame)
    {
        $gates = [];
        foreach (Recorded::circuits($frame->analysis) as $circuit) {
            foreach (Proofs::whole($frame->analysis, $circuit)->gates() as $gate) {
                $gates[$gate->key] = $gate;
            }
        }
        $this->chain = new Chain(array_values($gates), $frame->document);
    }

    /** @return list<array{says: string, expected: string, measured: string, on: string, stands: string}> */
    public function gates(): array
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

    /** @return array{says: string, expected: string, measured: string, on: string, stands: string} */
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
            'says' => GateWords::of($this->frame->analysis->build, $outcome->gate),
            'expected' => implode('; ', array_unique($expected)),
            'measured' => implode('; ', array_map(Figure::taken(...), $outcome->readings)),
            'on' => substr($outcome->on, 0, 10),
            'stands' => match (true) {
                $link?->stands === Link::STALE => 'for an earlier wiring',
                $outcome->result === 'skipped' => "passed over: {$outcome->why}",
                $outcome->fails() => 'not as it should be',
                default => 'as it should be',
            },
        ];
    }

    /** @return list<string> what was looked for, and what it was */
    public function hunts(): array
    {
        $said = [];
        foreach ($this->chain->outcomes->hunts as $hunt) {
            $label = $this->frame->analysis->build->label($hunt->circuit);
            $found = $hunt->found === null ? null : $this->found($hunt->circuit, $hunt->found);
            $said[] =
                "{$label}, ".
                substr($hunt->openedOn, 0, 10).
                ': '.
                match (true) {
                    $hunt->isOpen() => 'still looked for',
                    $found !== null => lcfirst($found).', mended',
                    default => $hunt->note,
                };
        }

        return $said;
    }

    private function found(string $circuit, string $key): string
    {
        $fault = Proofs::of($this->frame->analysis, $circuit)->table->faults[$key] ?? null;

        return $fault->says ?? 'Something of an earlier wiring';
    }
}
