<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\When;

/** The input combinations that can happen: the product of positions in document order, less those in `never`. */
final readonly class Combinations
{
    /** Combinations solved of the whole build, else of each circuit; inputs beyond that are held at rest and listed (solving.md G1). */
    private const MOST = 256;

    /**
     * @param  list<array<string, string>>  $all  positions of every input that acts on something; rest first
     * @param  array<string, list<string>>  $held  circuit => inputs that act on it and were kept at rest all the same
     */
    private function __construct(public array $all, public int $never, public array $held)
    {
    }

    /** @param  callable(): Cones  $cones  asked only where the whole product is too much */
    public static function of(Build $build, callable $cones): self
    {
        $named = array_intersect_key($build->restPositions(), self::named($build));
        [$all, $over] = self::product($build, $named, $named);
        $held = [];
        if ($over !== []) {
            // Each circuit in every position of what can reach its lights, everything else at rest.
            $reach = $cones();
            $all = [implode(' ', $named) => $named];
            foreach (array_keys($build->circuits) as $circuit) {
                [$its, $over] = self::product($build, array_intersect_key($named, $reach->inputs($circuit)), $named);
                $held[$circuit] = $over;
                foreach ($its as $so) {
                    $all[implode(' ', $so)] = $so;
                }
            }
        }
        $exist = array_values(array_filter($all, fn (array $so): bool => self::happens($build, $so)));

        return new self($exist, count($all) - count($exist), array_filter($held));
    }

    /** @param  array<string, string>  $so */
    public function exists(Build $build, array $so): bool
    {
        foreach ($so as $input => $position) {
            if (! in_array($position, $build->positions($input), true)) {
                return false;
            }
        }

        return self::happens($build, $so);
    }

    /** @param  array<string, string>  $so */
    public static function happens(Build $build, array $so): bool
    {
        $rest = $build->restPositions();
        foreach ($build->document->fields()->objects('never') as $never) {
            if ((new When($never->data))->holds([...$rest, ...$so], $rest)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, string>  $inputs  to be gone through, in the document's order
     * @param  array<string, string>  $rest
     * @return array{list<array<string, string>>, list<string>} combinations, and the inputs for which there was no room
     */
    private static function product(Build $build, array $inputs, array $rest): array
    {
        $all = [$rest];
        $over = [];
        foreach (array_keys($inputs) as $input) {
            $positions = $build->positions($input);
            if (count($all) * count($positions) > self::MOST) {
                $over[] = $input;

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

        return [$all, $over];
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
