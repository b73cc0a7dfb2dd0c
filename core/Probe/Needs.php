<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\Build;

/** Which wires of the host a build needs: what its wishes and its host wires go by, a ground, and a feed where it is asked for. */
final class Needs
{
    /** What a builder brings along: no wire of the host is looked for. */
    private const OWN = ['hand', 'remote', 'motion', 'dusk', 'other'];

    /**
     * @return array<string, list<string>> what it is called => functions that answer to it
     */
    public static function of(Build $build): array
    {
        $needs = ['ground' => ['ground']];
        $named = [];
        foreach ($build->circuits as $circuit) {
            foreach ($circuit->wants as $want) {
                self::named($want->when->data, $named);
            }
        }
        foreach ($build->wires as $wire) {
            self::named($wire->live(), $named);
        }
        foreach ($named as $id => $positions) {
            $input = $build->inputs[$id] ?? null;
            if ($input === null || in_array($input->kind, self::OWN, true)) {
                continue;
            }
            $sides =
                $input->kind === 'turn'
                    ? array_values(
                        array_filter(
                            ['left', 'right'],
                            fn (string $side): bool => self::asks($side, $positions, $input->positions),
                        ),
                    )
                    : [''];
            foreach ($sides as $side) {
                $functions = self::functions(Condition::kind($input), $side);
                if ($functions !== []) {
                    $needs[$functions[0]] = $functions;
                }
            }
        }

        return $needs;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, list<string>>  $named  input => positions that are asked for
     */
    private static function named(array $node, array &$named): void
    {
        if (is_string($node['input'] ?? null)) {
            $named[$node['input']] = [
                ...$named[$node['input']] ?? [],
                ...array_values(array_filter((array) ($node['is'] ?? []), is_string(...))),
            ];
        }
        foreach ($node as $inner) {
            if (is_array($inner)) {
                self::named($inner, $named);
            }
        }
    }

    /**
     * @param  list<string>  $asked
     * @param  list<string>  $positions
     */
    private static function asks(string $side, array $asked, array $positions): bool
    {
        $told = array_filter($positions, fn (string $p): bool => str_contains($p, $side)) !== [];

        return $asked === [] || ! $told || array_filter($asked, fn (string $p): bool => str_contains($p, $side)) !== [];
    }

    /** @return list<string> the plain one first */
    private static function functions(string $kind, string $side): array
    {
        return match ($kind) {
            'turn' => ["turn_{$side}", "brake_turn_{$side}"],
            'hazard' => ['turn_left', 'turn_right'],
            'brake' => ['brake'],
            'running' => ['running'],
            'reverse' => ['reverse'],
            'fog' => ['auxiliary'],
            'key' => ['accessory', 'ignition'],
            'door', 'courtesy' => ['courtesy_plus', 'courtesy_ground', 'door_switch'],
            'lid' => ['lid_plus', 'lid_switch'],
            'load' => ['load_out', 'load_control_plus', 'load_control_ground'],
            'charger' => ['charging'],
            default => [],
        };
    }
}
