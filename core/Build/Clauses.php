<?php

declare(strict_types=1);

namespace BenchGlow\Build;

/**
 * A condition as up to three clauses that read without brackets: joined by "or" or by "and", the last one perhaps by "unless".
 * What is nested deeper is left to words.
 */
final class Clauses
{
    private const MOST = 3;

    /**
     * @param  array<array-key, mixed>  $when
     * @return list<array{join: string, text: string}>|null null: it does not read without brackets
     */
    public static function of(array $when, Document $document): ?array
    {
        $all = is_array($when['all'] ?? null) ? array_values($when['all']) : null;
        if (
            $all !== null &&
            count($all) === 2 &&
            is_array($all[0]) &&
            is_array($all[1]) &&
            is_array($all[1]['not'] ?? null) &&
            self::leaf($all[1]['not']) &&
            (self::leaf($all[0]) || isset($all[0]['any']))
        ) {
            $first = self::of($all[0], $document);

            return $first === null || count($first) >= self::MOST
                ? null
                : [...$first, ['join' => 'unless', 'text' => WhenText::say($all[1]['not'], $document)]];
        }
        foreach (['any' => 'or', 'all' => 'and'] as $head => $join) {
            $list = is_array($when[$head] ?? null) ? array_values($when[$head]) : null;
            if ($list === null || count($list) < 2 || count($list) > self::MOST) {
                continue;
            }
            $clauses = [];
            foreach ($list as $n => $item) {
                $plain =
                    is_array($item) &&
                    (self::leaf($item) || (is_array($item['not'] ?? null) && self::leaf($item['not'])));
                if (! $plain) {
                    return null;
                }
                $clauses[] = ['join' => $n === 0 ? '' : $join, 'text' => WhenText::say($item, $document)];
            }

            return $clauses;
        }
        $single =
            self::leaf($when) ||
            (is_array($when['not'] ?? null) && self::leaf($when['not'])) ||
            $when === ['all' => []] ||
            $when === ['any' => []];

        return $single ? [['join' => '', 'text' => WhenText::say($when, $document)]] : null;
    }

    /** @param  array<array-key, mixed>  $when */
    private static function leaf(array $when): bool
    {
        return isset($when['input']);
    }

    /**
     * The words of clauses chosen one by one; an empty clause falls out.
     *
     * @param  array<int, string>  $texts
     * @param  array<int, string>  $joins  before each but the first
     */
    public static function words(array $texts, array $joins): string
    {
        $said = '';
        foreach ($texts as $n => $text) {
            $join = in_array($joins[$n] ?? '', ['or', 'and', 'unless'], true) ? $joins[$n] : 'or';
            $said .= $text === '' ? '' : ($said === '' ? $text : " {$join} {$text}");
        }

        return $said === '' ? 'always' : $said;
    }
}
