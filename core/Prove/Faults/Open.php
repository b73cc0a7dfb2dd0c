<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A joint, crimp or plug way that does not conduct. */
final class Open implements FaultKind
{
    public function key(): string
    {
        return 'open';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach (Ends::of($works) as $end) {
            $faults[] = new Fault(
                "open:{$end->key}",
                'open',
                [$end->pin],
                ucfirst($end->words($works)).' is open',
                $end->weight($works),
                new Overlay(added: [$end->wire => Overlay::OPEN_OHM]),
            );
        }

        return $faults;
    }
}
