<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Move;
use App\Models\Revision;
use App\Store\Bench;
use App\Store\Seals;
use App\Support\WallClock;
use BenchGlow\Build\Document;

/** What take back and bring back would do, when the build was kept, and how it stood before its newest change. */
final readonly class Moves
{
    /**
     * @param  string|null  $undo  what would be taken back: "Galley shelf: fed at both ends, other window, 21:14"
     * @param  bool  $pinned  whether this revision was handed over
     * @param  string  $sealed  how it stands to its seals, for the head of the page
     */
    private function __construct(
        public ?string $undo,
        public ?string $redo,
        public string $keptAt,
        public bool $pinned,
        private ?Revision $before,
        public string $sealed = '',
    ) {
    }

    public static function of(Build $build, int $base, string $window): self
    {
        $own = fn (int $no): ?Revision => Revision::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->first();
        $revision = $own($base);
        $redo = (new Bench())->redoTarget($build, $base);
        $newest = Move::query()->where('build_id', $build->id)->orderByDesc('id')->first();
        $edited = $newest !== null && $newest->kind === 'edit' && $newest->to_no === $base;

        return new self(
            $revision === null || $revision->parent === null ? null : self::undoWords($build, $revision, $window),
            $redo === null || $own($redo) === null ? null : Said::told($own($redo)),
            WallClock::time($build->changed_at),
            $revision?->pinned !== null,
            $edited && $newest->from_no !== null ? $own($newest->from_no) : null,
            self::sealed($build, $base),
        );
    }

    /** "handed over as A, 2 June"; "B begun, A kept" once it was changed; '' where it never was. */
    private static function sealed(Build $build, int $base): string
    {
        $last = Seals::last($build);
        if ($last === null) {
            return '';
        }
        $day = WallClock::of($last->at)->format('j F');

        return $last->no === $base
            ? "handed over as {$last->letter}, {$day}"
            : Seals::next($build)." begun, {$last->letter} kept";
    }

    private static function undoWords(Build $build, Revision $revision, string $window): string
    {
        $move = Move::query()
            ->where(['build_id' => $build->id, 'to_no' => $revision->no])
            ->whereIn('kind', ['edit', 'restore', 'import'])
            ->first();
        $other =
            $move !== null && $move->window !== $window && $window !== 'plain'
                ? ', '.Said::by($move, 'other window')
                : '';

        return Said::told($revision).$other.', '.WallClock::time($revision->at);
    }

    /** The build before its newest change; null where the last thing done was no edit. */
    public function before(): ?Document
    {
        return $this->before === null ? null : Document::fromStored($this->before->json());
    }
}
