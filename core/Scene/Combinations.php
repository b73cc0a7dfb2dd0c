<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\When;

/** The input combinations that can happen: the product of positions in document order, less those in `never`. */
final readonly class Combinations
{
    /** Combinations solved; inputs beyond that are held at rest and listed (solving.md G1). */
    private const MOST = 256;

    /**
     * @param  list<array<string, string>>  $all
     * @param  int  $never  combinations that can't happen
     * @param  list<string>  $held  inputs kept at rest
     */
    private function __construct(public array $all, public int $never, public array $held)
    {
    }

    public static function of(Build $build): self
    {
        $named = self::named($build);
        $all = [[]];
        $held = [];
        foreach (array_keys($build->restPositions()) as $input) {
            if (! isset($named[$input])) {
                continue;
            }
            $positions = $build->positions($input);
            if (count($all) * count($positions) > self::MOST) {
                $held[] = $input;

                continue;
            }
            $next = [];
            foreach ($all as $so) {
                foreach ($positions as $position) {
                    $next[] = [...$so, $input => $position];
                }
            }
            $all = $next;
        }
        $rest = $build->restPositions();
        $never = array_map(fn ($w): When => new When($w->data), $build->document->fields()->objects('never'));
        $exist = array_values(array_filter($all, fn (array $c): bool => array_filter($never, fn (When $w): bool => $w->holds([...$rest, ...$c], $rest)) === []));

        return new self($exist, count($all) - count($exist), $held);
    }

    /**
     * Inputs that act on the circuit or are named by a want.
     *
     * @return array<string, true>
     */
    private static function named(Build $build): array
    {
        $named = [];
        $take = function (mixed $node) use (&$take, &$named): void {
            foreach (is_array($node) ? $node : [] as $key => $value) {
                if ($key === 'input' && is_string($value)) {
                    $named[$value] = true;
                }
                $take($value);
            }
        };
        foreach (['circuits', 'devices', 'host'] as $section) {
            $take($build->document->data[$section] ?? []);
        }

        return $named;
    }
}
