<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\Shape;

/**
 * Takes what is gone out of a build, led by the shape of the format: only an id or a pin names a thing, so a position,
 * a pin's own name or a colour that reads the same stays. A field that may be left out goes, a record that can't be
 * without it goes whole, and what the host's wiring or an expression still stands on is refused by its name.
 */
final readonly class Sweep
{
    /** A reading is of one thing, taken under one condition: without either it says something else. */
    private const READINGS = '~^/probe/readings/\d+$~';

    /** Things that aren't taken along in silence when what they stand on goes. */
    private const STANDS = '~^/(host/(ways|wires|grounds)|devices|lights)/\d+$~';

    /** @param  array<string, true>  $gone */
    public function __construct(private array $gone)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     *
     * @throws BadBuild where something still stands on what is gone
     */
    public function through(array $data): array
    {
        return $this->record($data, FormatOne::shape(), '', '') ?? [];
    }

    /**
     * @param  array<array-key, mixed>  $record
     * @param  string  $owner  the thing it is part of
     * @return array<array-key, mixed>|null null: gone
     */
    private function record(array $record, Shape $shape, string $path, string $owner): ?array
    {
        $kind = is_string($record['kind'] ?? null) ? $record['kind'] : null;
        $fields = $shape->fieldsOf($kind);
        $own = self::refers(($fields['id'] ?? null)?->pattern) ? $record['id'] ?? null : null;
        if ($this->names($own) || $this->names($record['subject'] ?? null)) {
            return null;
        }
        if (preg_match(self::READINGS, $path) === 1 && $this->isOfGone($record)) {
            return null;
        }
        $owner = is_string($own) ? $own : $owner;
        $kept = [];
        foreach ($record as $field => $value) {
            if ($field === 'about' && $kind === 'measured') {
                // What was read stays read, whatever becomes of the place.
                $kept[$field] = $value;

                continue;
            }
            if (($fields[$field] ?? null)?->goesAlong === true && is_array($value) && $this->goesBy($value)) {
                continue;
            }
            $left = isset($fields[$field]) ? $this->value($value, $fields[$field], "{$path}/{$field}", $owner) : $value;
            if ($left !== null || $value === null) {
                $kept[$field] = $left;

                continue;
            }
            if (in_array($field, $shape->requiredOf($kind), true)) {
                return self::goes($path, $owner, is_string($value) ? $value : (string) $field);
            }
        }

        return $kept;
    }

    /** @param  array<array-key, mixed>  $reading */
    private function isOfGone(array $reading): bool
    {
        foreach (array_keys((array) ($reading['with'] ?? [])) as $input) {
            if ($this->names((string) $input)) {
                return true;
            }
        }

        return $this->names($reading['wire'] ?? null) || $this->names($reading['pin'] ?? null);
    }

    /** @return mixed null: nothing is left of it */
    private function value(mixed $value, Shape $shape, string $path, string $owner): mixed
    {
        if (is_string($value)) {
            return self::refers($shape->pattern) && $this->names($value) ? null : $value;
        }
        if (! is_array($value)) {
            return $value;
        }

        return match ($shape->type) {
            'record', 'variants' => $this->record($value, $shape, $path, $owner),
            'list' => $this->list($value, $shape, $path, $owner),
            'map' => $this->map($value, $shape, $path, $owner),
            'when' => $this->when($value, $path, $owner),
            default => $value,
        };
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return list<mixed>|null
     */
    private function list(array $list, Shape $shape, string $path, string $owner): ?array
    {
        $kept = [];
        foreach (array_values($list) as $i => $item) {
            $left = $shape->of === null ? $item : $this->value($item, $shape->of, "{$path}/{$i}", $owner);
            if ($left !== null || $item === null) {
                $kept[] = $left;
            }
        }

        return count($kept) < count($list) && count($kept) < (int) $shape->min ? null : $kept;
    }

    /**
     * @param  array<array-key, mixed>  $map
     * @return array<array-key, mixed>
     */
    private function map(array $map, Shape $shape, string $path, string $owner): array
    {
        $kept = [];
        foreach ($map as $key => $value) {
            if (self::refers($shape->pattern) && $this->names((string) $key)) {
                continue;
            }
            $left = $shape->of === null ? $value : $this->value($value, $shape->of, "{$path}/{$key}", $owner);
            if ($left !== null) {
                $kept[$key] = $left;
            }
        }

        return $kept;
    }

    /**
     * @param  array<array-key, mixed>  $when
     * @return array<array-key, mixed>
     */
    private function when(array $when, string $path, string $owner): array
    {
        $input = $when['input'] ?? null;
        if (is_string($input) && $this->names($input)) {
            $who = $owner === '' ? 'what may never be' : "`{$owner}`";
            throw BadBuild::at($path, "{$who} still goes by `{$input}`; say first what it goes by instead.");
        }
        foreach ($when as $inner) {
            if (is_array($inner)) {
                $this->when($inner, $path, $owner);
            }
        }

        return $when;
    }

    /** @param  array<array-key, mixed>  $when */
    private function goesBy(array $when): bool
    {
        return $this->names($when['input'] ?? null) ||
            array_filter($when, fn (mixed $inner): bool => is_array($inner) && $this->goesBy($inner)) !== [];
    }

    private static function refers(?string $pattern): bool
    {
        return $pattern === Shape::ID || $pattern === Shape::PIN;
    }

    private function names(mixed $word): bool
    {
        return is_string($word) && isset($this->gone[explode('.', $word)[0]]);
    }

    /** @throws BadBuild where it does not go along */
    private static function goes(string $path, string $owner, string $named): null
    {
        return preg_match(self::STANDS, $path) !== 1
            ? null
            : throw BadBuild::at($path, "`{$named}` is still used by `{$owner}`; take that off first.");
    }
}
