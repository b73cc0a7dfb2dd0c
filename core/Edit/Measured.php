<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Taken;
use BenchGlow\Quantity\Shown;

/** Readings of a meter as they go into the log, checked before anything is written. */
final class Measured
{
    /** Taken in one go at most. */
    public const MOST = 60;

    /** Beyond this share of what any supply here gives, the tip is on something else. */
    private const OVER = 1.25;

    private const TEXTS = ['red', 'black', 'kind', 'word', 'instrument'];

    /**
     * @param  list<Fields>  $readings  {"red", "black", "kind", "value", "word", "instrument", "powered"}
     * @param  array<array-key, mixed>  $with
     * @return list<string> ids they got
     *
     * @throws BadBuild
     */
    public static function keep(
        Draft $draft,
        array $readings,
        array $with,
        ?float $supplyV,
        string $on,
        string $path = '/readings',
    ): array {
        if (count($readings) > self::MOST) {
            throw BadBuild::at(
                $path,
                self::MOST.' are the most that are kept at once; '.count($readings).' are here.',
            );
        }
        $ids = $entries = [];
        foreach ($readings as $n => $reading) {
            $entry = self::entry($draft, $reading, "{$path}/{$n}");
            $ids[] = $entry['id'] = $draft->number('l');
            $entry += ['on' => $on, 'kind' => 'measured'];
            $entry += $with === [] ? [] : ['with' => $with];
            $entry += $supplyV === null ? [] : ['supply_v' => $supplyV];
            $entries[] = $entry;
        }
        if ($entries !== []) {
            $draft->put(['log'], [...$draft->list(['log']), ...$entries]);
        }

        return $ids;
    }

    /** @return array<string, mixed> */
    private static function entry(Draft $draft, Fields $reading, string $path): array
    {
        foreach (array_keys($reading->data) as $field) {
            if (! in_array($field, [...self::TEXTS, 'value', 'powered'], true)) {
                throw BadBuild::at("{$path}/{$field}", 'a reading has no such field.');
            }
        }
        $kind = $reading->text('kind', 'volts');
        $word = $reading->text('word');
        $value = $reading->numberOrNull('value');
        $powered = $reading->flag('powered', $kind !== 'ohms');
        if (! isset(Taken::UNITS[$kind]) && $kind !== 'fuse') {
            throw BadBuild::at("{$path}/kind", 'expected volts, amps, ohms, seconds or fuse.');
        }
        if ($value === null && $word === '') {
            throw BadBuild::at($path, 'this reading has neither a value nor a word.');
        }
        if ($kind === 'ohms' && $powered) {
            throw BadBuild::at("{$path}/powered", 'an ohm reading needs the power off, and powered says on.');
        }
        self::pins($draft, $reading, $path);
        self::plausible($draft, $kind, $value, "{$path}/value");

        return array_filter(
            [
                'about' => array_values(array_filter([$reading->text('red'), $reading->text('black')])),
                'value' => $value,
                'unit' => $kind === 'fuse' ? null : Taken::UNITS[$kind],
                'word' => $word === '' ? null : $word,
                'instrument' => $kind === 'fuse' ? null : $reading->text('instrument', 'meter'),
                'powered' => $powered,
            ],
            fn (mixed $v): bool => $v !== null,
        );
    }

    private static function pins(Draft $draft, Fields $reading, string $path): void
    {
        if ($reading->text('red') === '') {
            throw BadBuild::at("{$path}/red", 'a reading names the pin the red tip was on.');
        }
        foreach (['red', 'black'] as $tip) {
            $pin = $reading->text($tip);
            if ($pin !== '' && ! $draft->index->has(explode('.', $pin)[0])) {
                throw BadBuild::at(
                    "{$path}/{$tip}",
                    "the pin `{$pin}` is gone; the reading is not lost: choose another one.",
                );
            }
        }
    }

    /** @throws BadBuild where no supply here gives that */
    private static function plausible(Draft $draft, string $kind, ?float $value, string $path): void
    {
        if ($value === null) {
            return;
        }
        if (! is_finite($value) || abs($value) > 1e9 || ($value < 0.0 && $kind !== 'volts' && $kind !== 'amps')) {
            throw BadBuild::at($path, 'expected a figure a meter can show.');
        }
        $kind === 'volts' ? self::underMains($draft, $value, $path) : null;
    }

    /** @throws BadBuild where no supply here gives so many volts */
    public static function underMains(Draft $draft, float $volts, string $path): void
    {
        $most = max([
            0.0,
            ...array_map(fn (Fields $s): float => $s->number('max_v'), $draft->document->fields()->objects('supplies')),
        ]);
        if ($most > 0.0 && abs($volts) > self::OVER * $most) {
            throw BadBuild::at(
                $path,
                Shown::plain($volts, 1).
                    ' V is over what any supply here gives ('.
                    Shown::plain($most, 1).
                    ' V). Look where the point stands, or whether the tip is on mains: then stop.',
            );
        }
    }
}
