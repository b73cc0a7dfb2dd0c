<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Format\BadBuild;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Lists\PartsList;
use BenchGlow\Network\Compiler;
use BenchGlow\Network\Netlist;
use BenchGlow\Network\Solver;
use BenchGlow\Quantity\Csv;
use BenchGlow\Quantity\Extreme;

/** What `glow report --out` writes: all states as CSV, or one state's netlist. */
final class Export
{
    /** One row per state and emitter. */
    public static function states(Analysis $analysis): string
    {
        $inputs = array_keys($analysis->combinations->all[0] ?? []);
        $rows = [
            [
                ...$inputs,
                'supply',
                'emitter',
                'solved',
                'level',
                'flashing',
                'flux_min',
                'flux_max',
                'lowest_v',
                'watts',
                'total_a',
            ],
        ];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->lit->lights as $light => $emitters) {
                foreach ($emitters as $name => $e) {
                    $head = [
                        ...array_values($scene->inputs),
                        $scene->supply,
                        $e->name,
                        $scene->solved() ? 'yes' : (string) $scene->remark(),
                    ];
                    $rows[] =
                        ! $scene->solved() || $e->flux === []
                            ? [...$head, '', '', '', '', '', '', '']
                            : [
                                ...$head,
                                $e->level($analysis->build->settings),
                                Judgement::flashes($analysis->build, $scene, $light, $name) ? 'yes' : 'no',
                                $e->least(),
                                $e->greatest(),
                                Extreme::least($e->volts),
                                $e->watts,
                                $scene->lit->totalA(),
                            ];
                }
            }
        }

        return Csv::text($rows);
    }

    /** The parts list with its total; what has no figure is empty. */
    public static function parts(Analysis $analysis): string
    {
        $currency = $analysis->build->settings->currency;
        $rows = [['part', 'label', 'count', 'length_m', 'price', 'currency']];
        $figure = fn (int|float|null $x): int|float|string => is_float($x) ? round($x, 4) : $x ?? '';
        $total = 0.0;
        foreach (PartsList::of($analysis) as $r) {
            $total += (float) $r['price'];
            $price = $figure($r['price']);
            $rows[] = [
                $r['part'],
                $r['label'],
                $figure($r['count']),
                $figure($r['length_m']),
                $price,
                $price === '' ? '' : $currency,
            ];
        }
        $rows[] = ['total', 'what has a price', '', '', round($total, 4), $currency];

        return Csv::text($rows);
    }

    /**
     * The network of one moment of a state, every strip unit written out.
     *
     * @param  array<string, string>  $inputs
     * @param  int  $phase  of dimming and flash, from 1
     *
     * @throws BadBuild where there is no such state or phase, or it has no solution
     */
    public static function netlist(Analysis $analysis, array $inputs, string $supply, int $phase = 1): string
    {
        $scene =
            $analysis->scene($inputs, $supply) ??
            throw BadBuild::at('--with', 'there is no such state; it is one of those that never happen.');
        $moments = $analysis->moments($inputs, $supply);
        if ($moments === []) {
            throw BadBuild::at(
                '--with',
                'this state has no solution to write: '.($scene->remark() ?? 'not solved').'.',
            );
        }
        $count = count($moments);
        $moment =
            $moments[$phase - 1] ??
            throw BadBuild::at(
                '--phase',
                "this state has {$count} ".($count === 1 ? 'phase' : 'phases').", no {$phase}.",
            );
        $compiled = Compiler::compile(
            $analysis->build,
            $analysis->harness,
            array_map(fn (LeadFigures $l): LeadWire => $l->wire, $analysis->leads),
            $supply,
            $analysis->bodies,
            $moment->closed,
            true,
        );
        $so = array_map(fn (string $i, string $p): string => "{$i} {$p}", array_keys($scene->inputs), $scene->inputs);
        $head = [$analysis->build->document->title(), 'state: '.implode(', ', ["supply {$supply}", ...$so])];
        if ($count > 1) {
            $head[] = "phase {$phase} of {$count}: {$moment->name}; its volts and amps are no means over the period";
        }
        $solution = Solver::solve($compiled->network);

        return Netlist::of($compiled->network, $head, $solution);
    }
}
