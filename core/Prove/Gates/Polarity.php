<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Proving;

/** The sign and the volts in each plug before it is closed: what is behind it may not stand the other way round. */
final class Polarity implements GateKind
{
    /** Less than this is no supply. */
    private const LEAST_V = 1.0;

    /** An open plug shows the bank's own volts; a wire's drop is within so much. */
    private const SHARE = 0.05;

    public function key(): string
    {
        return 'polarity';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $state = $proving->brightest();
        $gates = [];
        foreach (self::plugs($works->cores) as $plug => $ways) {
            $scene = $proving->table->scene(
                new Overlay(added: array_fill_keys(array_column($ways, 'wire'), Overlay::OPEN_OHM)),
                $proving->with($state),
            );
            $best = null;
            foreach ($ways as $a) {
                foreach ($ways as $b) {
                    $v = $scene->lit->between($a['pin'], $b['pin']) ?? 0.0;
                    $best = $v > ($best[0] ?? self::LEAST_V) ? [$v, $a['pin'], $b['pin']] : $best;
                }
            }
            if ($best === null) {
                continue;
            }
            [$volts, $red, $black] = $best;
            $gates[] = new Gate(
                "polarity:{$plug}",
                'polarity',
                $works->circuit,
                'live',
                ucfirst($works->pin((string) $plug)).
                    " open, {$proving->thrown($state)}: red tip in ".
                    $works->pin($red).
                    ', black in '.
                    $works->pin($black).
                    '.',
                [
                    new Expectation(
                        'volts',
                        $red,
                        $black,
                        round($volts, 2),
                        round((1 - self::SHARE) * $volts, 2),
                        round((1 + self::SHARE) * $volts, 2),
                    ),
                ],
                'Cores that are crossed: turn them before anything is plugged in.',
                $proving->with($state),
            );
        }

        return $gates;
    }

    /**
     * @param  array<string, list<Wire>>  $cores
     * @return array<string, list<array{pin: string, wire: string}>> plug => its ways: the pin on the source's side, the wire behind it
     */
    private static function plugs(array $cores): array
    {
        $plugs = [];
        foreach ($cores as $wires) {
            foreach (array_slice($wires, 1) as $n => $wire) {
                if (preg_match('/^(.+)\.\d+b$/', $wire->from, $m) === 1) {
                    $plugs[$m[1]][] = ['pin' => $wires[$n]->to, 'wire' => $wire->id];
                }
            }
        }

        return array_filter($plugs, fn (array $ways): bool => count($ways) > 1);
    }
}
