<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;

/** Two documents compared by id and field. */
final class Difference
{
    /** @return list<array{name: string, field: string, theirs: string, yours: string}> */
    public static function of(Document $theirs, Document $yours): array
    {
        [$a, $b] = [Index::of($theirs), Index::of($yours)];
        $rows = self::fields(
            'the build',
            array_filter($theirs->data, is_scalar(...)),
            array_filter($yours->data, is_scalar(...)),
        );
        foreach (array_unique([...array_keys($a->paths), ...array_keys($b->paths)]) as $id) {
            $label = Names::in($a->has($id) ? $a : $b)->name($id);
            if (! $a->has($id) || ! $b->has($id)) {
                $rows[] = [
                    'name' => $label,
                    'field' => '',
                    'theirs' => $a->has($id) ? 'there' : 'not there',
                    'yours' => $b->has($id) ? 'there' : 'not there',
                ];

                continue;
            }
            array_push($rows, ...self::fields($label, self::own($a->item($id)), self::own($b->item($id))));
        }

        return $rows;
    }

    /** @return array<array-key, mixed> fields that are not lists of things with ids of their own */
    private static function own(Fields $item): array
    {
        return array_filter(
            $item->data,
            fn (mixed $v): bool => ! is_array($v) || ! is_array($v[0] ?? null) || ! isset($v[0]['id']),
        );
    }

    /**
     * @param  array<array-key, mixed>  $theirs
     * @param  array<array-key, mixed>  $yours
     * @return list<array{name: string, field: string, theirs: string, yours: string}>
     */
    private static function fields(string $name, array $theirs, array $yours): array
    {
        $rows = [];
        foreach (array_unique([...array_keys($theirs), ...array_keys($yours)]) as $field) {
            $t = $theirs[$field] ?? null;
            $y = $yours[$field] ?? null;
            if ($t != $y) {
                $rows[] = [
                    'name' => $name,
                    'field' => (string) $field,
                    'theirs' => self::show($t),
                    'yours' => self::show($y),
                ];
            }
        }

        return $rows;
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            $value === null => 'as recommended',
            is_string($value) => $value,
            default => mb_strimwidth((string) json_encode($value, JSON_UNESCAPED_UNICODE), 0, 60, '…'),
        };
    }
}
