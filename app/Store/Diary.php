<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\BenchEvent;
use App\Models\Build;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\Unmark;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\Times;
use Illuminate\Support\Facades\DB;

/** Writes down what happens on the bench and when, and reads from it how long things take here. Nothing is ever changed in it. */
final class Diary
{
    /** Longer away than this, and another sitting begins. */
    private const AWAY_S = 3 * 3600;

    /** Steps of one event. */
    private const MOST = 400;

    /**
     * What an edit tells of the time: marks, marks taken off, mistakes.
     *
     * @param  list<array<string, mixed>>  $usual  step, verb, reach and usual minutes, as the page knew them
     */
    public static function after(Build $build, Edit $edit, string $token, string $window, int $base, array $usual): void
    {
        foreach ($edit instanceof Batch ? $edit->edits : [$edit] as $n => $one) {
            $own = $n === 0 ? $token : "{$token}.{$n}";
            if ($one instanceof Mark && in_array($one->result, ['done', 'as_it_should'], true)) {
                $known = array_column($usual, null, 'step');
                $steps = array_map(fn (string $s): array => $known[$s] ?? ['step' => $s], $one->steps);
                $one->minutes === null
                    ? self::add($build, 'done', $steps, $own, $window, $base)
                    : self::state($build, $steps, $one->minutes, $own, $window, $base);
            } elseif ($one instanceof Unmark) {
                $steps = array_map(fn (string $s): array => ['step' => $s], $one->steps);
                self::add($build, 'void', $steps, $own, $window, $base);
            } elseif ($one instanceof Log && $one->kind === 'mistake' && $one->step !== null) {
                self::add($build, 'void', [['step' => $one->step, 'slip' => true]], $own, $window, $base);
            }
        }
    }

    /** A mark that is taken back is no time that is learned from. */
    public static function undone(Build $build, ?string $edit, string $token, string $window, int $base): void
    {
        $data = json_decode((string) $edit, true);
        if (! is_array($data) || ($data['op'] ?? '') !== 'mark' || ! is_array($data['steps'] ?? null)) {
            return;
        }
        $steps = array_map(fn (string $s): array => ['step' => $s], array_filter($data['steps'], is_string(...)));
        self::add($build, 'void', array_values($steps), "undo {$token}", $window, $base);
    }

    /**
     * @param  string  $kind  sit · break · back · rise · done · void
     * @param  list<array<string, mixed>>  $steps
     */
    public static function add(Build $build, string $kind, array $steps, string $token, string $window, int $base): void
    {
        DB::transaction(function () use ($build, $kind, $steps, $token, $window, $base): void {
            $last = BenchEvent::query()->where('build_id', $build->id)->orderByDesc('id')->first();
            $now = time();
            // A clock set back makes no time, and takes none.
            $since = $last === null ? null : max(0, $now - (int) strtotime("{$last->at} UTC"));
            $sits = $last !== null && $last->kind !== 'rise' && $since <= self::AWAY_S;
            if (! $sits && $kind === 'done') {
                self::insert($build, 'sit', [], "sit {$token}", $window, $base, 0, $now);
                $since = 0;
            } elseif ($sits && $last->kind === 'break' && $kind === 'done') {
                // Who marks something is back.
                self::insert($build, 'back', [], "back {$token}", $window, $base, (int) $since, $now);
                $since = 0;
            }
            self::insert(
                $build,
                $kind,
                $steps,
                $token,
                $window,
                $base,
                $kind === 'sit' || ! $sits ? 0 : (int) $since,
                $now,
            );
        });
    }

    /**
     * A time that was said, in place of the one that was measured.
     *
     * @param  list<array<string, mixed>>  $steps
     */
    private static function state(
        Build $build,
        array $steps,
        float $minutes,
        string $token,
        string $window,
        int $base,
    ): void {
        self::insert($build, 'done', $steps, $token, $window, $base, (int) round($minutes * 60), time(), true);
    }

    /** @param  list<array<string, mixed>>  $steps */
    private static function insert(
        Build $build,
        string $kind,
        array $steps,
        string $token,
        string $window,
        int $base,
        int $seconds,
        int $now,
        bool $stated = false,
    ): void {
        // The same press sent twice is one event.
        BenchEvent::query()->insertOrIgnore([
            'build_id' => $build->id,
            'at' => gmdate('Y-m-d H:i:s', $now),
            'window' => $window,
            'token' => $token,
            'kind' => $kind,
            'steps' => json_encode(array_slice($steps, 0, self::MOST), JSON_THROW_ON_ERROR),
            'seconds' => $seconds,
            'stated' => $stated,
            'base' => $base,
        ]);
    }

    public static function of(Build $build): Record
    {
        $rows = BenchEvent::query()->where('build_id', $build->id)->orderBy('id')->get();

        return new Record(array_values($rows->map(self::event(...))->all()));
    }

    /** @return array{kind: string, seconds: float, steps: list<array<string, mixed>>, stated: bool} */
    private static function event(BenchEvent $row): array
    {
        $steps = json_decode($row->steps, true);

        return [
            'kind' => $row->kind,
            'seconds' => (float) $row->seconds,
            'steps' => is_array($steps) ? array_values(array_filter($steps, is_array(...))) : [],
            'stated' => $row->stated,
        ];
    }

    /** Whether somebody is at it, away for a while, or gone: sits · break · '' */
    public static function presence(Build $build): string
    {
        $last = BenchEvent::query()->where('build_id', $build->id)->orderByDesc('id')->first();
        $since = $last === null ? 0 : time() - (int) strtotime("{$last->at} UTC");

        return match (true) {
            $last === null, $last->kind === 'rise', $since > self::AWAY_S => '',
            $last->kind === 'break' => 'break',
            default => 'sits',
        };
    }

    /** What a kept order or time was found under. */
    public static function newest(): string
    {
        $last = (int) BenchEvent::query()->max('id');
        $anew = DB::table('times_anew')->pluck('after', 'name')->sortKeys()->all();

        return "{$last} ".substr(hash('xxh3', (string) json_encode($anew)), 0, 8);
    }

    /** How long things take on this bench. */
    public static function times(): Times
    {
        $taken = [];
        foreach (self::learned() as $name => $rows) {
            $taken[$name] = array_map(fn (array $r): float => $r['took'] / $r['usual'], $rows);
        }

        return new Times($taken);
    }

    /** @return array<string, list<array{usual: float, took: float}>> "join bench" => minutes, over all builds */
    public static function learned(): array
    {
        /** @var array<string, list<array{usual: float, took: float}>> $all */
        $all = Keeper::value(['times', self::newest()], self::find(...));

        return $all;
    }

    /** @return array<string, list<array{usual: float, took: float}>> */
    private static function find(): array
    {
        $anew = DB::table('times_anew')->pluck('after', 'name')->all();
        $ofBuild = [];
        foreach (BenchEvent::query()->orderBy('id')->get() as $row) {
            $ofBuild[$row->build_id][] = $row;
        }
        $all = [];
        foreach ($ofBuild as $rows) {
            $last = [];
            foreach ($rows as $row) {
                foreach (self::event($row)['steps'] as $step) {
                    $last[is_string($step['step'] ?? null) ? $step['step'] : ''] = $row->id;
                }
            }
            foreach ((new Record(array_map(self::event(...), $rows)))->learned() as $time) {
                if ($last[$time['step']] > ($anew[$time['name']] ?? 0)) {
                    $all[$time['name']][] = ['usual' => $time['usual'], 'took' => round($time['took'], 3)];
                }
            }
        }
        ksort($all);

        return $all;
    }

    /** What was learned of a verb and place counts no more. */
    public static function forget(string $name): void
    {
        DB::table('times_anew')->upsert(
            ['name' => $name, 'after' => (int) BenchEvent::query()->max('id')],
            ['name'],
            ['after'],
        );
    }
}
