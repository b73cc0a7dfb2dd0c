<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\HandOver\Isolated;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** How the whole and each circuit are made dead, for the sheet: it stands first. */
final readonly class Isolating
{
    /** @param  array<string, Isolated>  $each  by circuit */
    public function __construct(private Isolated $whole, private array $each, private string $units)
    {
    }

    public function section(): Section
    {
        $parts = [];
        foreach ([$this->whole, ...array_values($this->each)] as $one) {
            $lines = [];
            foreach ($one->pulls as $pull) {
                $far =
                    $pull->distanceM === null || $pull->distanceM <= 0.0
                        ? ''
                        : ', '.
                            Shown::length($pull->distanceM, $this->units).
                            ' along the wire from '.
                            Words::within($pull->source);
                $lines[] = "{$pull->words}{$far}. {$this->reached($pull->path())}";
            }
            foreach ($one->live as $live) {
                $lines[] = "Stays live: {$live['words']}, ".Shown::reading($live['volts']).' at most.';
            }
            $what = $one->circuit === null ? 'All of it' : $one->label;
            $parts[] = new Table(
                'How to isolate '.Words::within($what),
                [$what],
                array_map(fn (string $l): array => [$l], $lines),
            );
            foreach ($one->circuit === null ? [] : $one->pulls as $pull) {
                if ($pull->photo !== null) {
                    $parts[] = new Picture("Where it is: {$pull->words}", photo: $pull->photo);
                } elseif ($pull->kind === 'fuse') {
                    $parts[] = new Wanted("Photo of {$pull->id}", 'take one', 'build', $pull->id);
                }
            }
        }
        $parts[] = new Lines([Isolated::PROVE], single: true);

        return new Section('How to isolate it', $parts);
    }

    private function reached(string $path): string
    {
        return $path === 'in reach' ? 'In reach.' : "First off: {$path}.";
    }
}
