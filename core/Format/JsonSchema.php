<?php

declare(strict_types=1);

namespace BenchGlow\Format;

/** The published JSON Schema (draft 2020-12) of a shape: `if kind then` per variant, never `oneOf`, so one typo is one message. */
final class JsonSchema
{
    /** @return array<string, mixed> */
    public static function of(Shape $shape): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Bench Glow build, format 1',
            ...self::schema($shape),
            '$defs' => [
                'when' => self::expression('when', ['input']),
                'condition' => self::expression('condition', ['at', 'sense', 'hear']),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function schema(Shape $shape): array
    {
        $schema = match ($shape->type) {
            'number', 'integer' => self::range($shape),
            'text' => [
                'type' => 'string',
                ...$shape->pattern !== null
                    ? ['pattern' => $shape->pattern]
                    : ['minLength' => (int) $shape->min, 'maxLength' => (int) $shape->max],
            ],
            'flag' => ['type' => 'boolean'],
            'choice' => ['enum' => $shape->choices],
            'list' => [
                'type' => 'array',
                'items' => $shape->of === null ? true : self::schema($shape->of),
                'minItems' => (int) $shape->min,
                'maxItems' => (int) $shape->max,
            ],
            'map' => [
                'type' => 'object',
                'propertyNames' => ['pattern' => (string) $shape->pattern],
                'additionalProperties' => $shape->of === null ? true : self::schema($shape->of),
            ],
            'duty' => [
                'if' => ['type' => 'string'],
                'then' => ['const' => 'set'],
                'else' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1],
            ],
            'when', 'condition' => ['$ref' => "#/\$defs/{$shape->type}"],
            'record' => self::record($shape->fields, $shape->required),
            default => self::variants($shape),
        };

        return $shape->nullable ? self::nullable($schema) : $schema;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function nullable(array $schema): array
    {
        return ['if' => ['type' => 'null'], 'then' => true, 'else' => $schema];
    }

    /** @return array<string, mixed> */
    private static function range(Shape $shape): array
    {
        return array_filter(
            [
                'type' => $shape->type,
                'minimum' => $shape->min,
                'maximum' => $shape->max,
            ],
            fn (mixed $v): bool => $v !== null,
        );
    }

    /**
     * @param  array<string, Shape>  $fields
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function record(array $fields, array $required): array
    {
        return [
            'type' => 'object',
            'required' => $required,
            'properties' => array_map(self::schema(...), $fields),
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    private static function variants(Shape $shape): array
    {
        $then = [];
        foreach (array_keys($shape->variants) as $kind) {
            $then[] = [
                'if' => ['properties' => ['kind' => ['const' => $kind]], 'required' => ['kind']],
                'then' => self::record($shape->fieldsOf($kind), $shape->requiredOf($kind)),
            ];
        }

        return [
            'type' => 'object',
            'required' => ['kind'],
            'properties' => ['kind' => ['enum' => array_keys($shape->variants)]],
            'allOf' => $then,
        ];
    }

    /**
     * One object with optional any/all/not/leaf and exactly one of them.
     *
     * @param  list<string>  $leaves
     * @return array<string, mixed>
     */
    private static function expression(string $name, array $leaves): array
    {
        $self = ['$ref' => "#/\$defs/{$name}"];
        $leaf = array_fill_keys($leaves, [
            'type' => 'string',
            'pattern' => $leaves === ['input'] ? Shape::ID : Shape::LOCAL,
        ]);
        $is = $leaves === ['input']
            ? [
                'is' => [
                    'if' => ['type' => 'array'],
                    'then' => [
                        'items' => ['type' => 'string', 'pattern' => Shape::LOCAL],
                        'minItems' => 1,
                        'maxItems' => 20,
                    ],
                    'else' => ['type' => 'string', 'pattern' => Shape::LOCAL],
                ],
            ]
            : [];

        return [
            'type' => 'object',
            'properties' => [
                'any' => ['type' => 'array', 'items' => $self],
                'all' => ['type' => 'array', 'items' => $self],
                'not' => $self,
                ...$leaf,
                ...$is,
            ],
            'additionalProperties' => false,
            'minProperties' => 1,
            'if' => ['required' => ['is']],
            'then' => ['required' => ['input'], 'maxProperties' => 2],
            'else' => ['maxProperties' => 1],
        ];
    }
}
