<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Quantity\Words;

/** Why a reading is asked for, and what the hand does for it, in words. */
final readonly class Reason
{
    /** "It tells brake from running on wires 4 and 6." */
    public static function of(Probing $probing, Test $test): string
    {
        $judged = $probing->judged[$test->wire];
        [$one, $other] = array_map(Tables::words(...), $test->parts);
        $wires = self::wires($probing, $test->wires);
        if ($judged->byElimination()) {
            return "It would disprove that {$judged->wire->words()} is {$one}; so far only the other wires say so.";
        }
        if ($judged->hangsOn !== null) {
            return "That {$judged->wire->words()} is {$one} hangs on one reading; this is a second.";
        }
        if ($judged->p >= 0.95 && ! $judged->seenBothWays) {
            return Words::first($judged->wire->words())." is likely {$one}; this sees it the other way.";
        }

        return $test->parts[1] === '' ? "It says more of {$wires}." : "It tells {$one} from {$other} on {$wires}.";
    }

    /** @param  list<string>  $ids */
    public static function wires(Probing $probing, array $ids): string
    {
        $words = array_map(fn (string $id): string => $probing->judged[$id]->wire->words(), $ids);
        $numbers = array_map(fn (string $w): string => (string) preg_replace('/^wire /', '', $w), $words);
        $plain = array_filter($words, fn (string $w): bool => preg_match('/^wire \d+$/', $w) !== 1) === [];

        return count($words) === 1
            ? $words[0]
            : ($plain
                ? 'wires '.Words::join($numbers, 'and')
                : Words::join($words, 'and'));
    }

    /**
     * What is thrown for it: "Brake on, key run."; "Everything off."
     */
    public static function hand(Probing $probing, Condition $condition): string
    {
        $parts = [];
        foreach ($condition->with as $id => $position) {
            $input = $probing->build->inputs[$id];
            $parts[] = "{$input->label} {$position}";
        }

        return $parts === []
            ? 'Everything off.'
            : Words::first(Words::join(array_map(Words::within(...), $parts), 'and')).'.';
    }
}
