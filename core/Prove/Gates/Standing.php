<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** What is drawn with all at rest: it empties the bank. */
final class Standing implements GateKind
{
    public function key(): string
    {
        return 'standing';
    }

    public function gates(Proving $proving): array
    {
        $gates = [];
        foreach (array_keys($proving->works->build->supplies) as $supply) {
            $gates[] = new Gate(
                "standing:{$supply}",
                'standing',
                null,
                'live',
                'Meter in line with '.$proving->works->pin((string) $supply).', all at rest: amps.',
                [$proving->expected->draw($proving->works->build->restPositions(), (string) $supply)],
                'It would be flat one morning.',
            );
        }

        return $gates;
    }
}
