<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** Canonical JSON: fields in the shape's order, four spaces, whole numbers without a point, shortest digits that read back. */
final class ShapeWriter
{
    public static function write(Shape $shape, mixed $value): string
    {
        return json_encode(
            self::ordered($shape, $value),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    private static function ordered(Shape $shape, mixed $value): mixed
    {
        if (is_float($value) && floor($value) === $value && abs($value) < 1e15) {
            return (int) $value;
        }
        if (! is_array($value)) {
            return $value;
        }
        $of = $shape->of;
        if ($shape->type === 'list' && $of !== null) {
            return array_values(array_map(fn (mixed $v): mixed => self::ordered($of, $v), $value));
        }
        if ($shape->type === 'map' && $of !== null) {
            return (object) array_map(fn (mixed $v): mixed => self::ordered($of, $v), $value);
        }
        if ($shape->type === 'when' || $shape->type === 'condition') {
            return (object) $value;
        }
        $ordered = [];
        $kind = $value['kind'] ?? null;
        foreach ($shape->fieldsOf(is_string($kind) ? $kind : null) as $name => $field) {
            if (array_key_exists($name, $value)) {
                $ordered[$name] = self::ordered($field, $value[$name]);
            }
        }

        return (object) $ordered;
    }
}
