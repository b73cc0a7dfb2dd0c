<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A joint that conducts badly: a little, or much. */
final class Resistance implements FaultKind
{
    private const SHARE = 0.35;

    private const OHMS = ['little' => 0.4, 'much' => 3.0];

    public function key(): string
    {
        return 'resistance';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach (Ends::of($works) as $end) {
            foreach (self::OHMS as $how => $ohm) {
                $faults[] = new Fault(
                    "resistance:{$end->key}@{$how}",
                    'resistance',
                    [$end->pin],
                    ucfirst($end->words($works)).' conducts badly, about '.$ohm.' Ω',
                    self::SHARE * $end->weight($works),
                    new Overlay(added: [$end->wire => $ohm]),
                );
            }
        }

        return $faults;
    }
}
