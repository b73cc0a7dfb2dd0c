<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Command\Export;
use BenchGlow\Scene\Moment;
use BenchGlow\Scene\Scene;

/** Netlists of a build's states read back by the simulator, and how far they are from what was solved. */
final class ReadBack
{
    public int $moments = 0;

    public int $unknowns = 0;

    public int $compared = 0;

    public float $voltsApart = 0.0;

    public float $ampsApart = 0.0;

    public string $where = '';

    /** At rest, with everything thrown, and where most runs, each at its own supply. */
    public static function of(Analysis $analysis): self
    {
        $read = new self();
        $scenes = array_values(array_filter($analysis->scenes(), fn (Scene $s): bool => $s->solved()));
        usort($scenes, fn (Scene $a, Scene $b): int => $a->lit->totalA() <=> $b->lit->totalA());
        foreach (array_unique([0, intdiv(count($scenes), 2), count($scenes) - 1]) as $n) {
            $scene = $scenes[$n];
            foreach ($analysis->moments($scene->inputs, $scene->supply) as $k => $moment) {
                $read->compare($analysis, $scene, $moment, $k + 1);
            }
        }

        return $read;
    }

    private function compare(Analysis $analysis, Scene $scene, Moment $moment, int $phase): void
    {
        $text = Export::netlist($analysis, $scene->inputs, $scene->supply, $phase);
        $simulator = new Simulator($text);
        $this->moments++;
        $this->unknowns = max($this->unknowns, $simulator->nodes());
        $pins = [];
        foreach ($simulator->volts() as $node => $volts) {
            $pins[(string) preg_replace('/^n\d+_/', '', (string) $node)] = $volts;
        }
        foreach ($moment->state->volts as $pin => $volts) {
            $back = $pins[(string) preg_replace('/[^A-Za-z0-9_]/', '_', $pin)] ?? null;
            if ($volts !== null && $back !== null) {
                $this->far(abs($volts - $back), $this->voltsApart, "{$pin} {$scene->supply} phase {$phase}");
            }
        }
        $of = array_flip(
            array_filter(
                $simulator->comments,
                fn (string $id, string $e): bool => preg_match('/^R\d+$/', $e) === 1,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        foreach ($moment->state->amps as $id => $amps) {
            if (isset($of[$id])) {
                $this->far(
                    abs($amps - $simulator->through($of[$id])),
                    $this->ampsApart,
                    "{$id} {$scene->supply} phase {$phase}",
                );
            }
        }
    }

    private function far(float $apart, float &$most, string $where): void
    {
        $this->compared++;
        if ($apart > $most) {
            $most = $apart;
            $this->where = $where;
        }
    }
}
