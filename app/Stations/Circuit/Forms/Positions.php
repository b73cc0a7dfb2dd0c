<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Typing;
use BenchGlow\Quantity\NotUnderstood;

/** Positions of an input as they are typed: "down, up", the resting one first. */
final class Positions
{
    private const EXPECTED = 'two or more words, the resting one first, as "down, up"';

    /** @return list<string> */
    public static function read(string $text): array
    {
        $words = trim($text) === '' ? ['off', 'on'] : Typing::words($text, 'Positions', self::EXPECTED);
        foreach ($words as $word) {
            if (preg_match('/^[A-Za-z][A-Za-z0-9_]*$/', $word) !== 1) {
                throw new NotUnderstood("Positions: '{$word}' should be one word of letters and digits.");
            }
        }

        return count($words) < 2
            ? throw new NotUnderstood('Positions: expected two or more, the resting one first, as "down, up".')
            : $words;
    }
}
