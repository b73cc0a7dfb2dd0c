<?php

declare(strict_types=1);

namespace App\Frame;

use App\Stations\Station;
use App\Stations\Stations;

/** What every key does, as the list behind "?" says it. */
final class Keys
{
    private const ALL = [
        'T then a digit' => 'that throw-switch',
        'C then a flag' => 'that circuit',
        ', .' => 'circuit before, circuit after',
        'L N H' => 'supply low, normal, high',
        'Z' => 'take back',
        'Shift Z' => 'bring back',
        'F' => 'next pin',
        'W' => 'the ways; up and down from one to the next',
        'P' => 'where to feed it, or how to string it',
        'K' => 'the clauses of the circuit',
        'V' => 'the wish, in words',
        'Y' => 'circuits for the wish; once more: into them',
        'Esc' => 'out of a field; closes an opened wire',
        'R' => 'the leads',
        'D then arrows' => 'along the drawing; Enter or I opens the wire that is marked',
        'I' => 'put the offer in hand in',
        'J' => 'join a wire in the opened one',
        'Y X K G at Prove' => 'as it should be, not, skip, look for it; up and down from gate to gate',
        'O, E on a marked part' => 'take it out, swap its ends',
        'V P A E at Hand over' => 'leaf after leaf, print, the picture that is missing, write what happened',
        'P W = at Probe' => 'pulsing, wandering, same as bank; O power, I instrument, X the other tip',
        'B' => 'start a build',
        'Q' => 'quick sums',
        '/' => 'find',
        'O' => 'lights out',
        'G' => 'the guide',
        '?' => 'these keys',
    ];

    /** @return array<string, string> key => what it does */
    public static function of(Stations $stations): array
    {
        $all = $stations->all();
        $digits = implode(', ', array_map(fn (Station $s): string => (string) $s->number(), $all));

        return [
            "S then {$digits}" => implode(', ', array_map(fn (Station $s): string => $s->label(), $all)),
            ...self::ALL,
        ];
    }
}
