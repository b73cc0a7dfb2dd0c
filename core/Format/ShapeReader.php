<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** Holds decoded JSON (objects as stdClass) against a shape and gives it back as arrays; the first misfit is thrown with its path. */
final class ShapeReader
{
    private const MAX_EXPRESSION_DEPTH = 8;

    /** @throws BadBuild */
    public static function read(Shape $shape, mixed $value, string $path = ''): mixed
    {
        if ($value === null && $shape->nullable) {
            return null;
        }

        return match ($shape->type) {
            'number' => self::number($shape, $value, $path),
            'integer' => self::integer($shape, $value, $path),
            'text' => self::text($shape, $value, $path),
            'flag' => is_bool($value) ? $value : throw BadBuild::expected($path, $shape->expected(), $value),
            'choice' => self::choice($shape, $value, $path),
            'list' => self::list($shape, $value, $path),
            'map' => self::map($shape, $value, $path),
            'duty' => self::duty($shape, $value, $path),
            'when' => self::expression($shape, $value, $path, ['input'], 1),
            'condition' => self::expression($shape, $value, $path, ['at', 'sense', 'hear'], 1),
            default => self::record($shape, $value, $path),
        };
    }

    private static function number(Shape $shape, mixed $value, string $path): int|float
    {
        $fits =
            (is_int($value) || is_float($value)) &&
            is_finite((float) $value) &&
            ($shape->min === null || $value >= $shape->min) &&
            ($shape->max === null || $value <= $shape->max);

        return $fits ? $value : throw BadBuild::expected($path, $shape->expected(), $value);
    }

    private static function integer(Shape $shape, mixed $value, string $path): int
    {
        // JSON has one kind of number: 3.0 is a whole one.
        $whole = is_float($value) && floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value;

        return is_int($whole) && $whole >= $shape->min && $whole <= $shape->max
            ? $whole
            : throw BadBuild::expected($path, $shape->expected(), $value);
    }

    private static function text(Shape $shape, mixed $value, string $path): string
    {
        if (! is_string($value) || ($shape->pattern !== null && preg_match("/{$shape->pattern}/D", $value) !== 1)) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }
        if ($shape->pattern === null && (mb_strlen($value) < $shape->min || mb_strlen($value) > $shape->max)) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }

        return $value;
    }

    private static function choice(Shape $shape, mixed $value, string $path): string
    {
        if (! is_string($value) || ! in_array($value, $shape->choices, true)) {
            $near = is_string($value) ? BadBuild::nearMiss($value, $shape->choices) : '';
            $bad = BadBuild::expected($path, $shape->expected(), $value);
            throw BadBuild::at($path, $bad->problem.$near);
        }

        return $value;
    }

    /** @return list<mixed> */
    private static function list(Shape $shape, mixed $value, string $path): array
    {
        if (! is_array($value) || count($value) < $shape->min || $shape->of === null) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }
        if (count($value) > $shape->max) {
            throw BadBuild::at(
                $path,
                'expected at most '.(int) $shape->max.' entries, found '.count($value).'.',
            );
        }
        $read = [];
        foreach (array_values($value) as $i => $item) {
            $read[] = self::read($shape->of, $item, "{$path}/{$i}");
        }

        return $read;
    }

    /** @return array<array-key, mixed> */
    private static function map(Shape $shape, mixed $value, string $path): array
    {
        if (! ($value instanceof \stdClass) || $shape->of === null) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }
        $read = [];
        foreach (get_object_vars($value) as $key => $item) {
            if (preg_match("/{$shape->pattern}/D", (string) $key) !== 1) {
                throw BadBuild::at($path, "`{$key}` can't be a name here.");
            }
            $read[$key] = self::read($shape->of, $item, "{$path}/{$key}");
        }

        return $read;
    }

    private static function duty(Shape $shape, mixed $value, string $path): int|float|string
    {
        if ($value === 'set' || ((is_int($value) || is_float($value)) && $value >= 0 && $value <= 1)) {
            return $value;
        }
        throw BadBuild::expected($path, $shape->expected(), $value);
    }

    /** @return array<string, mixed> */
    private static function record(Shape $shape, mixed $value, string $path): array
    {
        if (! ($value instanceof \stdClass)) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }
        $given = get_object_vars($value);
        $kind = null;
        if ($shape->type === 'variants') {
            if (! array_key_exists('kind', $given)) {
                throw BadBuild::missing($path, 'kind');
            }
            $kind = self::choice(Shape::choice(...array_keys($shape->variants)), $given['kind'], "{$path}/kind");
        }
        $fields = $shape->fieldsOf($kind);
        foreach (array_keys($given) as $name) {
            if (! isset($fields[$name])) {
                throw BadBuild::unknownField($path, (string) $name, array_keys($fields));
            }
        }
        foreach ($shape->requiredOf($kind) as $name) {
            if (! array_key_exists($name, $given)) {
                throw BadBuild::missing($path, $name);
            }
        }
        $read = [];
        foreach ($fields as $name => $field) {
            if (array_key_exists($name, $given)) {
                $read[$name] = self::read($field, $given[$name], "{$path}/{$name}");
            }
        }

        return $read;
    }

    /**
     * any/all over a list, not over one, or one of the leaves.
     *
     * @param  list<string>  $leaves
     * @return array<string, mixed>
     */
    private static function expression(Shape $shape, mixed $value, string $path, array $leaves, int $depth): array
    {
        if (! ($value instanceof \stdClass)) {
            throw BadBuild::expected($path, $shape->expected(), $value);
        }
        if ($depth > self::MAX_EXPRESSION_DEPTH) {
            throw BadBuild::at($path, 'the expression is nested more than '.self::MAX_EXPRESSION_DEPTH.' deep.');
        }
        $given = get_object_vars($value);
        $known = ['any', 'all', 'not', ...$leaves, ...in_array('input', $leaves, true) ? ['is'] : []];
        foreach (array_keys($given) as $name) {
            if (! in_array($name, $known, true)) {
                throw BadBuild::unknownField($path, (string) $name, $known);
            }
        }
        $heads = array_values(array_diff(array_keys($given), ['is']));
        if (count($heads) !== 1 || (isset($given['is']) && $heads !== ['input'])) {
            throw BadBuild::at($path, 'expected one of '.implode(', ', array_diff($known, ['is'])).'.');
        }
        $head = $heads[0];
        if ($head === 'any' || $head === 'all') {
            if (! is_array($given[$head])) {
                throw BadBuild::expected("{$path}/{$head}", 'a list of expressions', $given[$head]);
            }
            $items = [];
            foreach (array_values($given[$head]) as $i => $item) {
                $items[] = self::expression($shape, $item, "{$path}/{$head}/{$i}", $leaves, $depth + 1);
            }

            return [$head => $items];
        }
        if ($head === 'not') {
            return ['not' => self::expression($shape, $given['not'], "{$path}/not", $leaves, $depth + 1)];
        }

        return self::leaf($given, $head, $path);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    private static function leaf(array $given, string $head, string $path): array
    {
        $read = [
            $head => self::read($head === 'input' ? Shape::id() : Shape::local(), $given[$head], "{$path}/{$head}"),
        ];
        if (array_key_exists('is', $given)) {
            $read['is'] = is_array($given['is'])
                ? self::read(Shape::list(Shape::local(), 1, 20), $given['is'], "{$path}/is")
                : self::read(Shape::local(), $given['is'], "{$path}/is");
        }

        return $read;
    }
}
