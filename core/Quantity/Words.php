<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Names inside sentences. */
final class Words
{
    /** A label as it stands in the middle of a sentence: "Galley shelf" → "galley shelf", "RGB edge" stays. */
    public static function within(string $label): string
    {
        // What has more capitals in its first word is a name: LiFePO4.
        return preg_match('/^\p{Lu}\p{Ll}++(?!\p{Lu})/u', $label) === 1
            ? mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1)
            : $label;
    }

    public static function first(string $label): string
    {
        return mb_strtoupper(mb_substr($label, 0, 1)).mb_substr($label, 1);
    }

    /**
     * "a, b and c".
     *
     * @param  list<string>  $words
     */
    public static function join(array $words, string $last): string
    {
        $end = array_pop($words);

        return $words === [] ? (string) $end : implode(', ', $words)." {$last} {$end}";
    }

    /** "1 row", "3 rows". */
    public static function count(int $n, string $what): string
    {
        return "{$n} {$what}".($n === 1 ? '' : 's');
    }
}
