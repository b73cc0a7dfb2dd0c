<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Handover;
use App\Support\WallClock;
use BenchGlow\Build\Document;
use BenchGlow\HandOver\Exposed;
use BenchGlow\HandOver\Living;

/** What became of all builds of the bench that were handed over, by their heads: the head has what happened since. Those taken down count too. */
final class Lived
{
    public static function of(): Living
    {
        $sealed = [];
        $first = Handover::query()->orderBy('id')->get()->unique('build_id');
        foreach ($first as $seal) {
            $build = Build::query()->find($seal->build_id);
            $document = $build === null ? null : self::head($build);
            $document === null ? null : ($sealed[] = [$document, substr($seal->at, 0, 10)]);
        }

        return new Living($sealed, WallClock::now()->format('Y-m-d'));
    }

    /** @return list<Exposed> what surely fails more often than others; found anew once something was handed over or written down */
    public static function bad(): array
    {
        $of = [
            'lived',
            (string) Handover::query()->max('id'),
            (string) Build::query()
                ->whereIn('id', Handover::query()->select('build_id'))
                ->max('changed_at'),
            WallClock::now()->format('Y-m-d'),
        ];
        $all = Keeper::value($of, fn (): array => self::of()->bad());

        return array_values(array_filter($all, fn (mixed $e): bool => $e instanceof Exposed));
    }

    private static function head(Build $build): ?Document
    {
        $revision = (new Bench())->revision($build, $build->head);

        return $revision->sound() ? Document::fromStored($revision->json()) : null;
    }
}
