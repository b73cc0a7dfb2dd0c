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
     * @return list<array{join: string, text: string, when: array<array-key, mixed>}>|null null: it does not read without brackets
     */
    public static function of(array $when, Document $document): ?array
    {
        $unless = self::unless($when);
        if ($unless !== null) {
            $first = self::of($unless[0], $document);
            $last = ['join' => 'unless', 'text' => WhenText::say($unless[1], $document), 'when' => $unless[1]];

            return $first === null || count($first) >= self::MOST ? null : [...$first, $last];
        }
        foreach (['any' => 'or', 'all' => 'and'] as $head => $join) {
            $list = is_array($when[$head] ?? null) ? array_values($when[$head]) : [];
            if (in_array(count($list), range(2, self::MOST), true)) {
                return self::joined($list, $join, $document);
            }
        }

        return self::plain($when) || in_array($when, [['all' => []], ['any' => []]], true)
            ? [['join' => '', 'text' => WhenText::say($when, $document), 'when' => $when]]
            : null;
    }

    /**
     * @param  array<array-key, mixed>  $when
     * @return array{array<array-key, mixed>, array<array-key, mixed>}|null what holds, and what must not
     */
    private static function unless(array $when): ?array
    {
        $all = is_array($when['all'] ?? null) ? array_values($when['all']) : [];
        [$holds, $last] = [$all[0] ?? null, $all[1] ?? null];
        $not = is_array($last) ? $last['not'] ?? null : null;
        if (count($all) !== 2 || ! is_array($holds) || ! is_array($not) || ! self::leaf($not)) {
            return null;
        }

        return self::leaf($holds) || isset($holds['any']) ? [$holds, $not] : null;
    }

    /**
     * @param  list<mixed>  $list
     * @return list<array{join: string, text: string, when: array<array-key, mixed>}>|null
     */
    private static function joined(array $list, string $join, Document $document): ?array
    {
        $clauses = [];
        foreach ($list as $n => $item) {
            if (! is_array($item) || ! self::plain($item)) {
                return null;
            }
            $clauses[] = ['join' => $n === 0 ? '' : $join, 'text' => WhenText::say($item, $document), 'when' => $item];
        }

        return $clauses;
    }

    /**
     * An input in a position, or not in it.
     *
     * @param  array<array-key, mixed>  $when
     */
    private static function plain(array $when): bool
    {
        return self::leaf($when) || (is_array($when['not'] ?? null) && self::leaf($when['not']));
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
