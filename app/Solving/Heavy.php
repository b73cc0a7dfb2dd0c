<?php

declare(strict_types=1);

namespace App\Solving;

use App\Models\Preference;
use BenchGlow\Build\Document;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Schema;
use Throwable;

/** Builds that take longer than a page may: solved by a worker beside the pages, which tells how far it is and can be stopped. */
final class Heavy
{
    /** Longer than this is not done inside a page, seconds. */
    public const IN_A_PAGE_S = 0.5;

    /** Beyond this nobody waits: refused in words, seconds. */
    private const TOO_MUCH_S = 150.0;

    /** A worker that has said nothing for so long is not there. */
    private const SILENT_S = 10;

    /** A page that has not asked for so long has been left: its build is stopped. */
    private const LEFT_S = 20;

    public static function tooMuchS(): float
    {
        $set = config('app.too_much_s', self::TOO_MUCH_S);

        return is_numeric($set) ? (float) $set : self::TOO_MUCH_S;
    }

    public static function key(Document $document, Preference $preference): string
    {
        return $document->wiringHash().':'.implode(':', $preference->key());
    }

    /** The worker says that it lives. */
    public static function beat(): void
    {
        Cache::put('solving:worker', time(), 60);
    }

    public static function hasWorker(): bool
    {
        $at = Cache::get('solving:worker');

        return is_int($at) && time() - $at <= self::SILENT_S;
    }

    /** Somebody waits for it; asked anew by every look at the page. */
    public static function wanted(Document $document, Preference $preference): void
    {
        $key = self::key($document, $preference);
        Cache::put("solving:wanted:{$key}", time(), 3600);
        if (Cache::add("solving:queued:{$key}", time(), 180)) {
            Cache::forget("solving:stop:{$key}");
            self::table();
            Queue::push(
                new SolveBuild($document->json, $preference->wire, $preference->units, $preference->decimal_sign, $key),
            );
        }
    }

    /** The queue's own file may have been taken away; nothing that is kept was in it. */
    private static function table(): void
    {
        $path = config('database.connections.work.database');
        if (is_string($path) && $path !== ':memory:' && ! file_exists($path)) {
            touch($path);
            chmod($path, 0600);
            DB::purge('work');
        }
        if (! Schema::connection('work')->hasTable('jobs')) {
            Schema::connection('work')->create('jobs', function ($table): void {
                $table->bigIncrements('id');
                $table->string('queue')->index();
                $table->longText('payload');
                $table->unsignedTinyInteger('attempts');
                $table->unsignedInteger('reserved_at')->nullable();
                $table->unsignedInteger('available_at');
                $table->unsignedInteger('created_at');
            });
        }
    }

    public static function prepare(): void
    {
        self::table();
    }

    /** How far it is, 0 to 1; null: it waits for its turn. */
    public static function progress(string $key): ?float
    {
        $at = Cache::get("solving:at:{$key}");

        return is_float($at) ? $at : null;
    }

    public static function stop(string $key): void
    {
        Cache::put("solving:stop:{$key}", true, 3600);
        Cache::forget("solving:queued:{$key}");
    }

    public static function isStopped(string $key): bool
    {
        return Cache::get("solving:stop:{$key}") === true;
    }

    /** What went wrong with it; null: nothing so far. */
    public static function failure(string $key): ?string
    {
        $said = Cache::get("solving:failed:{$key}");

        return is_string($said) ? $said : null;
    }

    /**
     * In the worker: solved and kept, unless somebody stops it or everybody has left.
     *
     * @param  callable(): void  $solve  is given the watch by Watch::with
     */
    public static function run(string $key, callable $solve): void
    {
        self::beat();
        if (self::isStopped($key)) {
            return;
        }
        try {
            Watch::with(function (float $share) use ($key): void {
                self::beat();
                Cache::put("solving:at:{$key}", $share, 600);
                $wanted = Cache::get("solving:wanted:{$key}");
                if (self::isStopped($key) || ! is_int($wanted) || time() - $wanted > self::LEFT_S) {
                    throw new Stopped();
                }
            }, $solve);
            Cache::forget("solving:failed:{$key}");
        } catch (Stopped) {
            // Nobody waits for it any more.
        } catch (Throwable $e) {
            report($e);
            Cache::put("solving:failed:{$key}", 'It could not be solved.', 600);
        } finally {
            Cache::forget("solving:at:{$key}");
            Cache::forget("solving:queued:{$key}");
        }
    }
}
