<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\HeldLaw;
use BenchGlow\Law\Law;
use BenchGlow\Law\LinearLaw;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;

/**
 * A network as plain text in the common circuit-description syntax: R, V, D with its model, B for laws that have no element.
 * A string of N LEDs with its resistor is ONE diode: IS = Is, N = a/Vt, RS = b are exactly its closed form.
 */
final class Netlist
{
    /** Thermal volts at 25 °C, at which the models are written. */
    private const VT = 8.617333262e-5 * 298.15;

    public static function of(Network $network, string $title): string
    {
        $names = [];
        foreach ($network->nodes as $n => $name) {
            $names[$n] = (string) preg_replace('/[^A-Za-z0-9_]/', '_', $name)."_{$n}";
        }
        foreach ($network->sources as $k => $source) {
            if ($k === 0) {
                $names[$source->minus] = '0';
            }
        }
        $lines = ['* '.str_replace(["\r", "\n"], ' ', $title), '* made by bench-glow; volts, amps, ohms, 25 C'];
        foreach ($network->sources as $k => $s) {
            $lines[] = "V{$k} inner_{$k} {$names[$s->minus]} ".self::n($s->volts);
            $lines[] = "Rv{$k} inner_{$k} {$names[$s->plus]} ".self::n($s->ohm);
        }
        $models = [];
        foreach ($network->branches as $k => $b) {
            $lines[] = self::element($k, $b->law, $names[$b->from], $names[$b->to], $models)." ; {$b->id}";
        }

        return implode("\n", [...$lines, ...array_values($models), '.temp 25', '.op', '.end'])."\n";
    }

    /** @param  array<string, string>  $models */
    private static function element(int $k, Law $law, string $from, string $to, array &$models): string
    {
        if ($law instanceof Resistor) {
            return "R{$k} {$from} {$to} ".self::n($law->ohm);
        }
        if ($law instanceof StringLaw) {
            $key = self::n($law->is).' '.self::n($law->a).' '.self::n($law->b);
            $name = 'M'.count($models);
            $models[$key] ??=
                ".model {$name} D(IS=".
                self::n($law->is).
                ' N='.
                self::n($law->a / self::VT).
                ' RS='.
                self::n($law->b).
                ')';
            $name = explode(' ', $models[$key])[1];

            return "D{$k} {$from} {$to} {$name}";
        }
        if ($law instanceof HeldLaw) {
            return "B{$k} {$from} {$to} I=".
                self::n($law->watts).
                "/max(V({$from},{$to}),".
                self::n($law->fromV).
                ')';
        }
        if ($law instanceof LinearLaw) {
            return "B{$k} {$from} {$to} I=".
                self::n($law->ampsA).
                "*min(1,max(0,V({$from},{$to})/".
                self::n($law->dropoutV).
                '))';
        }

        return "R{$k} {$from} {$to} ".self::n(1.0 / $law->chord());
    }

    private static function n(float $x): string
    {
        return (string) json_encode($x);
    }
}
