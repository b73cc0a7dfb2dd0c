<?php

declare(strict_types=1);

namespace App\Store;

use App\LocalNet\Visitor;
use App\Models\Build;
use App\Models\Move;
use App\Models\Revision;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Edit\Commutes;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\Signing;
use BenchGlow\Format\BadBuild;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use RuntimeException;

/**
 * Builds and their history: immutable revisions in a tree, a head that moves. Every write begins with the UPDATE that proves
 * the base is still the head, so that two writers never meet half way (a read first would fail with "locked" under load).
 */
final class Bench
{
    public const HISTORY_SHOWN = 200;

    /** How often a mark is put on a head that has moved on once more. */
    private const COMMUTES = 8;

    /** A new build from a document. */
    public function create(Document $document, string $what, string $window, string $kind = 'new'): Build
    {
        return DB::transaction(function () use ($document, $what, $window, $kind): Build {
            $build = Build::create([
                'key' => bin2hex(random_bytes(8)),
                'head' => 1,
                'tip' => 1,
                'next' => 2,
                'title' => $document->title(),
                'changed_at' => self::now(),
            ]);
            $this->insert($build->id, 1, null, $document, $what, null);
            Move::create([
                'build_id' => $build->id,
                'from_no' => null,
                'to_no' => 1,
                'kind' => $kind,
                'window' => $window,
                'token' => bin2hex(random_bytes(8)),
                'at' => self::now(),
            ]);

            return $build;
        });
    }

    /**
     * @throws BadBuild where the edit is refused
     * @throws Conflict where the base is no longer the head
     */
    public function write(Build $build, int $base, string $token, string $window, Edit $edit): Kept
    {
        Gate::authorize('apply', $edit);
        $seen = $this->seen($build, $token);
        if ($seen !== null) {
            return $seen;
        }
        $edit = Signing::by($edit, Visitor::person());
        try {
            return $this->put($build, $base, $token, $window, $edit);
        } catch (Conflict $conflict) {
            // A mark only appends: it is put on what the bench has come to, where what it concerns is still the same.
            return $this->commuted($build, $base, $token, $window, $edit, $conflict);
        }
    }

    private function put(Build $build, int $base, string $token, string $window, Edit $edit): Kept
    {
        $before = $this->document($build, $base);
        $after = Editor::apply($before, $edit);
        if ($after->json === $before->json) {
            return new Kept($base, false);
        }

        return $this->advance(
            $build,
            $base,
            $token,
            $window,
            'edit',
            $after,
            $edit->says(Names::between($before, $after)),
            Edits::write($edit),
        );
    }

    /** @throws Conflict where the edit does not commute, or what it concerns has changed */
    private function commuted(
        Build $build,
        int $base,
        string $token,
        string $window,
        Edit $edit,
        Conflict $conflict,
    ): Kept {
        $seen = $this->document($build, $base);
        for ($tries = 0; $tries < self::COMMUTES && $edit instanceof Commutes; $tries++) {
            if (! $edit->holdsOn($seen, $this->document($build, $conflict->head))) {
                break;
            }
            try {
                return $this->put($build, $conflict->head, $token, $window, $edit);
            } catch (Conflict $again) {
                $conflict = $again;
            }
        }
        throw new Conflict($base, $conflict->head);
    }

    /** Any kept revision becomes the newest one: an ordinary, undoable change. */
    public function restore(Build $build, int $base, string $token, string $window, int $no): Kept
    {
        $seen = $this->seen($build, $token);
        if ($seen !== null) {
            return $seen;
        }
        $head = $this->document($build, $base);
        $document = Past::kept($this->document($build, $no), $head);
        $done = count($document->fields()->object('work')->objects('done'));
        $what = "Brought back: {$this->revision($build, $no)->what}".($done === 0 ? '' : "; {$done} done steps kept");

        return $head->json === $document->json
            ? new Kept($base, false)
            : $this->advance($build, $base, $token, $window, 'restore', $document, $what, [
                'op' => 'restore',
                'no' => $no,
            ]);
    }

    /** A whole document takes the place of the head: a file read in, a quick sum kept. */
    public function import(
        Build $build,
        int $base,
        string $token,
        string $window,
        Document $document,
        string $what = 'Read in from a file',
    ): Kept {
        return $this->seen($build, $token) ??
            $this->advance($build, $base, $token, $window, 'import', $document, $what, null);
    }

    public function undo(Build $build, int $base, string $token, string $window): Kept
    {
        $seen = $this->seen($build, $token);
        if ($seen !== null) {
            return $seen;
        }
        $revision = $this->revision($build, $base);
        $this->mayShift($revision);
        $parent = $revision->parent;

        return $parent === null
            ? $this->stay($build, $base)
            : $this->shift($build, $base, $parent, 'undo', $token, $window);
    }

    public function redo(Build $build, int $base, string $token, string $window): Kept
    {
        $seen = $this->seen($build, $token);
        if ($seen !== null) {
            return $seen;
        }
        $next = $this->redoTarget($build->refresh(), $base);
        $next === null ?: $this->mayShift($this->revision($build, $next));

        return $next === null
            ? $this->stay($build, $base)
            : $this->shift($build, $base, $next, 'redo', $token, $window);
    }

    /** The child of $base on the path from tip back to it. */
    public function redoTarget(Build $build, int $base): ?int
    {
        // One query up the path, however many steps were taken back.
        $found = DB::selectOne(
            'WITH RECURSIVE up(no, parent) AS (
                SELECT no, parent FROM revisions WHERE build_id = ?1 AND no = ?2
                UNION ALL
                SELECT r.no, r.parent FROM revisions r JOIN up ON r.build_id = ?1 AND r.no = up.parent WHERE up.parent <> ?3
            ) SELECT no FROM up WHERE parent = ?3 LIMIT 1',
            [$build->id, $build->tip, $base],
        );
        $no = $found->no ?? null;

        return is_int($no) ? $no : null;
    }

    /** The head moves to an earlier revision without its own document being read: the way out of a damaged one. */
    public function goBack(Build $build, int $base, string $token, string $window, int $no): Kept
    {
        return $this->shift($build, $base, $no, 'undo', $token, $window);
    }

    /** Who may not make a change may not take it back either, nor bring it back. */
    private function mayShift(Revision $revision): void
    {
        if (Gate::allows('reach', 'restore')) {
            return;
        }
        $json = json_decode((string) $revision->edit, true);
        $json = is_array($json) ? $json : [];
        isset(Edits::ALL[$json['op'] ?? ''])
            ? Gate::authorize('apply', Edits::read($json))
            : Gate::authorize('reach', 'restore');
    }

    private function stay(Build $build, int $base): Kept
    {
        $head = (int) Build::query()->whereKey($build->id)->value('head');

        return $head === $base ? new Kept($base, false) : throw new Conflict($base, $head);
    }

    private function seen(Build $build, string $token): ?Kept
    {
        $move = Move::query()
            ->where(['build_id' => $build->id, 'token' => $token])
            ->first();

        return $move === null ? null : new Kept($move->to_no, true);
    }

    /** @param  array<array-key, mixed>|null  $edit */
    private function advance(
        Build $build,
        int $base,
        string $token,
        string $window,
        string $kind,
        Document $document,
        string $what,
        ?array $edit,
    ): Kept {
        return $this->once(
            $build,
            $token,
            fn (): Kept => DB::transaction(function () use (
                $build,
                $base,
                $token,
                $window,
                $kind,
                $document,
                $what,
                $edit,
            ): Kept {
                $moved = DB::update(
                    'UPDATE builds SET head = next, tip = next, next = next + 1, title = ?, changed_at = ? WHERE id = ? AND head = ?',
                    [$document->title(), self::now(), $build->id, $base],
                );
                $head = (int) Build::query()->whereKey($build->id)->value('head');
                if ($moved === 0) {
                    throw new Conflict($base, $head);
                }
                $this->insert($build->id, $head, $base, $document, $what, $edit);
                $this->move($build, $base, $head, $kind, $window, $token);

                return new Kept($head, true);
            }),
        );
    }

    private function shift(Build $build, int $base, int $to, string $kind, string $token, string $window): Kept
    {
        $title = $this->document($build, $to)->title();

        return $this->once(
            $build,
            $token,
            fn (): Kept => DB::transaction(function () use ($build, $base, $to, $kind, $token, $window, $title): Kept {
                $moved = DB::update('UPDATE builds SET head = ?, title = ?, changed_at = ? WHERE id = ? AND head = ?', [
                    $to,
                    $title,
                    self::now(),
                    $build->id,
                    $base,
                ]);
                if ($moved === 0) {
                    throw new Conflict($base, (int) Build::query()->whereKey($build->id)->value('head'));
                }
                $this->move($build, $base, $to, $kind, $window, $token);

                return new Kept($to, true);
            }),
        );
    }

    /**
     * The same token from two requests at once: the second finds the first one's answer.
     *
     * @param  callable(): Kept  $write
     */
    private function once(Build $build, string $token, callable $write): Kept
    {
        try {
            return $write();
        } catch (UniqueConstraintViolationException $e) {
            return $this->seen($build, $token) ?? throw $e;
        }
    }

    private function move(Build $build, int $from, int $to, string $kind, string $window, string $token): void
    {
        Move::create([
            'build_id' => $build->id,
            'from_no' => $from,
            'to_no' => $to,
            'kind' => $kind,
            'window' => $window,
            'token' => $token,
            'at' => self::now(),
            'person' => Visitor::person(),
            'device' => Visitor::device(),
        ]);
    }

    /** @param  array<array-key, mixed>|null  $edit */
    private function insert(int $build, int $no, ?int $parent, Document $document, string $what, ?array $edit): void
    {
        Revision::create([
            'build_id' => $build,
            'no' => $no,
            'parent' => $parent,
            'doc' => self::blob((string) gzencode($document->json, 6)),
            'hash' => $document->hash(),
            'what' => mb_strimwidth($what, 0, 200, '…'),
            'edit' => $edit === null ? null : json_encode($edit),
            'at' => self::now(),
        ]);
    }

    /**
     * Bound as bytes: bound as text, SQLite counts its length to the first zero byte and a shell dump is cut there.
     *
     * @return resource
     */
    private static function blob(string $bytes)
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            throw new RuntimeException('No memory stream.');
        }
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }

    public function revision(Build $build, int $no): Revision
    {
        return Revision::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->first() ?? throw new NotKept($no);
    }

    /** @throws Damaged */
    public function document(Build $build, int $no): Document
    {
        $revision = $this->revision($build, $no);
        if (! $revision->sound()) {
            throw new Damaged($no, $this->soundAncestor($build, $revision));
        }

        return Document::fromStored($revision->json());
    }

    private function soundAncestor(Build $build, Revision $revision): ?int
    {
        while ($revision->parent !== null) {
            $revision = $this->revision($build, $revision->parent);
            if ($revision->sound()) {
                return $revision->no;
            }
        }

        return null;
    }

    public function pin(Build $build, int $no, string $why): void
    {
        Revision::query()
            ->where(['build_id' => $build->id, 'no' => $no])
            ->whereNull('pinned')
            ->update(['pinned' => $why]);
    }

    public function remove(Build $build): void
    {
        $build->update(['deleted_at' => self::now()]);
    }

    public static function now(): string
    {
        return now()->format('Y-m-d H:i:s');
    }
}
