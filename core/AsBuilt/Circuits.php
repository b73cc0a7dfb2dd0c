<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Circuit;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Situation as Thrown;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\HandOver\Gap;
use BenchGlow\Light\Seen;
use BenchGlow\Quantity\Shown;

/** Each circuit on the sheet: drawn in the first situation in which it glows, figured in every one that is wanted. */
final readonly class Circuits
{
    /**
     * @param  list<Finding>  $open  numbered in this order
     * @param  list<Gap>  $unproven  circuits nobody saw work
     */
    public function __construct(
        private Analysis $analysis,
        private string $units,
        private array $open,
        private array $unproven,
    ) {
    }

    public function section(Circuit $circuit): Section
    {
        $inputs = Situations::lit($this->analysis, $circuit);
        $drawing = CircuitDrawing::wide(
            $this->analysis->at($inputs),
            $circuit->id,
            'nominal',
            units: $this->units,
            findings: $this->open,
        );
        $verdict = [
            'met' => 'It glows as it should',
            'not_met' => 'It does not glow as it should',
            'unknown' => "It can't be judged",
        ][$this->analysis->intents[$circuit->id]->verdict];
        $said = 'Drawn '.Thrown::said($this->analysis, $inputs).', at the normal supply.';
        $parts = [
            new Picture("{$said} {$verdict} in {$this->analysis->stateCount()} states.", $drawing),
            $this->figures($circuit),
        ];
        foreach ($this->unproven as $gap) {
            if ($gap->subject === $circuit->id) {
                $parts[] = new Wanted('Proven', lcfirst($gap->act), $gap->station, $gap->subject);
            }
        }

        return new Section($circuit->label, $parts, $circuit->flag);
    }

    private function figures(Circuit $circuit): Table
    {
        $rows = [];
        foreach (Situations::of($this->analysis, $circuit) as $situation) {
            $first =
                ucfirst($situation->words).': '.$situation->wanted.($situation->right ? '' : ', and it does not');
            foreach ($situation->rows as $name => $row) {
                $rows[] = [
                    $first,
                    $name,
                    Shown::amps($row['amps']),
                    $row['volts'] === null ? 'dark' : "{$row['lamp']} ".Shown::reading($row['volts']),
                    $row['light'] === null ? '' : Shown::percent($row['light']),
                    $row['light'] === null ? '' : Shown::percent(Seen::share($row['light'])),
                ];
                $first = '';
            }
        }

        return new Table(
            "Figures of {$circuit->label}",
            ['Situation', 'Supply', 'Amps', 'Weakest lamp', 'Its light', 'Looks like'],
            $rows,
            [2, 4, 5],
        );
    }
}
