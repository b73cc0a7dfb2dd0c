<?php

declare(strict_types=1);

namespace BenchGlow\Build;

/** An expression over inputs. */
final readonly class When
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(public array $data)
    {
    }

    /**
     * @param  array<string, string>  $positions  input => position
     * @param  array<string, string>  $rest  input => its rest position
     */
    public function holds(array $positions, array $rest): bool
    {
        return self::truth($this->data, fn (array $leaf): bool => self::input($leaf, $positions, $rest));
    }

    /** @return list<string> inputs named, each once */
    public function inputs(): array
    {
        $names = [];
        $data = $this->data;
        array_walk_recursive($data, function (mixed $value, int|string $key) use (&$names): void {
            if ($key === 'input' && is_string($value)) {
                $names[$value] = $value;
            }
        });

        return array_values($names);
    }

    /**
     * Any, all and not over whatever a leaf means: inputs here, positions and senses inside a part.
     *
     * @param  array<array-key, mixed>  $node
     * @param  callable(array<array-key, mixed>): bool  $leaf
     */
    public static function truth(array $node, callable $leaf): bool
    {
        $deeper = fn (mixed $n): bool => is_array($n) && self::truth($n, $leaf);
        $list = $node['any'] ?? ($node['all'] ?? null);
        if (is_array($list)) {
            $true = count(array_filter($list, $deeper));

            return isset($node['any']) ? $true > 0 : $true === count($list);
        }

        return isset($node['not']) ? ! $deeper($node['not']) : $leaf($node);
    }

    /**
     * @param  array<array-key, mixed>  $leaf
     * @param  array<string, string>  $positions
     * @param  array<string, string>  $rest
     */
    private static function input(array $leaf, array $positions, array $rest): bool
    {
        $input = $leaf['input'] ?? '';
        $now = is_string($input) ? $positions[$input] ?? '' : '';
        $is = $leaf['is'] ?? null;

        return $is === null
            ? is_string($input) && $now !== ($rest[$input] ?? 'off')
            : in_array($now, (array) $is, true);
    }
}
