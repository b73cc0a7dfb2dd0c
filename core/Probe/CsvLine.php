<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Shape;
use BenchGlow\Quantity\NotUnderstood;

/** One line of a table of readings; what can't be read is refused by line and column. */
final readonly class CsvLine
{
    /** @param  array<string, string>  $cells  column => what stands there */
    public function __construct(private int $line, private array $cells)
    {
    }

    private function wrong(string $column, string $expected): NotUnderstood
    {
        $found = mb_strimwidth($this->cells[$column] ?? '', 0, 40, '…');

        return new NotUnderstood("Line {$this->line}, column {$column}: expected {$expected}, found '{$found}'.");
    }

    public function text(string $column, int $most): string
    {
        $text = $this->cells[$column] ?? '';
        if (mb_strlen($text) > $most || preg_match('/[\x00-\x1f]/', $text) === 1) {
            throw $this->wrong($column, "at most {$most} letters");
        }

        return $text;
    }

    public function id(string $column): string
    {
        $id = $this->cells[$column] ?? '';
        if (preg_match('/'.Shape::ID.'/', $id) !== 1) {
            throw $this->wrong($column, 'a letter, then letters, digits or _, as p4');
        }

        return $id;
    }

    public function way(): ?int
    {
        $way = $this->cells['way'] ?? '';
        if ($way === '') {
            return null;
        }
        if (preg_match('/^[1-9]\d{0,2}$/', $way) !== 1 || (int) $way > 200) {
            throw $this->wrong('way', 'a whole number from 1 to 200');
        }

        return (int) $way;
    }

    public function number(string $column): ?float
    {
        $text = $this->cells[$column] ?? '';
        if ($text === '') {
            return null;
        }
        if (preg_match('/^-?\d{1,9}(?:[.,]\d{1,9})?(?:[eE][+-]?\d{1,2})?$/', $text) !== 1) {
            throw $this->wrong($column, 'a number, as 12.4');
        }

        return (float) str_replace(',', '.', $text);
    }

    /** @param  list<string>  $known */
    public function choice(string $column, array $known, string $otherwise): string
    {
        $text = strtolower($this->cells[$column] ?? '');
        if ($text === '') {
            return $otherwise;
        }
        if (! in_array($text, $known, true)) {
            throw new NotUnderstood(
                "Line {$this->line}, column {$column}: expected ".
                    implode(', ', $known).
                    ", found '{$text}'.".
                    BadBuild::nearMiss($text, $known),
            );
        }

        return $text;
    }

    /** @return array<string, string> input => position, from "brake=on;key=run" */
    public function with(): array
    {
        $with = [];
        foreach (array_filter(array_map(trim(...), explode(';', $this->cells['with'] ?? ''))) as $pair) {
            if (preg_match('/^([A-Za-z][A-Za-z0-9_]{0,39})=([A-Za-z0-9_]{1,20})$/', $pair, $m) !== 1) {
                throw $this->wrong('with', 'positions as brake=on;key=run');
            }
            $with[$m[1]] = $m[2];
        }

        return $with;
    }
}
