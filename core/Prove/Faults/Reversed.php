<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A light with plus and minus traded, a diode the wrong way round. */
final class Reversed implements FaultKind
{
    private const LIGHT = 5.0;

    private const DIODE = 4.0;

    public function key(): string
    {
        return 'reversed';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->build->lightsOf($works->circuit) as $light) {
            $moved = self::traded($works, $light->id);
            if ($moved !== []) {
                $faults[] = new Fault(
                    "reversed:{$light->id}",
                    'reversed',
                    [$light->id],
                    "{$light->label} has plus and minus traded",
                    self::LIGHT,
                    new Overlay(moved: $moved),
                );
            }
        }
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'diode') {
                    $faults[] = new Fault(
                        "reversed:{$thing->id}",
                        'reversed',
                        [$thing->id],
                        'The diode in '.$works->wire($lead, $thing->core).' is the wrong way round',
                        self::DIODE,
                        new Overlay(turned: [$thing->id]),
                    );
                }
            }
        }

        return $faults;
    }

    /** @return list<array{string, string, string}> ends on the light's plus and minus, each on the other's pin; [] where it has not both */
    private static function traded(Works $works, string $light): array
    {
        $moved = [];
        $signs = [];
        foreach ($works->harness->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $pin) {
                if (preg_match('/^'.preg_quote($light, '/').'\.(.*\.)?(plus|minus)$/', $pin, $m) !== 1) {
                    continue;
                }
                $other = $m[2] === 'plus' ? 'minus' : 'plus';
                $signs[$m[1].$m[2]] = true;
                $moved[] = [$wire->id, $pin, "{$light}.{$m[1]}{$other}", $m[1].$other];
            }
        }
        // Only where both of a pair are wired: else there is nothing to trade with.
        foreach ($moved as $one) {
            if (! isset($signs[$one[3]])) {
                return [];
            }
        }

        return array_map(fn (array $m): array => [$m[0], $m[1], $m[2]], $moved);
    }
}
