<?php

declare(strict_types=1);

namespace BenchGlow\Report;

use BenchGlow\Build\Build;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Want;
use BenchGlow\Build\When;

/** A circuit's wants held against the solution in every state that exists (solving.md H). */
final readonly class Intent
{
    /** Combinations judged; beyond it a circuit's other inputs would have to be held. */
    private const MAX_COMBINATIONS = 256;

    /**
     * @param  string  $verdict  met · not_met · unknown
     * @param  list<Mismatch>  $mismatches
     * @param  list<array<string, string>>  $combinations  input positions that exist
     */
    private function __construct(public string $verdict, public array $mismatches, public array $combinations, public int $never, public ?string $reason)
    {
    }

    /** @param  array<string, State>  $states */
    public static function judge(Build $build, Circuit $circuit, array $states, ?string $unsolvable): self
    {
        [$combinations, $never] = self::combinations($build, $circuit);
        if ($unsolvable !== null) {
            return new self('unknown', [], $combinations, $never, $unsolvable);
        }
        $mismatches = [];
        $unknown = null;
        foreach ($combinations as $inputs) {
            foreach ($states as $state) {
                if (! $state->solved) {
                    $unknown = $state->reason;

                    continue;
                }
                foreach (self::named($build, $circuit) as [$light, $emitter]) {
                    $solved = $state->lights[$light][$emitter] ?? null;
                    if ($solved === null || $solved->flux === []) {
                        $unknown = "`{$light}` has no way to a supply";

                        continue;
                    }
                    $miss = self::hold($build, $circuit, $inputs, $light, $emitter, $state->name, $solved);
                    if ($miss !== null) {
                        $mismatches[] = $miss;
                    }
                }
            }
        }

        return new self($mismatches !== [] ? 'not_met' : ($unknown !== null ? 'unknown' : 'met'), $mismatches, $combinations, $never, $unknown);
    }

    /**
     * @param  array<string, string>  $inputs
     */
    private static function hold(Build $build, Circuit $circuit, array $inputs, string $light, string $emitter, string $supply, EmitterState $solved): ?Mismatch
    {
        $wanted = 'dark';
        $flash = false;
        foreach ($circuit->wants as $want) {
            if (self::names($want, $light, $emitter) && $want->when->holds($inputs, $build->restPositions())) {
                [$wanted, $flash] = [$want->level, $want->flash];
                break;
            }
        }
        $level = $solved->level($build->settings);
        $ok = match ($wanted) {
            'free' => true,
            'on' => in_array($level, ['low', 'on', 'high'], true),
            default => $level === $wanted,
        } && ! ($flash && $wanted !== 'free');

        return $ok ? null : new Mismatch($inputs, $supply, $solved->name, $wanted.($flash ? ', flashing' : ''), $level,
            $wanted === 'dark' ? 'nothing on its way opens' : ($flash ? 'nothing on its way flashes' : 'too little reaches it'));
    }

    private static function names(Want $want, string $light, string $emitter): bool
    {
        return in_array($light, $want->glow, true) || in_array("{$light}.{$emitter}", $want->glow, true);
    }

    /** @return list<array{string, string}> light and emitter of everything the wants name */
    private static function named(Build $build, Circuit $circuit): array
    {
        $named = [];
        foreach ($build->lights as $light) {
            foreach (array_keys($light->emitters()) as $emitter) {
                foreach ($circuit->wants as $want) {
                    if (self::names($want, $light->id, $emitter)) {
                        $named["{$light->id}.{$emitter}"] = [$light->id, $emitter];
                    }
                }
            }
        }

        return array_values($named);
    }

    /** @return array{list<array<string, string>>, int} */
    private static function combinations(Build $build, Circuit $circuit): array
    {
        $inputs = [];
        foreach ($circuit->wants as $want) {
            foreach ($want->when->inputs() as $input) {
                $inputs[$input] = $build->positions($input);
            }
        }
        $all = [[]];
        foreach ($inputs as $input => $positions) {
            $next = [];
            foreach ($all as $so) {
                foreach ($positions as $position) {
                    $next[] = [...$so, $input => $position];
                }
            }
            $all = count($next) > self::MAX_COMBINATIONS ? $all : $next;
        }
        $never = array_map(fn ($w): When => new When($w->data), $build->document->fields()->objects('never'));
        $rest = $build->restPositions();
        $exist = array_values(array_filter($all, fn (array $c): bool => array_filter($never, fn (When $w): bool => $w->holds([...$rest, ...$c], $rest)) === []));

        return [$exist, count($all) - count($exist)];
    }
}
