<?php

declare(strict_types=1);

namespace App\Wall;

use App\Models\Build;
use App\Models\Preference;
use App\Models\Revision;
use App\Stations\Stations;
use App\Store\Analyses;
use App\Store\Bench;
use App\Store\Damaged;
use App\Store\Keeper;
use Illuminate\Database\Eloquent\Builder;

/** The builds that hang, a page of them at a time: searched, sorted, with what is kept of each. */
final readonly class Wall
{
    public const AT_A_TIME = 24;

    /** As the address says it => column and direction. */
    public const SORTS = ['hung' => ['id', 'asc'], 'changed' => ['changed_at', 'desc'], 'title' => ['title', 'asc']];

    public function __construct(private Bench $bench, private Analyses $analyses, private Stations $stations)
    {
    }

    /** Builds that hang and whose title holds a word. */
    public function count(string $word): int
    {
        return $this->hanging($word)->count();
    }

    /**
     * @param  int  $page  from 1
     * @return list<Card>
     */
    public function cards(string $word, string $sort, int $page, Preference $preference): array
    {
        [$column, $direction] = self::SORTS[$sort];
        $builds = $this->hanging($word)
            ->orderBy($column, $direction)
            ->orderBy('id')
            ->offset(($page - 1) * self::AT_A_TIME)
            ->limit(self::AT_A_TIME)
            ->get();
        $cards = [];
        foreach ($builds as $build) {
            $head = $this->head($build);
            $kept = $head === null ? null : Keeper::kept($this->key($head, $preference), Summary::class);
            $cards[] = new Card($build, $kept, $this->stations);
        }

        return $cards;
    }

    /** @throws Damaged where the stored head can't be read */
    public function card(Build $build, Preference $preference): Card
    {
        $document = $this->bench->document($build, $build->head);
        $head = $this->head($build);
        $make = fn (): Summary => Summary::of(
            $document,
            $this->analyses->of($document, $preference),
            $head?->pinned !== null,
            $this->stations,
        );

        return new Card(
            $build,
            $head === null ? $make() : Keeper::value($this->key($head, $preference), $make),
            $this->stations,
        );
    }

    /** @return list<Build> taken down, the last one first */
    public function down(): array
    {
        return array_values(
            Build::query()->whereNotNull('deleted_at')->orderByDesc('deleted_at')->limit(50)->get()->all(),
        );
    }

    /** @return Builder<Build> */
    private function hanging(string $word): Builder
    {
        $like = '%'.addcslashes($word, '%_\\').'%';

        return Build::query()
            ->whereNull('deleted_at')
            ->when($word !== '', fn (Builder $q): Builder => $q->whereRaw("title LIKE ? ESCAPE '\\'", [$like]));
    }

    private function head(Build $build): ?Revision
    {
        return Revision::query()
            ->where(['build_id' => $build->id, 'no' => $build->head])
            ->first(['hash', 'pinned']);
    }

    /** @return list<string> */
    private function key(Revision $head, Preference $preference): array
    {
        $stations = implode(',', array_keys($this->stations->all()));

        return ['wall', $head->hash, $head->pinned === null ? '' : 'pinned', $stations, ...$preference->key()];
    }
}
