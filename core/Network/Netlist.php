<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\FilamentLaw;
use BenchGlow\Law\HeldLaw;
use BenchGlow\Law\Law;
use BenchGlow\Law\LinearLaw;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/**
 * A network as plain text in the common circuit-description syntax: R, V, I, D with its model, E and B where a law has no element.
 * A string of N LEDs with its resistor is ONE diode: IS = Is, N = a/Vt, RS = b are exactly its closed form.
 */
final class Netlist
{
    /** Thermal volts at 25 °C, at which the models are written. */
    private const VT = 8.617333262e-5 * 298.15;

    /** Below this ln Is the saturation current has no place in a double; volts in series stand for the rest of it. */
    private const LEAST_LN_IS = -600.0;

    /** Ties a piece no supply reaches to the reference, so that every node has volts (ohms). */
    private const TIE_OHM = 1e9;

    /** Less conductance than this to the rest counts as floating (solving.md F1). */
    private const FLOATING_OHM = 1e6;

    private const TIE_FLOATING_OHM = 1e3;

    /** @var array<int, string> */
    private array $names = [];

    /** @var array<string, string> model text by its numbers */
    private array $models = [];

    /** @var list<string> */
    private array $lines = [];

    private function __construct(private readonly Network $network, private readonly Solution $solution)
    {
        foreach ($network->nodes as $n => $name) {
            $this->names[$n] = 'n'.$n.'_'.preg_replace('/[^A-Za-z0-9_]/', '_', $name);
        }
        if ($network->sources !== []) {
            $this->names[$network->sources[0]->minus] = '0';
        }
    }

    /**
     * @param  list<string>  $head  title first, then what the file is of
     * @param  Solution  $solution  of this network: what a switching load holds is its amps there
     */
    public static function of(Network $network, array $head, Solution $solution): string
    {
        return (new self($network, $solution))->text($head);
    }

    /** @return array<int, string> node of the network => its name in the text */
    public static function names(Network $network, Solution $solution): array
    {
        return (new self($network, $solution))->names;
    }

    /** @param  list<string>  $head */
    private function text(array $head): string
    {
        foreach ($head as $line) {
            $this->lines[] = '* '.str_replace(["\r", "\n"], ' ', $line);
        }
        $this->lines[] = '* made by bench-glow; volts, amps, ohms, 25 C';
        foreach ($this->network->sources as $k => $s) {
            $this->lines[] = "V{$k} inner_{$k} {$this->names[$s->minus]} DC ".self::n($s->volts);
            $this->lines[] = "RV{$k} inner_{$k} {$this->names[$s->plus]} ".self::n($s->ohm);
        }
        foreach ($this->network->branches as $k => $b) {
            $this->lines[] = "* {$b->id}";
            $this->element(
                (string) $k,
                $b->law,
                $this->names[$b->from],
                $this->names[$b->to],
                $this->solution->amps[$k],
            );
        }
        $this->tie();
        $this->tieFloating();

        return implode("\n", [
            ...$this->lines,
            ...array_values($this->models),
            '.options tnom=25 temp=25 reltol=1e-9 abstol=1e-14 vntol=1e-9 gmin=1e-15',
            '.op',
            '.end',
        ])."\n";
    }

    private function element(string $k, Law $law, string $from, string $to, float $amps): void
    {
        match (true) {
            $law instanceof Resistor => ($this->lines[] = "R{$k} {$from} {$to} ".self::n($law->ohm)),
            $law instanceof StringLaw => $this->string($k, $law, $from, $to),
            $law instanceof HeldLaw => $this->held($k, $law, $from, $to, $amps),
            $law instanceof LinearLaw => $this->linear($k, $law, $from, $to),
            $law instanceof FilamentLaw => $this->filament($k, $law, $from, $to),
            default => ($this->lines[] = "R{$k} {$from} {$to} ".self::n(1.0 / $law->chord())),
        };
    }

    private function string(string $k, StringLaw $law, string $from, string $to): void
    {
        $anode = $from;
        $ln = $law->lnIs;
        if ($ln < self::LEAST_LN_IS) {
            $anode = "shift_{$k}";
            $this->lines[] = "VD{$k} {$from} {$anode} DC ".self::n($law->a * (self::LEAST_LN_IS - $ln));
            $ln = self::LEAST_LN_IS;
        }
        $numbers =
            'IS='.self::n(exp($ln)).' N='.self::n($law->a / self::VT).' RS='.self::n($law->b).' TNOM=25';
        $name = 'M'.count($this->models);
        $this->models[$numbers] ??= ".model {$name} D({$numbers})";
        $this->lines[] = "D{$k} {$anode} {$to} ".explode(' ', $this->models[$numbers])[1];
        if ($law->leakS() > 0.0) {
            $this->lines[] = "RD{$k} {$from} {$to} ".self::n(1.0 / $law->leakS());
        }
    }

    /** Its amps at the solution: the law P/u has a second, unstable point that a simulator would find as well. */
    private function held(string $k, HeldLaw $law, string $from, string $to, float $amps): void
    {
        $this->lines[] = "* switching load, holds {$law->watts} W from {$law->fromV} V up: as solved";
        $this->lines[] = "I{$k} {$from} {$to} DC ".self::n($amps);
    }

    /** The lesser of its dropout curve, measured on a copy of its volts, and what it holds. */
    private function linear(string $k, LinearLaw $law, string $from, string $to): void
    {
        $this->lines[] = "E{$k} copy_{$k} 0 {$from} {$to} 1";
        $this->string("L{$k}", $law->belowDropout(), "copy_{$k}", "sum_{$k}");
        $this->lines[] = "VL{$k} sum_{$k} 0 DC 0";
        $this->lines[] =
            "B{$k} {$from} {$to} I=min(I(VL{$k}),".
            self::n($law->ampsA).
            '+'.
            self::n(LinearLaw::FLAT).
            "*(V({$from},{$to})-".
            self::n($law->dropoutV).
            '))';
    }

    private function filament(string $k, FilamentLaw $law, string $from, string $to): void
    {
        // The volts never quite 0 in the power, whose slope has no value there; cold it counts a tenth of hot anyway.
        $u = "V({$from},{$to})";
        $this->lines[] =
            "B{$k} {$from} {$to} I={$u}/(".
            self::n($law->hotOhm).
            '*max('.
            self::n(FilamentLaw::COLD).
            ",pow(max(abs({$u}),1e-9)/".
            self::n($law->ratedV).
            ','.
            self::n(FilamentLaw::EXPONENT).
            ')))';
    }

    /** One tie for each piece that hangs on the reference by nothing. */
    private function tie(): void
    {
        $islands = Islands::of($this->network);
        $done = [];
        foreach ($this->names as $n => $name) {
            if ($name === '0') {
                $done[$islands->find($n)] = true;
            }
        }
        foreach ($islands->anchors($this->network) as $n => $_) {
            $this->tieNode($islands, $n, $done);
        }
        foreach (array_keys($this->names) as $n) {
            $this->tieNode($islands, $n, $done);
        }
    }

    /**
     * What hangs behind dark junctions or open contacts alone has no volts a meter could trust and no simulator finds; a firm tie to what it hangs
     * behind carries their leak and no more.
     */
    private function tieFloating(): void
    {
        $pieces = new Islands(count($this->names));
        foreach ($this->network->branches as $b) {
            if ($b->law instanceof Resistor && $b->law->ohm <= self::FLOATING_OHM) {
                $pieces->join($b->from, $b->to);
            }
        }
        $done = [];
        foreach ($this->names as $n => $name) {
            $floats = isset($this->solution->floating[$n]) || $this->solution->volts[$n] === null;
            if ($floats && $name !== '0' && ! isset($done[$pieces->find($n)])) {
                $done[$pieces->find($n)] = true;
                $behind = isset($this->solution->floating[$n]) ? $this->names[$this->solution->floating[$n]] : '0';
                $this->lines[] = "RF{$n} {$name} {$behind} ".self::n(self::TIE_FLOATING_OHM);
            }
        }
    }

    /** @param  array<int, true>  $done */
    private function tieNode(Islands $islands, int $n, array &$done): void
    {
        if (! isset($done[$islands->find($n)])) {
            $done[$islands->find($n)] = true;
            $this->lines[] = "RT{$n} {$this->names[$n]} 0 ".self::n(self::TIE_OHM);
        }
    }

    private static function n(float $x): string
    {
        return (string) json_encode($x);
    }
}
