<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A supply that is low, or weak under load. */
final class SupplyWrong implements FaultKind
{
    private const WEIGHT = 3.0;

    private const LOW = 0.72;

    private const WEAK_OHM = 0.6;

    public function key(): string
    {
        return 'supply';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->build->supplies as $id => $supply) {
            foreach (
                ['low' => [self::LOW, 0.0, 'is low'], 'weak' => [1.0, self::WEAK_OHM, 'is weak under load']] as $how => [$share, $ohm, $words]
            ) {
                $faults[] = new Fault(
                    "supply:{$id}@{$how}",
                    'supply',
                    [(string) $id],
                    "{$supply->label} {$words}",
                    self::WEIGHT,
                    new Overlay(supplies: [(string) $id => [$share, $ohm]]),
                );
            }
        }

        return $faults;
    }
}
