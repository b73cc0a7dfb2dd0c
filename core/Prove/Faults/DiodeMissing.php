<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A diode that was left out: its wire goes through. */
final class DiodeMissing implements FaultKind
{
    private const WEIGHT = 2.0;

    public function key(): string
    {
        return 'diode_missing';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'diode') {
                    $faults[] = new Fault(
                        "diode_missing:{$thing->id}",
                        'diode_missing',
                        [$thing->id],
                        'The diode in '.$works->wire($lead, $thing->core).' is not there, its wire goes through',
                        self::WEIGHT,
                        new Overlay(set: [$thing->id => Overlay::BRIDGE_OHM]),
                    );
                }
            }
        }

        return $faults;
    }
}
