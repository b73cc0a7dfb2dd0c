<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A relay whose coil is open, or whose contact sticks. */
final class RelayWrong implements FaultKind
{
    private const WEIGHT = 2.0;

    public function key(): string
    {
        return 'relay';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        $things = array_flip($works->things());
        foreach ($works->bodies->senses as $id => $sense) {
            if (
                ($works->build->devices[$sense->thing] ?? null) instanceof RelayDevice &&
                isset($things[$sense->thing])
            ) {
                $faults[] = new Fault(
                    "relay:{$id}@open",
                    'relay',
                    [$sense->thing],
                    'The coil of '.$works->pin($sense->thing).' is open',
                    self::WEIGHT,
                    new Overlay(set: [$id => Overlay::OPEN_OHM]),
                );
            }
        }
        foreach ($works->bodies->contacts as $id => $contact) {
            $relay = ($works->build->devices[$contact->thing] ?? null) instanceof RelayDevice;
            foreach ($relay && isset($things[$contact->thing]) ? ['never', 'always'] : [] as $how) {
                $faults[] = new Fault(
                    "relay:{$id}@{$how}",
                    'relay',
                    [$contact->thing],
                    'A contact of '.$works->pin($contact->thing).($how === 'never' ? ' never makes' : ' sticks'),
                    self::WEIGHT,
                    new Overlay(forced: [$id => $how]),
                );
            }
        }

        return $faults;
    }
}
