<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Quantity\Shown;
use BenchGlow\Sizing\SeriesResistor;

/** The strings of a row of LEDs as they are soldered: which LEDs, behind which resistor, in what order of legs. */
final readonly class Strings
{
    /**
     * @param  list<array{first: int, last: int, ohm: float, watts: float|null, rating: float|null}>  $all  LEDs by number; heat
     *                                                                                                     at the high supply
     */
    private function __construct(public array $all)
    {
    }

    public static function of(Analysis $analysis, Light $light): self
    {
        [$full, $last] = $light->strings();
        $per = $full > 0 ? intdiv($light->count() - $last, $full) : 0;
        $ohm = $light->fields->number('ohm');
        $sizes = [
            ...array_fill(0, $full, [$per, $ohm]),
            ...$last > 0 ? [[$last, $light->fields->number('last_ohm', $ohm)]] : [],
        ];
        $volts = $analysis->litState($light->id, 'max')->between("{$light->id}.plus", "{$light->id}.minus");
        $strings = [];
        $led = 1;
        foreach ($sizes as [$count, $r]) {
            $watts = $volts === null ? null : $light->led()->string($count, $r)->amps($volts) ** 2 * $r;
            $strings[] = [
                'first' => $led,
                'last' => $led + $count - 1,
                'ohm' => $r,
                'watts' => $watts,
                'rating' => $watts === null ? null : SeriesResistor::rating($watts),
            ];
            $led += $count;
        }

        return new self($strings);
    }

    /** @return list<string> an order of soldering for each string, as one reads it off at the bench */
    public function said(): array
    {
        return array_map(
            fn (array $s, int $n): string => 'R'.
                ($n + 1).
                ', '.
                self::resistor($s).
                ": from the feed to LED {$s['first']}'s long leg; ".
                ($s['last'] > $s['first']
                    ? ($s['last'] === $s['first'] + 1
                        ? "LED {$s['first']}'s short leg to LED {$s['last']}'s long leg; "
                        : "from LED {$s['first']} to LED {$s['last']} each short leg to the next one's long leg; ")
                    : '').
                "LED {$s['last']}'s short leg to the return.",
            $this->all,
            array_keys($this->all),
        );
    }

    /** @param  array{first: int, last: int, ohm: float, watts: float|null, rating: float|null}  $string */
    public static function resistor(array $string): string
    {
        return $string['ohm'] < 1.0
            ? 'a bridge of wire'
            : Shown::ohms($string['ohm']).
                    ($string['rating'] === null ? '' : ', '.Shown::plain($string['rating'], 3).' W');
    }
}
