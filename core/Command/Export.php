<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Format\BadBuild;
use BenchGlow\Lists\PartsList;
use BenchGlow\Network\Compiler;
use BenchGlow\Network\Netlist;
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

    /** The parts list; what has no figure shows a dash. */
    public static function parts(Analysis $analysis): string
    {
        $rows = [['part', 'label', 'count', 'length_m', 'price']];
        $figure = fn (int|float|null $x): int|float|string => is_float($x) ? round($x, 4) : $x ?? '—';
        foreach (PartsList::of($analysis) as $r) {
            $rows[] = [$r['part'], $r['label'], $figure($r['count']), $figure($r['length_m']), $figure($r['price'])];
        }

        return Csv::text($rows);
    }

    /**
     * The network of one state, every strip unit written out.
     *
     * @param  array<string, string>  $inputs
     */
    public static function netlist(Analysis $analysis, array $inputs, string $supply): string
    {
        $scene =
            $analysis->scene($inputs, $supply) ??
            throw BadBuild::at('--with', 'there is no such state; name inputs and positions of the build.');
        $wiring = array_map(fn ($l) => $l->wire, $analysis->leads);
        $compiled = Compiler::compile(
            $analysis->build,
            $analysis->harness,
            $wiring,
            $supply,
            $analysis->bodies,
            $scene->closed,
            true,
        );
        $so = implode(
            ', ',
            array_map(fn (string $i, string $p): string => "{$i} {$p}", array_keys($scene->inputs), $scene->inputs),
        );

        return Netlist::of(
            $compiled->network,
            $analysis->build->document->title().", supply {$supply}".($so === '' ? '' : ", {$so}"),
        );
    }
}
