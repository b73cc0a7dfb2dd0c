<?php

declare(strict_types=1);

namespace BenchGlow\Build;

/** Facts of the brief, and which circuits they are about. */
final class Facts
{
    /** Words that name no place. */
    private const EMPTY = [
        'the',
        'and',
        'under',
        'over',
        'with',
        'from',
        'into',
        'near',
        'that',
        'this',
        'light',
        'lights',
        'lamp',
        'lamps',
        'where',
        'circuit',
    ];

    /** Whether a fact is about a circuit: it says no place, or a word of its place is in the names of the circuit or its parts. */
    public static function concerns(Fact $fact, Document $document, string $circuit): bool
    {
        if ($fact->where === '') {
            return true;
        }
        $names = '';
        foreach (['circuits', 'lights', 'devices'] as $section) {
            foreach ($document->fields()->objects($section) as $item) {
                if (($section === 'circuits' ? $item->text('id') : $item->text('circuit')) === $circuit) {
                    $names .= ' '.$item->text('label').' '.$item->text('surface').' '.$item->text('side');
                }
            }
        }

        return self::shareWords($fact->where, $names);
    }

    /** Whether two texts name the same thing: a word that says a place stands in both. */
    public static function shareWords(string $one, string $other): bool
    {
        return array_intersect(self::words($one), self::words($other)) !== [];
    }

    /** What the brief says lights of a circuit sit on; empty: it does not say. */
    public static function surface(Document $document, string $circuit): string
    {
        foreach (self::of($document) as $fact) {
            if ($fact->is('surface') && self::concerns($fact, $document, $circuit)) {
                return $fact->value;
            }
        }

        return '';
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($text)) ?: [];

        return array_values(
            array_filter($words, fn (string $w): bool => mb_strlen($w) > 2 && ! in_array($w, self::EMPTY, true)),
        );
    }

    /**
     * What a way of switching would go against: holes where nothing may be drilled, a price over the budget.
     *
     * @param  float  $price  of the whole build's parts with it
     * @return list<string>
     */
    public static function broken(Document $document, string $circuit, int $holes, float $price): array
    {
        $broken = [];
        foreach (self::of($document) as $fact) {
            if ($fact->is('no_drill') && $holes > 0 && self::concerns($fact, $document, $circuit)) {
                $broken[] = 'no drilling'.($fact->where === '' ? '' : ' '.$fact->where);
            }
            if ($price > (self::budget($fact) ?? INF)) {
                $broken[] = 'the budget of '.$fact->value;
            }
        }

        return $broken;
    }

    /** Whether a text is a day that exists, as the file writes it: 2026-06-01. */
    public static function isDay(string $text): bool
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $text, $m) === 1 &&
            checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
    }

    /** The amount a budget names: "60", "at most 45.50"; null: none. */
    public static function budget(Fact $fact): ?float
    {
        return $fact->is('budget') && preg_match('/\d+(?:[.,]\d+)?/', $fact->value, $m) === 1
            ? (float) str_replace(',', '.', $m[0])
            : null;
    }

    /** @return list<Fact> of a document's brief */
    public static function of(Document $document): array
    {
        return array_map(Fact::of(...), $document->fields()->object('brief')->objects('facts'));
    }
}
