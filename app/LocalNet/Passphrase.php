<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Preference;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Cookie;

/** A passphrase for the bench itself, where others pass by. Devices that were let in are not asked for it. */
final class Passphrase
{
    private const COOKIE = 'bench_touched';

    private const SHORTEST = 8;

    private const LONGEST = 200;

    /** Minutes without a touch after which it is asked for again. */
    private const IDLE_MIN = 15;

    /** OWASP's choice for Argon2id: 19 MiB, two passes. */
    private const COST = ['memory_cost' => 19456, 'time_cost' => 2, 'threads' => 1];

    public static function isSet(): bool
    {
        return Preference::row()->passphrase !== '';
    }

    /** @throws NotUnderstood */
    public static function set(string $said): void
    {
        if (mb_strlen($said) < self::SHORTEST || strlen($said) > self::LONGEST) {
            throw new NotUnderstood('Passphrase: expected at least '.self::SHORTEST.' letters, digits or spaces.');
        }
        Preference::row()->update(['passphrase' => password_hash($said, PASSWORD_ARGON2ID, self::COST)]);
        Door::tell('passphrase', 'A passphrase was set.');
    }

    public static function clear(): void
    {
        Preference::row()->update(['passphrase' => '']);
        self::pause()->over();
        Door::tell('passphrase', 'The passphrase was taken off.');
    }

    /** @throws NotUnderstood */
    public static function check(string $said): void
    {
        if (self::pause()->left() > 0) {
            throw new NotUnderstood('Passphrase: wait '.self::pause()->left().' seconds, then type it again.');
        }
        if (! password_verify($said, Preference::row()->passphrase)) {
            self::pause()->failed();
            Door::tell('refused', 'A wrong passphrase at the bench.');
            throw new NotUnderstood('Passphrase: this is not the one that was set.');
        }
        self::pause()->over();
    }

    private static function pause(): Pauses
    {
        return new Pauses('passphrase', 3, 2, 300);
    }

    /** Whether it must be typed before anything is shown. */
    public static function asks(Request $request): bool
    {
        $kept = $request->cookies->get(self::COOKIE);
        [$at, $of] = explode(' ', (is_string($kept) ? $kept : '').' ');

        return $of !== self::mark() || (int) $at < now()->getTimestamp() - 60 * self::IDLE_MIN;
    }

    /** Who touched the bench now need not type it again for a while; the cookie is sealed with the key of the application. */
    public static function touched(): Cookie
    {
        return Cookie::create(self::COOKIE, now()->getTimestamp().' '.self::mark())->withSameSite('strict');
    }

    public static function lock(): void
    {
        Cache::increment('locked');
    }

    /** Another passphrase, or a lock, and what was typed before counts no more. */
    private static function mark(): string
    {
        $times = Cache::get('locked');

        return substr(hash('sha256', Preference::row()->passphrase.' '.(is_int($times) ? $times : 0)), 0, 16);
    }
}
