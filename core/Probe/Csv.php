<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Csv as Text;
use BenchGlow\Quantity\NotUnderstood;

/** Readings as rows, in and out: one line a reading, a wire without readings one line by itself. */
final class Csv
{
    public const COLUMNS = [
        'wire',
        'colour',
        'tracer',
        'way',
        'with',
        'to',
        'powered',
        'kind',
        'value',
        'word',
        'instrument',
        'on',
    ];

    private const MOST_ROWS = 5000;

    public static function write(Fields $document): string
    {
        $probe = $document->object('probe');
        $rows = [self::COLUMNS];
        $readings = [];
        foreach ($probe->objects('readings') as $reading) {
            $readings[$reading->text('wire')][] = $reading;
        }
        foreach ($probe->objects('wires') as $wire) {
            foreach ($readings[$wire->text('id')] ?? [null] as $reading) {
                $rows[] = [
                    $wire->text('id'),
                    $wire->text('colour'),
                    $wire->text('tracer'),
                    $wire->has('way') ? $wire->integer('way') : null,
                    ...$reading === null ? array_fill(0, 8, null) : self::row($reading),
                ];
            }
        }

        return Text::text($rows);
    }

    /** @return list<int|float|string|null> */
    private static function row(Fields $reading): array
    {
        $with = [];
        foreach ($reading->object('with')->data as $input => $position) {
            $with[] = "{$input}=".(is_string($position) ? $position : '');
        }

        return [
            implode(';', $with),
            $reading->text('to', 'ground'),
            $reading->flag('powered', true) ? 'on' : 'off',
            $reading->text('kind', 'volts'),
            $reading->numberOrNull('value'),
            $reading->text('word'),
            $reading->text('instrument', 'meter'),
            $reading->text('on'),
        ];
    }

    /**
     * Wires and readings of a table; the inputs they name, by kind, where a build has to be made for them.
     *
     * @return array{wires: list<array<string, mixed>>, readings: list<array<string, mixed>>, inputs: array<string, list<string>>}
     *
     * @throws NotUnderstood by line and column; all or nothing
     */
    public static function read(string $text): array
    {
        $text = str_starts_with($text, Text::MARK) ? substr($text, strlen(Text::MARK)) : $text;
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw new NotUnderstood('The table is not UTF-8 text; save it as CSV, UTF-8.');
        }
        $lines = self::lines($text);
        $head = array_map(fn (string $c): string => strtolower(trim($c)), array_shift($lines) ?? []);
        if (! in_array('wire', $head, true)) {
            throw new NotUnderstood('Line 1: expected the columns '.implode(',', self::COLUMNS).'.');
        }
        foreach ($head as $n => $column) {
            if (! in_array($column, self::COLUMNS, true)) {
                $near = BadBuild::nearMiss($column, self::COLUMNS);
                throw new NotUnderstood('Line 1, column '.($n + 1).": no column is called `{$column}`.{$near}");
            }
        }
        if (count($lines) > self::MOST_ROWS) {
            throw new NotUnderstood('Over '.self::MOST_ROWS.' lines.');
        }
        $wires = $readings = $inputs = [];
        foreach ($lines as $n => $cells) {
            if (count(array_filter($cells, fn (string $c): bool => trim($c) !== '')) === 0) {
                continue;
            }
            if (count($cells) > count($head)) {
                throw new NotUnderstood(
                    'Line '.($n + 2).': '.count($cells).' cells, expected at most '.count($head).'.',
                );
            }
            $row = array_combine($head, array_pad(array_map(self::plain(...), $cells), count($head), ''));
            self::take(new CsvLine($n + 2, $row), $wires, $readings, $inputs);
        }

        return ['wires' => array_values($wires), 'readings' => $readings, 'inputs' => $inputs];
    }

    /** @return list<list<string>> */
    private static function lines(string $text): array
    {
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $lines = [];
        while (($cells = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $lines[] = array_map(strval(...), $cells);
        }
        fclose($stream);

        return $lines;
    }

    /** Without the apostrophe that keeps a spreadsheet from taking it for a formula. */
    private static function plain(string $cell): string
    {
        return preg_match("/^'[=+\-@]/", $cell) === 1 ? substr($cell, 1) : trim($cell);
    }

    /**
     * @param  array<string, array<string, mixed>>  $wires
     * @param  list<array<string, mixed>>  $readings
     * @param  array<string, list<string>>  $inputs
     */
    private static function take(CsvLine $line, array &$wires, array &$readings, array &$inputs): void
    {
        $id = $line->id('wire');
        $wires[$id] ??= array_filter(
            [
                'id' => $id,
                'colour' => $line->text('colour', 40),
                'tracer' => $line->text('tracer', 40),
                'way' => $line->way(),
            ],
            fn (mixed $v): bool => $v !== '' && $v !== null,
        );
        [$value, $word] = [$line->number('value'), $line->text('word', 20)];
        if ($value === null && $word === '') {
            return;
        }
        $with = $line->with();
        foreach ($with as $input => $position) {
            $inputs[$input] = array_values(array_unique([...$inputs[$input] ?? [], $position]));
        }
        $kind = $line->choice('kind', ['volts', 'millivolts', 'ohms', 'lamp', 'beep', 'amps', 'seconds'], 'volts');
        $readings[] = array_filter(
            [
                'id' => 'r'.(count($readings) + 1),
                'wire' => $id,
                'to' => $line->choice('to', ['ground', 'plus'], 'ground'),
                'with' => $with,
                'powered' => $line->choice('powered', ['on', 'off'], in_array($kind, ['ohms', 'beep'], true) ? 'off' : 'on') ===
                    'on',
                'kind' => $kind,
                'value' => $value,
                'word' => $word === '' ? null : $word,
                'instrument' => $line->choice(
                    'instrument',
                    ['meter', 'test_lamp', 'led_tester', 'beeper', 'clamp'],
                    ['lamp' => 'test_lamp', 'beep' => 'beeper', 'amps' => 'clamp'][$kind] ?? 'meter',
                ),
                'on' => $line->text('on', 40) ?: null,
            ],
            fn (mixed $v): bool => $v !== null,
        );
    }
}
