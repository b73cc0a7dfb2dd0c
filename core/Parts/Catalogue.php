<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Format\Fields;

/** The parts shipped with the program: typical data under neutral names. A build copies what it uses. */
final class Catalogue
{
    public const PART_SHELVES = ['leds', 'strips', 'modules', 'switches', 'relays', 'diodes', 'controllers', 'plugs'];

    /** What joins, wraps and holds a loom. */
    public const LOOM_SHELVES = ['terminals', 'tubes', 'sleeves', 'guards', 'fixings'];

    /** @var array<string, list<Fields>> */
    private static array $read = [];

    /**
     * @param  string  $shelf  one of PART_SHELVES or LOOM_SHELVES, or wires · fuses · supplies
     * @return list<Fields> entries; for parts: `part` ready for a build, `source` typical or where from
     */
    public static function shelf(string $shelf): array
    {
        return self::$read[$shelf] ??= (new Fields(
            (array) json_decode((string) file_get_contents(__DIR__."/catalogue/{$shelf}.json"), true),
        ))->objects('entries');
    }

    /** The part of a catalogue key, with the key written into it. */
    public static function part(string $key): ?Fields
    {
        foreach ([...self::PART_SHELVES, ...self::LOOM_SHELVES] as $shelf) {
            foreach (self::shelf($shelf) as $entry) {
                if ($entry->object('part')->text('id') === $key) {
                    return new Fields([...$entry->object('part')->data, 'catalogue' => $key]);
                }
            }
        }

        return null;
    }

    /** @return Fields|null a supply as a build holds it, without its id */
    public static function supply(string $key): ?Fields
    {
        foreach (self::shelf('supplies') as $entry) {
            if ($entry->text('key') === $key) {
                return $entry->object('supply');
            }
        }

        return null;
    }
}
