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
    /** Between both ends of a strip; less is the meter's. */
    private const TELLING_V = 0.3;

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
                $expected = [...$expected, ...self::volts($proving, $light, $with)];
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

    /**
     * Across the far end; across the fed one too where a strip loses enough between them to tell its rails by.
     *
     * @param  array<string, string>  $with
     * @return list<Expectation>
     */
    private static function volts(Proving $proving, Light $light, array $with): array
    {
        if (in_array($light->id, $proving->works->farEnds(), true)) {
            $emitter = (string) array_keys($light->emitters())[0];
            [$red, $black] = ["{$light->id}.end.plus", "{$light->id}.end.minus"];
            $far = $proving->expected->farVolts($with, $light->id, $emitter, $red, $black);
            $fed = $proving->expected->nearVolts($with, $light->id, $emitter);

            return ($fed->value ?? 0.0) - ($far->value ?? 0.0) < self::TELLING_V ? [$far] : [$far, $fed];
        }
        [$plus, $minus] = self::ends($proving, $light->id);

        return $plus === null || $minus === null ? [] : [$proving->expected->volts($with, $plus, $minus)];
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
