<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Once more with all closed: one lit state and one dark one. */
final class Closed implements GateKind
{
    public function key(): string
    {
        return 'closed';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $bright = $proving->brightest();
        $gates = [];
        foreach (array_unique([$bright, $this->dark($proving)]) as $state) {
            $expected = [];
            foreach ($proving->lit($state) as $emitter => $word) {
                $expected[] = new Expectation('look', word: $word, emitter: (string) $emitter);
            }
            $gates[] = new Gate(
                "closed:{$works->circuit}@".($state === $bright ? 'lit' : 'dark'),
                'closed',
                $works->circuit,
                'live',
                'All closed, '.$proving->thrown($state).': what glows.',
                $expected,
                'Pinched as it closed, or a plug that came out.',
                $proving->with($state),
            );
        }

        return $gates;
    }

    private function dark(Proving $proving): int
    {
        foreach (array_keys($proving->table->states) as $n) {
            if (! in_array('glows', $proving->lit($n), true)) {
                return $n;
            }
        }

        return $proving->brightest();
    }
}
