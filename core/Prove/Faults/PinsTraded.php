<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** Two wires of a relay on each other's pins, as its base is easily read from the wrong side. */
final class PinsTraded implements FaultKind
{
    private const WEIGHT = 2.0;

    private const PAIRS = [['87', '87a'], ['30', '87'], ['30', '87a'], ['85', '30'], ['86', '87']];

    public function key(): string
    {
        return 'pins';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->things() as $id) {
            $relay = $works->build->devices[$id] ?? null;
            if (! ($relay instanceof RelayDevice)) {
                continue;
            }
            $pins = $relay->part->fields->texts('pins');
            foreach (self::PAIRS as [$a, $b]) {
                $moved = [
                    ...self::moved($works, "{$id}.{$a}", "{$id}.{$b}"),
                    ...self::moved($works, "{$id}.{$b}", "{$id}.{$a}"),
                ];
                if ($moved === [] || ! in_array($a, $pins, true) || ! in_array($b, $pins, true)) {
                    continue;
                }
                $faults[] = new Fault(
                    "pins:{$id}@{$a}-{$b}",
                    'pins',
                    ["{$id}.{$a}", "{$id}.{$b}"],
                    'The wires of '.$works->pin($id)." are traded between {$a} and {$b}",
                    self::WEIGHT,
                    new Overlay(moved: $moved),
                );
            }
        }

        return $faults;
    }

    /** @return list<array{string, string, string}> */
    private static function moved(Works $works, string $from, string $to): array
    {
        $moved = [];
        foreach ($works->harness->wires as $wire) {
            if ($wire->from === $from || $wire->to === $from) {
                $moved[] = [$wire->id, $from, $to];
            }
        }

        return $moved;
    }
}
