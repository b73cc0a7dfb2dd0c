<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** Thin brackets under what stands before the lights, one for each part of the circuit one decides about by itself. */
final class Brackets
{
    /** What each part of the circuit is called under the drawing. */
    public const WORDS = [
        'source' => 'fed from',
        'switching' => 'switched by',
        'control' => 'dimmed by',
        'runs' => 'along',
        'lights' => 'to',
    ];

    /** Heights of a line of brackets, px. */
    public const LINE = 22.0;

    /**
     * @param  array<string, array{int, int}>  $columns  section => its first and last column
     * @return array<string, int> section => line it stands on, so that none covers another
     */
    public static function lines(array $columns): array
    {
        uasort($columns, fn (array $a, array $b): int => $a <=> $b);
        $ends = $lines = [];
        foreach ($columns as $section => [$first, $last]) {
            $line = 0;
            while (($ends[$line] ?? -1) >= $first) {
                $line++;
            }
            $lines[$section] = $line;
            $ends[$line] = $last;
        }

        return $lines;
    }

    /**
     * @param  array<string, array{int, int, int}>  $cells  symbol => column, row, rows
     * @param  array<string, Symbol>  $symbols
     * @param  array<string, string>  $sections  device or thing in line => section
     * @return array<string, array{int, int}> section => its first and last column
     */
    public static function columns(array $cells, array $symbols, array $sections): array
    {
        $columns = [];
        foreach ($cells as $id => [$column]) {
            $section = $sections[$symbols[$id]->part] ?? null;
            if ($section !== null) {
                $columns[$section] = [
                    min($columns[$section][0] ?? $column, $column),
                    max($columns[$section][1] ?? $column, $column),
                ];
            }
        }

        return $columns;
    }
}
