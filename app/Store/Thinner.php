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
    public function __construct(
        private int $newestKept = 2000,
        private int $mostRevisions = 5000,
        private int $mostBytes = 64 * 1024 * 1024,
    ) {
    }

    /** @return int revisions taken out */
    public function run(): int
    {
        Build::query()
            ->whereNotNull('deleted_at')
            ->where('deleted_at', '<', now()->subDays(30)->format('Y-m-d H:i:s'))
            ->delete();
        $taken = 0;
        foreach (Build::query()->get() as $build) {
            $taken += $this->thin($build);
        }

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
        DB::transaction(function () use ($build, $parent, $gone): void {
            // A write first, so that the transaction never has to upgrade a read.
            foreach (array_chunk(array_keys($gone), 500) as $chunk) {
                Revision::query()->where('build_id', $build->id)->whereIn('no', $chunk)->delete();
            }
            foreach ($parent as $no => $of) {
                $was = $of;
                while ($of !== null && isset($gone[$of])) {
                    $of = $parent[$of] ?? null;
                }
                if (! isset($gone[$no]) && $of !== $was) {
                    Revision::query()
                        ->where(['build_id' => $build->id, 'no' => $no])
                        ->update(['parent' => $of]);
                }
            }
        });
    }
}
