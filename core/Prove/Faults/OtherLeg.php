<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A fuse tap that sits the other way round in its way: its circuit hangs behind the fuse of the way. */
final class OtherLeg implements FaultKind
{
    private const WEIGHT = 4.0;

    public function key(): string
    {
        return 'leg';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->things() as $thing) {
            $tap = $works->build->devices[$thing] ?? null;
            if ($tap instanceof FuseTapDevice && $tap->side() !== null) {
                $faults[] = new Fault(
                    "leg:{$thing}",
                    'leg',
                    [$thing],
                    ucfirst($works->pin($thing)).' sits the other way round',
                    self::WEIGHT,
                    new Overlay(written: [[$thing, 'live_leg', $tap->side() === 'line' ? 'other' : 'common']]),
                );
            }
        }

        return $faults;
    }
}
