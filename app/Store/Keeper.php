<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;

/**
 * Keeps what was computed, by what it was computed from and by the version of the computing code. Whatever can't be read back
 * is computed again; nothing here is ever the only copy.
 */
final class Keeper
{
    private const DAYS = 30;

    /** No solve takes longer; a lock held longer was left behind. */
    private const LONGEST_S = 40;

    /** Values over this many bytes are worth packing; small ones are read faster as they are. */
    private const PACK_OVER = 8192;

    /**
     * @template T of object|array<array-key, mixed>
     *
     * @param  list<string|int>  $of  what it is computed from
     * @param  callable(): T  $make
     * @return T
     */
    public static function value(array $of, callable $make): object|array
    {
        $kept = self::get(self::key($of));
        if ($kept === null) {
            $kept = $make();
            self::put($of, $kept);
        }

        /** @var T $kept */
        return $kept;
    }

    /**
     * @param  list<string|int>  $of
     * @param  callable(): string  $make
     */
    public static function text(array $of, callable $make): string
    {
        $said = self::store()->get(self::key($of));
        if (! is_string($said)) {
            $said = $make();
            self::store()->put(self::key($of), $said, now()->addDays(self::DAYS));
        }

        return $said;
    }

    /**
     * What is kept already; null where it would have to be computed.
     *
     * @template T of object
     *
     * @param  list<string|int>  $of
     * @param  class-string<T>  $class
     * @return T|null
     */
    public static function kept(array $of, string $class): ?object
    {
        $value = self::get(self::key($of));

        return $value instanceof $class ? $value : null;
    }

    /**
     * Made by one, however many ask at the same time: the others wait and find it.
     *
     * @template T of object
     *
     * @param  list<string|int>  $of
     * @param  callable(): (T|null)  $find
     * @param  callable(): T  $make
     * @return T
     */
    public static function once(array $of, callable $find, callable $make): object
    {
        $lock = Cache::lock('once:'.self::key($of), self::LONGEST_S);
        try {
            $lock->block(self::LONGEST_S);
        } catch (LockTimeoutException) {
            // Whoever held it is gone; it is made here.
            return $find() ?? $make();
        }
        try {
            return $find() ?? $make();
        } finally {
            $lock->release();
        }
    }

    private static function store(): Repository
    {
        return Cache::store(config('cache.kept'));
    }

    /** @param  list<string|int>  $of */
    private static function key(array $of): string
    {
        return implode(':', [...$of, self::version()]);
    }

    /** @return object|array<array-key, mixed>|null */
    private static function get(string $key): object|array|null
    {
        $kept = self::store()->get($key);
        if (! is_string($kept) || $kept === '') {
            return null;
        }
        // A value kept by an older version of a class may not fit any more.
        try {
            $value = @unserialize($kept[0] === 'z' ? (string) @gzuncompress(substr($kept, 1)) : substr($kept, 1));
        } catch (\Throwable) {
            return null;
        }

        $readable = is_array($value) || (is_object($value) && ! ($value instanceof \__PHP_Incomplete_Class));

        return $readable ? $value : null;
    }

    /**
     * @param  list<string|int>  $of
     * @param  object|array<array-key, mixed>  $value
     */
    public static function put(array $of, object|array $value): void
    {
        $text = serialize($value);
        $packed = strlen($text) > self::PACK_OVER ? 'z'.gzcompress($text, 1) : "p{$text}";
        self::store()->put(self::key($of), $packed, now()->addDays(self::DAYS));
    }

    /**
     * A plain list, kept as it is.
     *
     * @param  list<string|int>  $of
     * @param  callable(): list<array{string|null, string}>  $make
     * @return list<array{string|null, string}>
     */
    public static function list(array $of, callable $make): array
    {
        $kept = self::get(self::key($of));
        if (! is_array($kept)) {
            $kept = $make();
            self::put($of, $kept);
        }

        /** @var list<array{string|null, string}> $kept */
        return $kept;
    }

    /** bin/glow start hands over a digest of core/; otherwise the file times say whether the code has changed. */
    public static function version(): string
    {
        static $version = null;

        return $version ??= config('app.core') ?? self::fileTimes();
    }

    private static function fileTimes(): string
    {
        $files = [...glob(base_path('core/*/*.php')) ?: [], ...glob(base_path('core/*/*/*.php')) ?: []];

        return substr(md5(implode(' ', array_map(filemtime(...), $files))), 0, 12);
    }
}
