<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\Preference;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Build\WhenText;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;
use BenchGlow\Quantity\Words;

/** Reads what people type into forms; every refusal begins with the name of the field. */
final class Typing
{
    public static function quantity(Unit $unit, string $text, string $name, Preference $preference): float
    {
        try {
            // Nine digits are far below any tape measure and keep 6 ft 4 from being stored with a binary tail.
            return round(Typed::read($unit, $text, $preference->units === 'imperial' ? 'in' : 'm'), 9);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
    }

    /** The same for what may lie on either side of where it is measured from. */
    public static function signed(Unit $unit, string $text, string $name, Preference $preference): float
    {
        $text = str_replace('−', '-', trim($text));
        $minus = str_starts_with($text, '-');

        return ($minus ? -1 : 1) * self::quantity($unit, $minus ? substr($text, 1) : $text, $name, $preference);
    }

    /** Null where the field is empty. */
    public static function amount(Unit $unit, string $text, string $name): ?float
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            return Typed::read($unit, $text);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
    }

    /** @return array<array-key, mixed> an expression over inputs */
    public static function when(string $text, string $name, Document $document): array
    {
        try {
            return WhenText::read($text, $document);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
    }

    /** @return non-empty-list<string> words set off by commas */
    public static function words(string $text, string $name, string $expected): array
    {
        $words = array_values(
            array_filter(array_map(trim(...), explode(',', $text)), fn (string $w): bool => $w !== ''),
        );

        return $words === [] ? throw new NotUnderstood("{$name}: expected {$expected}.") : $words;
    }

    /**
     * Lamps by their names, set off by commas or "and".
     *
     * @return list<string> their ids, one at least
     */
    public static function lamps(string $text, string $name, Document $document): array
    {
        $build = Build::of($document);
        $names = Names::in($build->index);
        $known = $said = [];
        foreach ($build->lights as $light) {
            $said[] = Words::within($names->name($light->id));
            $known[mb_strtolower($names->name($light->id))] = $light->id;
        }
        $lamps = [];
        foreach (
            self::words($text, $name, 'one lamp or several, as '.Words::join(array_slice($said, 0, 2), 'and')) as $word
        ) {
            // A name may have an "and" in it: the whole first, then its halves.
            $parts = isset($known[mb_strtolower($word)]) ? [$word] : (preg_split('/\s+and\s+/ui', $word) ?: []);
            foreach ($parts as $part) {
                $lamps[] =
                    $known[mb_strtolower(trim($part))] ??
                    throw new NotUnderstood(
                        "{$name}: there is no lamp \"{$part}\"; there ".
                            (count($said) === 1 ? 'is ' : 'are ').
                            Words::join($said, 'and').
                            '.',
                    );
            }
        }

        return array_values(array_unique($lamps));
    }

    public static function label(Fields $in, string $name, string $example): string
    {
        $label = trim($in->text('label'));

        return $label === '' ? throw new NotUnderstood("{$name}: it needs a name, as \"{$example}\".") : $label;
    }
}
