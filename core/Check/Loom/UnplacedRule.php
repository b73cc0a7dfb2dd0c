<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\LayLoom;
use BenchGlow\Quantity\Words;

/** Wires that have no way yet, though others are laid. */
final class UnplacedRule implements Rule
{
    public function id(): string
    {
        return 'harness.unplaced';
    }

    public function check(Analysis $analysis): array
    {
        $list = LoomSeen::of($analysis);
        $unlaid = $list->loom->unlaid();
        if ($analysis->build->places === [] || $unlaid === []) {
            return [];
        }
        $n = count($unlaid);

        return [
            new Finding(
                $this->id(),
                Severity::Note,
                null,
                $unlaid[0],
                Words::first(Words::count($n, 'wire')).
                    ' '.
                    ($n === 1 ? 'has' : 'have').
                    ' no way yet: say where what they join sits.',
                'Lay it out from the circuit',
                new LayLoom(),
            ),
        ];
    }
}
