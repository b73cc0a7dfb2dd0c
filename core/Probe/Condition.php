<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\Input;
use BenchGlow\Build\When;

/** Positions of the build's inputs while a reading is taken, read by kind; what is not named rests. */
final readonly class Condition
{
    /**
     * @param  array<string, string>  $with  input => position, without those at rest
     * @param  array<string, list<array{string, list<string>}>>  $thrown  kind => position, and the others its input has
     */
    private function __construct(public array $with, private array $thrown, private bool $keyed)
    {
    }

    /**
     * @param  array<string, Input>  $inputs  of the build, by id
     * @param  array<array-key, mixed>  $with
     */
    public static function of(array $inputs, array $with): self
    {
        $kept = $thrown = [];
        foreach ($inputs as $id => $input) {
            $position = $with[$id] ?? $input->rest();
            if (is_string($position) && $position !== $input->rest() && in_array($position, $input->positions, true)) {
                $kept[$id] = $position;
                $thrown[self::kind($input)][] = [$position, $input->positions];
            }
        }

        $keyed = array_filter($inputs, fn (Input $i): bool => $i->kind === 'key') !== [];

        return new self($kept, $thrown, $keyed);
    }

    /** A charger is a load that feeds, a dimmer a knob for the dials: their names say so. */
    public static function kind(Input $input): string
    {
        $named = "{$input->id} {$input->label}";

        return match (true) {
            $input->kind === 'load' && preg_match('/charg/i', $named) === 1 => 'charger',
            $input->kind === 'other' && preg_match('/dim/i', $named) === 1 => 'dimmer',
            default => $input->kind,
        };
    }

    /** @param  array<array-key, mixed>  $when  over kinds of inputs */
    public function holds(array $when): bool
    {
        return When::truth($when, $this->leaf(...));
    }

    /** @param  array<array-key, mixed>  $leaf  {"kind", "is"} */
    private function leaf(array $leaf): bool
    {
        $kind = is_string($leaf['kind'] ?? null) ? $leaf['kind'] : '';
        // A host without a key is as if it were always turned.
        if ($kind === 'key' && ! $this->keyed) {
            return true;
        }
        foreach ($this->thrown[$kind] ?? [] as [$position, $positions]) {
            $meant = array_filter((array) ($leaf['is'] ?? []), is_string(...));
            if ($meant === [] || self::means($position, $positions, $meant)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The position is the one that is meant; a switch of two positions has only the one.
     *
     * @param  list<string>  $positions
     * @param  array<array-key, string>  $meant
     */
    private static function means(string $position, array $positions, array $meant): bool
    {
        foreach ($meant as $word) {
            if (str_contains($position, $word)) {
                return true;
            }
            $told = array_filter($positions, fn (string $p): bool => str_contains($p, $word));
            if ($told === [] && ($word === 'run' ? ! str_contains($position, 'acc') : count($positions) === 2)) {
                return true;
            }
        }

        return false;
    }

    public function isRest(): bool
    {
        return $this->with === [];
    }

    public function key(): string
    {
        return json_encode($this->with, JSON_THROW_ON_ERROR);
    }
}
