<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each ground under load: ohms can't show it. */
final class Ground implements GateKind
{
    private const MOST_V = 0.2;

    public function key(): string
    {
        return 'ground';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $state = $proving->brightest();
        $gates = [];
        foreach ($works->things() as $id) {
            $ground = $works->build->grounds[$id] ?? null;
            if ($ground === null) {
                continue;
            }
            $gates[] = new Gate(
                "ground:{$id}",
                'ground',
                $works->circuit,
                'live',
                "All lit, {$proving->thrown($state)}: volts from ".
                    $works->pin($id).
                    ' to '.
                    $works->pin("{$ground->of}.minus").
                    '.',
                [new Expectation('volts', $id, "{$ground->of}.minus", low: -self::MOST_V, high: self::MOST_V)],
                'Paint under the ring, or loose.',
                $proving->with($state),
            );
        }

        return $gates;
    }
}
