<?php

declare(strict_types=1);

namespace App\LocalNet;

/** What somebody may do, from the least to the most; each has all before it. */
enum Right: string
{
    /** Without being let in: the page that asks for the digits, and a link that was given away. */
    case Open = 'open';
    /** Every page, without a price. */
    case Look = 'look';
    /** At the work: readings, gates, done marks, fasteners, arrivals, photos, the log. */
    case Work = 'work';
    /** Everything about the builds. */
    case All = 'all';
    /** What is done on the bench itself only: its settings, letting in, opening. */
    case Bench = 'bench';

    /** Rights that a device can be given => what it is told to be. */
    public const GIVEN = [
        'work' => 'work at it: keep readings, gates, done marks, photos',
        'look' => 'look only, without prices',
        'all' => 'do everything about the builds',
    ];

    public function covers(self $asked): bool
    {
        return self::rank($this) >= self::rank($asked);
    }

    /** What a device is said to be let do. */
    public function given(): string
    {
        return self::GIVEN[$this->value] ?? '';
    }

    /** What a device is told that may not do something. */
    public function words(): string
    {
        return match ($this) {
            self::Bench => 'This is done at the bench itself.',
            default => 'This device may not do that. At the bench, under Hold it on the phone, it can be let do more.',
        };
    }

    private static function rank(self $right): int
    {
        return (int) array_search($right, self::cases(), true);
    }
}
