<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\Analysis;

/** What was proven of a build, as reports tell it: each outcome with what was expected and what was read, each hunt with its end. */
final class Recorded
{
    /**
     * Circuits something was proven of; only for these the gates are made.
     *
     * @return list<string>
     */
    public static function circuits(Analysis $analysis): array
    {
        $circuits = [];
        foreach (array_keys((new Outcomes($analysis->build->document))->last) as $key) {
            $circuit = GateWords::circuit($analysis->build, (string) $key);
            if ($circuit !== null && $analysis->build->lightsOf($circuit) !== []) {
                $circuits[$circuit] = true;
            }
        }

        return array_map(strval(...), array_keys($circuits));
    }

    /**
     * @param  list<Gate>  $gates  of those circuits
     * @return list<array<string, mixed>>
     */
    public static function gates(Analysis $analysis, array $gates): array
    {
        $chain = new Chain($gates, $analysis->build->document);
        $known = [];
        $all = [];
        foreach ($chain->links as $link) {
            $known[$link->gate->key] = true;
            if ($link->outcome !== null) {
                $expected = array_map(fn (Expectation $e): array => $e->toArray(), $link->gate->expected);
                $all[] = self::row($analysis, $link->outcome, $link->stands === Link::STALE, $expected);
            }
        }
        foreach ($chain->outcomes->last as $key => $outcome) {
            // Of an earlier wiring, or of what no circuit hangs on.
            isset($known[$key]) ? null : ($all[] = self::row($analysis, $outcome, $outcome->facts !== '', []));
        }

        return $all;
    }

    /**
     * @param  list<array<string, mixed>>  $expected
     * @return array<string, mixed>
     */
    private static function row(Analysis $analysis, Outcome $outcome, bool $stale, array $expected): array
    {
        return [
            'gate' => $outcome->gate,
            'says' => GateWords::of($analysis->build, $outcome->gate),
            'circuit' => GateWords::circuit($analysis->build, $outcome->gate),
            'result' => $outcome->result,
            'stale' => $stale,
            'on' => $outcome->on,
            'expected' => $expected,
            'measured' => array_map(fn (Taken $t): array => $t->toArray(), $outcome->readings),
            ...$outcome->why === '' ? [] : ['why' => $outcome->why],
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function hunts(Analysis $analysis): array
    {
        return array_map(
            fn (Hunt $h): array => [
                'circuit' => $h->circuit,
                'opened_on' => $h->openedOn,
                'saw' => $h->saw,
                'readings' => array_map(fn (Taken $t): array => $t->toArray(), $h->readings),
                'found' => $h->found,
                'mended_on' => $h->mendedOn,
                'note' => $h->note,
            ],
            (new Outcomes($analysis->build->document))->hunts,
        );
    }
}
