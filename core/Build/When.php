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
        return self::judge($this->data, $positions, $rest);
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
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $positions
     * @param  array<string, string>  $rest
     */
    private static function judge(array $node, array $positions, array $rest): bool
    {
        $deeper = fn (mixed $n): bool => is_array($n) && self::judge($n, $positions, $rest);
        $list = $node['any'] ?? $node['all'] ?? null;
        if (is_array($list)) {
            $true = count(array_filter($list, $deeper));

            return isset($node['any']) ? $true > 0 : $true === count($list);
        }
        if (isset($node['not'])) {
            return ! $deeper($node['not']);
        }
        $input = $node['input'] ?? '';
        $now = is_string($input) ? ($positions[$input] ?? '') : '';
        $is = $node['is'] ?? null;

        return $is === null ? is_string($input) && $now !== ($rest[$input] ?? 'off') : in_array($now, (array) $is, true);
    }
}
