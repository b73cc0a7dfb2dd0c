<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Law\Resistor;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Compiler;
use BenchGlow\Network\Network;
use BenchGlow\Network\Solver;
use BenchGlow\Network\Source;

/**
 * A meter or a bench supply on a circuit whose own supplies are off: solved with nothing but it as a source, so that a diode, a
 * lamp and a coil read as they do for half a volt, or as they do alone on the bench (probe-prove.md 12).
 */
final class Instrument
{
    /** What a meter's ohms are read with. */
    private const METER_V = 0.5;

    private const METER_OHM = 100.0;

    /** Over this a meter shows nothing: open. */
    public const OPEN_OHM = 1e5;

    /** A bench supply and its leads. */
    private const SUPPLY_OHM = 0.05;

    /** @var array<string, LeadWire> */
    private readonly array $wiring;

    /** @var array<string, Compiled> contacts that are made => */
    private array $compiled = [];

    public function __construct(private readonly Works $works)
    {
        $this->wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $works->analysis->leads);
    }

    /**
     * Ohms between two pins; null: open.
     *
     * @param  array<string, mixed>  $closed  contacts that are made
     * @param  list<string>  $out  wires and fuses that are out
     * @param  Overlay|null  $fault  that is in it
     */
    public function ohms(string $red, string $black, array $closed, array $out = [], ?Overlay $fault = null): ?float
    {
        $amps = $this->amps($red, $black, self::METER_V, self::METER_OHM, $closed, $out, $fault);
        $ohm = $amps === null || $amps <= 0.0 ? INF : self::METER_V / $amps - self::METER_OHM;

        return $ohm > self::OPEN_OHM ? null : max(0.0, round($ohm, 3));
    }

    /**
     * Amps out of a bench supply at a light that hangs on nothing else; null: none, or not solved.
     *
     * @param  list<string>  $out  wires that are not yet on it
     */
    public function benchAmps(string $red, string $black, float $volts, array $out): ?float
    {
        return $this->amps($red, $black, $volts, self::SUPPLY_OHM, [], $out);
    }

    /**
     * @param  array<string, mixed>  $closed
     * @param  list<string>  $out
     */
    private function amps(
        string $red,
        string $black,
        float $volts,
        float $ohm,
        array $closed,
        array $out,
        ?Overlay $fault = null,
    ): ?float {
        $works = $this->works;
        $key = implode(' ', array_keys($closed));
        $compiled = $this->compiled[$key] ??= Compiler::compile(
            $works->build,
            $works->harness,
            $this->wiring,
            'nominal',
            $works->bodies,
            array_fill_keys(array_map(strval(...), array_keys($closed)), true),
        );
        $compiled = $fault === null ? $compiled : $fault->over($compiled, $works->harness);
        [$plus, $minus] = [$compiled->nodeOf[$red] ?? null, $compiled->nodeOf[$black] ?? null];
        if ($plus === null || $minus === null || $plus === $minus) {
            return $plus !== null && $plus === $minus ? $volts / $ohm : null;
        }
        $network = $compiled->network;
        $branches = $network->branches;
        foreach ($out as $id) {
            $k = $compiled->branchOf[$id] ?? null;
            $k === null ? null : ($branches[$k] = $branches[$k]->with(new Resistor(Overlay::OPEN_OHM)));
        }
        $solution = Solver::solve(
            new Network(
                $network->nodes,
                $branches,
                [new Source('instrument', $plus, $minus, $volts, $ohm)],
                $network->tails,
                [],
                $network->leaks,
            ),
        );

        return $solution->solved ? $solution->sourceAmps[0] ?? null : null;
    }
}
