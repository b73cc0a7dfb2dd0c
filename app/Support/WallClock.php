<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Preference;
use Carbon\CarbonImmutable;
use DateTimeZone;

/** Times as a clock on the wall shows them: kept in UTC, shown in the zone of the bench, the machine's unless it is set. */
final class WallClock
{
    public static function zone(): DateTimeZone
    {
        $set = (string) rescue(fn (): mixed => Preference::row()->zone, '', false);

        return new DateTimeZone(self::known($set) ? $set : self::machine());
    }

    public static function known(string $zone): bool
    {
        return $zone !== '' && in_array($zone, DateTimeZone::listIdentifiers(), true);
    }

    /** What the machine's own clock is set to. */
    public static function machine(): string
    {
        $said = [
            (string) getenv('TZ'),
            is_readable('/etc/timezone') ? trim((string) file_get_contents('/etc/timezone')) : '',
            (string) preg_replace('#^.*/zoneinfo/#', '', (string) @readlink('/etc/localtime')),
        ];

        return array_values(array_filter($said, self::known(...)))[0] ?? 'UTC';
    }

    public static function now(): CarbonImmutable
    {
        return CarbonImmutable::now(self::zone());
    }

    /** When something was pressed: now, or of what waited in the browser its milliseconds; a clock that goes ahead makes nothing of tomorrow. */
    public static function pressed(string $ms, string $sentMs = ''): CarbonImmutable
    {
        $now = self::now();
        if (preg_match('/^\d{13}$/', $ms) !== 1) {
            return $now;
        }
        // By the browser's own clock both: what it is off by falls out.
        $sent = preg_match('/^\d{13}$/', $sentMs) === 1 ? (int) $sentMs : (int) $now->getTimestampMs();

        return $now->subMilliseconds(max(0, $sent - (int) $ms));
    }

    /** "21:14" of a time as it is kept. */
    public static function time(string $kept): string
    {
        return self::of($kept)->format('H:i');
    }

    /** "2026-11-27 21:14". */
    public static function day(string $kept): string
    {
        return self::of($kept)->format('Y-m-d H:i');
    }

    public static function of(string $kept): CarbonImmutable
    {
        return CarbonImmutable::createFromFormat('Y-m-d H:i:s', $kept, 'UTC')?->setTimezone(self::zone()) ??
            CarbonImmutable::now(self::zone());
    }
}
