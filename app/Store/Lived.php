<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Handover;
use App\Support\WallClock;
use BenchGlow\Build\Document;
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

    private static function head(Build $build): ?Document
    {
        $revision = (new Bench())->revision($build, $build->head);

        return $revision->sound() ? Document::fromStored($revision->json()) : null;
    }
}
