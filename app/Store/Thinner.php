<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Revision;
use Illuminate\Support\Facades\DB;

/**
 * Keeps history within bounds, at start and by command only: "the last 2,000 changes one by one, before that each day's last
 * state". Head, tip, the first, pinned ones and their days' last states stay; children hang on the nearest kept ancestor.
 */
final readonly class Thinner
{
    /** Rows changed in one transaction. */
    private const SLICE = 200;

    /** Share of free pages from which the file is written anew. */
    private const WORTH = 0.2;

    public function __construct(
        private int $newestKept = 2000,
        private int $mostRevisions = 5000,
        private int $mostBytes = 64 * 1024 * 1024,
        private ?int $daysSeen = null,
    ) {
    }

    /** @return int revisions taken out */
    public function run(): int
    {
        foreach (Build::query()->whereNotNull('deleted_at')->get() as $build) {
            // What was handed over stays for what became of it.
            if ($this->isLongGone($build) && Seals::last($build) === null) {
                $build->delete();
            }
        }
        $taken = 0;
        foreach (Build::query()->get() as $build) {
            $taken += $this->thin($build);
        }
        Photos::thin();
        $this->shrink();

        return $taken;
    }

    private function thin(Build $build): int
    {
        $all = Revision::query()
            ->where('build_id', $build->id)
            ->orderBy('no')
            ->get(['no', 'parent', 'pinned', 'at', DB::raw('length(doc) as size')]);
        if ($all->count() <= $this->mostRevisions && $all->sum('size') <= $this->mostBytes) {
            return 0;
        }
        $parent = $all->pluck('parent', 'no')->all();
        $onPath = [];
        for ($at = $build->head; is_int($at); $at = $parent[$at] ?? null) {
            $onPath[$at] = true;
        }
        $newest = array_flip($all->pluck('no')->reverse()->take($this->newestKept)->all());
        $lastOfDay = [];
        foreach ($all as $revision) {
            if (isset($onPath[$revision->no])) {
                $lastOfDay[substr($revision->at, 0, 10)] = $revision->no;
            }
        }
        $days = array_flip($lastOfDay);
        $gone = [];
        foreach ($all as $revision) {
            $keep =
                isset($newest[$revision->no]) ||
                $revision->pinned !== null ||
                isset($days[$revision->no]) ||
                $revision->parent === null ||
                $revision->no === $build->head ||
                $revision->no === $build->tip;
            if (! $keep) {
                $gone[$revision->no] = true;
            }
        }
        $this->take($build, $parent, $gone);

        return count($gone);
    }

    /**
     * @param  array<int, int|null>  $parent
     * @param  array<int, true>  $gone
     */
    private function take(Build $build, array $parent, array $gone): void
    {
        // First the children of what goes are hung on what stays, then it goes, a slice at a time: whoever edits meanwhile never
        // waits long, and a run that is cut off leaves a sound tree.
        $moved = [];
        foreach ($parent as $no => $of) {
            $was = $of;
            while ($of !== null && isset($gone[$of])) {
                $of = $parent[$of] ?? null;
            }
            if (! isset($gone[$no]) && $of !== $was) {
                $moved[$no] = $of;
            }
        }
        foreach (array_chunk($moved, self::SLICE, true) as $slice) {
            DB::transaction(function () use ($build, $slice): void {
                foreach ($slice as $no => $of) {
                    Revision::query()
                        ->where(['build_id' => $build->id, 'no' => $no])
                        ->update(['parent' => $of]);
                }
            });
        }
        foreach (array_chunk(array_keys($gone), self::SLICE) as $slice) {
            Revision::query()->where('build_id', $build->id)->whereIn('no', $slice)->delete();
        }
    }

    /** Room that was freed is given back, where it is worth the while. */
    private function shrink(): void
    {
        $free = (int) (DB::selectOne('PRAGMA freelist_count')->freelist_count ?? 0);
        $all = (int) (DB::selectOne('PRAGMA page_count')->page_count ?? 0);
        if ($all > 0 && $free > self::WORTH * $all) {
            DB::statement('VACUUM');
        }
    }

    /** By the clock, and by the days the bench was seen to run since: a clock set forward by a month takes nothing. */
    private function isLongGone(Build $build): bool
    {
        $deleted = (string) $build->deleted_at;
        $days = $this->daysSeen ?? Backups::daysAfter(substr($deleted, 0, 10));

        return $deleted < now()->subDays(30)->format('Y-m-d H:i:s') && $days >= Backups::KEPT - 1;
    }
}
