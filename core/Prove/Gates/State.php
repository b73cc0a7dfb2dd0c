<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Gates;

use BenchGlow\Build\Light;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateKind;
use BenchGlow\Prove\Proving;

/** Each state that matters: what glows, and the volts at the light. */
final class State implements GateKind
{
    public function key(): string
    {
        return 'state';
    }

    public function gates(Proving $proving): array
    {
        $works = $proving->works;
        $gates = [];
        foreach ($proving->matter->states as $state) {
            $with = $proving->with($state);
            $expected = [];
            foreach ($proving->lit($state) as $emitter => $word) {
                $expected[] = new Expectation('look', word: $word, emitter: (string) $emitter);
            }
            foreach ($works->build->lightsOf($works->circuit) as $light) {
                $volts = self::volts($proving, $light, $with);
                $volts === null ? null : ($expected[] = $volts);
            }
            $thrown = array_diff_assoc($with, $works->build->restPositions());
            ksort($thrown);
            $said = implode(
                ',',
                array_map(fn (string $i, string $p): string => "{$i}={$p}", array_keys($thrown), $thrown),
            );
            $gates[] = new Gate(
                "state:{$works->circuit}".($said === '' ? '' : "@{$said}"),
                'state',
                $works->circuit,
                'live',
                ucfirst($proving->thrown($state)).': what glows, and the volts at the light’s far end.',
                $expected,
                'One of the faults that were simulated: look for it.',
                $with,
                'A phone that films the light sees it from the switch.',
            );
        }

        return $gates;
    }

    /** @param  array<string, string>  $with */
    private static function volts(Proving $proving, Light $light, array $with): ?Expectation
    {
        $emitters = array_keys($light->emitters());
        if (in_array($light->id, $proving->works->farEnds(), true)) {
            [$red, $black] = ["{$light->id}.end.plus", "{$light->id}.end.minus"];

            return $proving->expected->farVolts($with, $light->id, (string) $emitters[0], $red, $black);
        }
        [$plus, $minus] = self::ends($proving, $light->id);

        return $plus === null || $minus === null ? null : $proving->expected->volts($with, $plus, $minus);
    }

    /** @return array{string|null, string|null} pins of a light for the two tips, the furthest that are wired */
    public static function ends(Proving $proving, string $light): array
    {
        $ends = ['plus' => null, 'minus' => null];
        foreach ($proving->works->harness->wiredPins($light) as $pin) {
            foreach (array_keys($ends) as $sign) {
                $ends[$sign] = str_ends_with($pin, ".{$sign}") ? $pin : $ends[$sign];
            }
        }

        return [$ends['plus'], $ends['minus']];
    }
}
