<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

/** The phases of a PWM period as one state. */
final class Phases
{
    /**
     * Width-weighted mean of flux, watts and amps; volts, drop and contact amps stay those of the first, hungriest phase.
     *
     * @param  non-empty-list<array{float, State}>  $phases
     */
    public static function mean(array $phases): State
    {
        $first = $phases[0][1];
        $lights = [];
        foreach ($first->lights as $light => $emitters) {
            foreach ($emitters as $name => $emitter) {
                $flux = array_fill(0, count($emitter->flux), 0.0);
                $watts = 0.0;
                foreach ($phases as [$width, $state]) {
                    foreach ($state->lights[$light][$name]->flux as $k => $f) {
                        $flux[$k] += $width * $f;
                    }
                    $watts += $width * $state->lights[$light][$name]->watts;
                }
                $lights[$light][$name] = new EmitterState(
                    $emitter->name,
                    $emitter->colour,
                    array_values($flux),
                    $emitter->volts,
                    $watts,
                );
            }
        }
        $supplyAmps = [];
        foreach (array_keys($first->supplyAmps) as $supply) {
            $supplyAmps[$supply] = array_sum(
                array_map(fn (array $p): float => $p[0] * $p[1]->supplyAmps[$supply], $phases),
            );
        }
        $solved = array_filter($phases, fn (array $p): bool => ! $p[1]->solved) === [];

        return new State(
            $first->name,
            $solved,
            self::reasons($phases),
            max(array_map(fn (array $p): float => $p[1]->residualA, $phases)),
            max(array_map(fn (array $p): int => $p[1]->newton, $phases)),
            $first->volts,
            $first->amps,
            $supplyAmps,
            $lights + $first->lights,
            $first->floating,
        );
    }

    /**
     * What is odd in any phase, each once; of a later one it is said that it is one.
     *
     * @param  non-empty-list<array{float, State}>  $phases
     */
    private static function reasons(array $phases): ?string
    {
        $said = [];
        foreach ($phases as $n => [, $state]) {
            if ($state->reason !== null) {
                $said[$state->reason] ??= $n === 0 ? $state->reason : "{$state->reason}, in the pause of the dimming";
            }
        }

        return $said === [] ? null : implode('; ', $said);
    }
}
