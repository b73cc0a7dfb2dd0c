<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use Throwable;

/** Copies of the whole database: by hand and one a day, fourteen kept; each checked before it counts. */
final class Backups
{
    public const KEPT = 14;

    public static function folder(): string
    {
        return dirname(self::database()).'/backups';
    }

    public static function database(): string
    {
        $path = config('database.connections.sqlite.database');

        return is_string($path) ? $path : '';
    }

    /** @return list<array{path: string, name: string, at: int, bytes: int}> newest first */
    public static function all(): array
    {
        $all = [];
        foreach (glob(self::folder().'/*.sqlite') ?: [] as $path) {
            $all[] = [
                'path' => $path,
                'name' => basename($path),
                'at' => (int) filemtime($path),
                'bytes' => (int) filesize($path),
            ];
        }
        usort($all, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $all;
    }

    /** Days after this one of which a backup is kept: days the bench ran. */
    public static function daysAfter(string $day): int
    {
        $later = fn (array $b): bool => preg_match('/(\d{4}-\d\d-\d\d)/', $b['name'], $m) === 1 && $m[1] > $day;

        return count(array_filter(self::all(), $later));
    }

    /** Today's copy, if there is none yet; the oldest over fourteen go. */
    public static function daily(): ?string
    {
        $name = self::folder().'/bench-'.now()->format('Y-m-d').'.sqlite';
        if (file_exists($name)) {
            return null;
        }
        if (! is_dir(self::folder())) {
            mkdir(self::folder(), 0700, true);
        }
        self::write($name);
        $own = array_values(
            array_filter(
                self::all(),
                fn (array $b): bool => preg_match('/^bench-\d{4}-\d\d-\d\d\.sqlite$/', $b['name']) === 1,
            ),
        );
        foreach (array_slice($own, self::KEPT) as $old) {
            unlink($old['path']);
        }

        return $name;
    }

    /**
     * By a temporary name, checked, then renamed: a copy that was cut off never looks like one.
     *
     * @throws RuntimeException with a sentence
     */
    public static function write(string $path): void
    {
        $part = "{$path}.part";
        if (file_exists($part)) {
            unlink($part);
        }
        try {
            DB::statement('VACUUM INTO ?', [$part]);
        } catch (Throwable $e) {
            throw new RuntimeException(
                'the copy could not be written: '.(Unreachable::sentence($e) ?? $e->getMessage()),
            );
        }
        chmod($part, 0600);
        $wrong = self::problem($part);
        if ($wrong !== null) {
            unlink($part);
            throw new RuntimeException("the copy is not sound: {$wrong}");
        }
        rename($part, $path);
    }

    /** What is wrong with a database file; null: nothing. */
    public static function problem(string $path): ?string
    {
        clearstatcache(true, $path);
        if (! is_file($path)) {
            return 'there is no such file.';
        }
        if (filesize($path) === 0) {
            return 'it is empty.';
        }
        try {
            $pdo = new PDO("sqlite:{$path}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $check = $pdo->query('PRAGMA quick_check(1)');
            $said = $check === false ? 'no answer' : (string) $check->fetchColumn();
            $tables = $pdo->query("SELECT count(*) FROM sqlite_master WHERE name IN ('builds', 'revisions', 'moves')");
            $count = $tables === false ? 0 : (int) $tables->fetchColumn();
        } catch (Throwable) {
            return 'it is no database of the bench, or damaged.';
        }

        return match (true) {
            $said !== 'ok' => 'it is damaged.',
            $count !== 3 => 'it is no database of the bench.',
            default => null,
        };
    }
}
