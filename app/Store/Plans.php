<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Plan;
use Carbon\CarbonImmutable;

/** The order of work of a build, as long as things take on this bench. */
final class Plans
{
    /** An order is found once an hour and for each change; the clock only moves its times. */
    public static function of(Analysis $analysis, CarbonImmutable $now): Plan
    {
        $of = ['plan', $analysis->build->document->hash(), Diary::newest(), $now->format('Y-m-d H')];
        $keep = fn (callable $find): array => Keeper::list($of, $find);

        return new Plan(new LoomList($analysis), $now->format('Y-m-d\TH:iP'), Diary::times(), keep: $keep);
    }
}
