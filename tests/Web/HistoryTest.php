<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Move;
use App\Models\Revision;
use App\Store\Conflict;
use App\Store\Damaged;
use App\Store\Difference;
use App\Store\Thinner;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use Illuminate\Support\Facades\DB;
use Tests\Support\Make;

function lengthEdit(float $m): SetField
{
    return Make::set('shelf_light', 'wanted_m', $m);
}

it('keeps each change as a child of the head', function (): void {
    $build = $this->hung();
    $kept = $this->bench()->write($build, 1, 'a', 'w1', lengthEdit(2.0));
    expect([$kept->no, $kept->changed])->toBe([2, true]);
    $build->refresh();
    expect([$build->head, $build->tip, $build->next])->toBe([2, 2, 3]);
    $revision = $this->bench()->revision($build, 2);
    expect([$revision->parent, $revision->what, $revision->sound()])
        ->toBe([1, 'Shelf: length 2 m', true])
        ->and($this->bench()->document($build, 1)->json)
        ->toBe(Make::shelf()->json);
});

it('writes nothing for an edit that changes nothing, and nothing for one that is refused', function (): void {
    $build = $this->hung();
    expect($this->bench()->write($build, 1, 'a', 'w', lengthEdit(3.34))->changed)->toBeFalse();
    expect(fn () => $this->bench()->write($build, 1, 'b', 'w', lengthEdit(-2.0)))->toThrow(BadBuild::class);
    expect([Revision::query()->count(), Move::query()->count(), $build->refresh()->head])->toBe([1, 1, 1]);
});

it('answers a token it has seen as it did then', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'same', 'w', lengthEdit(2.0));
    $this->bench()->write($build, 2, 'other', 'w', lengthEdit(2.5));
    expect($this->bench()->write($build, 1, 'same', 'w', lengthEdit(9.0))->no)
        ->toBe(2)
        ->and(Revision::query()->count())
        ->toBe(3);
});

it('tells the later of two writers and lets neither lose', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'a', 'w1', lengthEdit(2.0));
    expect(fn () => $this->bench()->write($build, 1, 'b', 'w2', lengthEdit(2.5)))->toThrow(Conflict::class);
    expect($this->bench()->write($build, 2, 'c', 'w2', lengthEdit(2.5))->no)->toBe(3);
});

it('undoes and redoes along the path to the tip, and branches', function (): void {
    $build = $this->hung();
    $bench = $this->bench();
    foreach ([2.0, 2.5, 3.0] as $n => $m) {
        $bench->write($build, $n + 1, "t{$n}", 'w', lengthEdit($m));
    }
    expect($bench->undo($build, 4, 'u1', 'w')->no)
        ->toBe(3)
        ->and($bench->undo($build, 3, 'u2', 'w')->no)
        ->toBe(2)
        ->and($bench->redo($build, 2, 'r1', 'w')->no)
        ->toBe(3)
        ->and($build->refresh()->tip)
        ->toBe(4);
    // A new edit after undo is a second branch; the old one stays and can be brought back.
    expect($bench->write($build, 3, 'b', 'w', lengthEdit(1.0))->no)
        ->toBe(5)
        ->and($bench->redo($build, 5, 'r2', 'w')->changed)
        ->toBeFalse();
    expect($bench->restore($build, 5, 'x', 'w', 4)->no)
        ->toBe(6)
        ->and($bench->document($build, 6)->json)
        ->toBe($bench->document($build, 4)->json)
        ->and($bench->undo($build, 6, 'u3', 'w')->no)
        ->toBe(5);
});

it('takes back nothing a window has not seen', function (): void {
    $build = $this->hung();
    $bench = $this->bench();
    $bench->write($build, 1, 'a', 'w1', lengthEdit(2.0));
    // The example of two windows: A undoes, B edits from the old base, then puts it on top; A's redo is stale.
    $bench->write($build, 2, 'b', 'w1', lengthEdit(2.2));
    expect($bench->undo($build, 3, 'c', 'A')->no)
        ->toBe(2)
        ->and(fn () => $bench->write($build, 3, 'd', 'B', lengthEdit(4.0)))
        ->toThrow(Conflict::class);
    expect($bench->write($build, 2, 'e', 'B', lengthEdit(4.0))->no)
        ->toBe(4)
        ->and(fn () => $bench->redo($build, 2, 'f', 'A'))
        ->toThrow(Conflict::class)
        ->and(fn () => $bench->undo($build, 2, 'g', 'A'))
        ->toThrow(Conflict::class)
        ->and($build->refresh()->head)
        ->toBe(4);
});

it('walks 500 random steps like a list in memory', function (): void {
    mt_srand(99);
    $build = $this->hung();
    $bench = $this->bench();
    $documents = [1 => Make::shelf()->json];
    $parents = [1 => null];
    [$head, $tip, $next] = [1, 1, 2];
    foreach (range(1, 500) as $n) {
        $redo = null;
        for ($at = $tip; $at !== null && $at !== $head; $at = $parents[$at]) {
            $redo = $at;
        }
        $redo = $at === $head ? $redo : null;
        switch (mt_rand(0, 4)) {
            case 0:
                $kept = $bench->undo($build, $head, "t{$n}", 'w');
                $head = $parents[$head] ?? $head;
                break;
            case 1:
                $kept = $bench->redo($build, $head, "t{$n}", 'w');
                $head = $redo ?? $head;
                break;
            case 2:
                $no = mt_rand(1, $next - 1);
                $kept = $bench->restore($build, $head, "t{$n}", 'w', $no);
                if ($documents[$no] !== $documents[$head]) {
                    [$documents[$next], $parents[$next]] = [$documents[$no], $head];
                    $head = $tip = $next++;
                }
                break;
            default:
                $m = mt_rand(10, 400) / 100;
                $edited = Make::edited(BenchGlow\Build\Document::fromJson($documents[$head]), lengthEdit($m));
                $kept = $bench->write($build, $head, "t{$n}", 'w', lengthEdit($m));
                if ($edited->json !== $documents[$head]) {
                    [$documents[$next], $parents[$next]] = [$edited->json, $head];
                    $head = $tip = $next++;
                }
        }
        expect($kept->no)->toBe($head)->and($bench->document($build, $head)->json)->toBe($documents[$head]);
    }
    $build->refresh();
    expect([$build->head, $build->tip, $build->next])->toBe([$head, $tip, $next]);
});

it('says what differs by id and field', function (): void {
    $a = Make::shelf();
    $b = Make::edited($a, lengthEdit(2.0), Make::set('F1', 'fuse_a', 3));
    expect(Difference::of($b, $a))->toBe([
        ['name' => 'Shelf', 'field' => 'wanted_m', 'theirs' => '2', 'yours' => '3.34'],
        ['name' => 'Fuse F1', 'field' => 'fuse_a', 'theirs' => '3', 'yours' => 'as recommended'],
    ]);
});

it('says it when a stored revision is damaged, and offers the newest sound one', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'a', 'w', lengthEdit(2.0));
    DB::table('revisions')
        ->where('no', 2)
        ->update(['doc' => gzencode('{"format":"bench-glow/build"}')]);
    try {
        $this->bench()->document($build, 2);
        $this->fail('a damaged revision was opened');
    } catch (Damaged $e) {
        expect($e->soundAncestor)
            ->toBe(1)
            ->and($e->getMessage())
            ->toContain('Revision 2 is damaged')
            ->toContain('Revision 1 is the newest sound one');
    }
    $this->get("/b/{$build->key}/circuit")
        ->assertStatus(409)
        ->assertSee('Revision 2 is damaged')
        ->assertSee('Go back to revision 1');
});

it('thins long histories without touching head, tip, pinned ones and each day\'s last', function (): void {
    $build = $this->hung();
    $bench = $this->bench();
    foreach (range(1, 60) as $n) {
        $bench->write($build, $n, "t{$n}", 'w', lengthEdit(1 + $n / 20));
        DB::table('revisions')
            ->where('no', $n + 1)
            ->update(['at' => sprintf('2026-01-%02d 12:%02d:00', 1 + intdiv($n, 10), $n % 10)]);
    }
    $bench->pin($build, 14, 'sheet');
    $bench->undo($build->refresh(), 61, 'u', 'w');
    $taken = (new Thinner(newestKept: 20, mostRevisions: 50))->run();
    $left = Revision::query()->orderBy('no')->pluck('parent', 'no')->all();
    expect($taken)
        ->toBe(61 - count($left))
        ->and($taken)
        ->toBeGreaterThan(30)
        ->and(array_keys($left))
        ->toContain(1, 14, 60, 61, 10, 20, 30, 40);
    foreach ($left as $no => $parent) {
        expect($parent === null || array_key_exists($parent, $left))->toBeTrue();
    }
    expect($bench->undo($build, 60, 'v', 'w')->no)
        ->toBe(59)
        ->and($bench->document($build, 14)->title())
        ->toBe('Test bench');
});

it('keeps an old head when history is thinned, and what it stands on', function (): void {
    $build = $this->hung();
    $bench = $this->bench();
    foreach (range(1, 40) as $n) {
        $bench->write($build, $n, "t{$n}", 'w', lengthEdit(1 + $n / 20));
    }
    DB::table('revisions')->update(['at' => '2026-01-01 12:00:00']);
    // Brought far back: the head is neither new, nor a day's last, nor pinned.
    foreach (range(41, 8, -1) as $n) {
        $bench->undo($build->refresh(), $n, "u{$n}", 'w');
    }
    expect($build->refresh()->head)->toBe(7);
    $before = $bench->document($build, 7)->json;
    (new Thinner(newestKept: 5, mostRevisions: 10))->run();
    $left = Revision::query()->orderBy('no')->pluck('no')->all();
    expect($left)
        ->toBe([1, 7, 37, 38, 39, 40, 41])
        ->and($bench->document($build, 7)->json)
        ->toBe($before)
        ->and($bench->undo($build, 7, 'back', 'w')->no)
        ->toBe(1);
});

it('keeps a deleted build for thirty days', function (): void {
    $build = $this->hung();
    $this->bench()->remove($build);
    (new Thinner())->run();
    expect(Build::query()->count())->toBe(1);
    $build->update(['deleted_at' => now()->subDays(31)->format('Y-m-d H:i:s')]);
    (new Thinner(daysSeen: 14))->run();
    expect([Build::query()->count(), Revision::query()->count(), Move::query()->count()])->toBe([0, 0, 0]);
});

// ---- two processes on one file --------------------------------------------------------------------------------------

/** @return array{string, array<string, string>} database file and the environment of a writer */
function sharedBench(): array
{
    $file = tempnam(sys_get_temp_dir(), 'glow').'.sqlite';
    touch($file);
    $env = [
        'GLOW_DATABASE' => $file,
        'APP_ENV' => 'testing',
        'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
        'CACHE_STORE' => 'array',
        'SESSION_DRIVER' => 'array',
        'PATH' => getenv('PATH'),
    ];

    return [$file, $env];
}

it('lets two processes write 300 edits each: all 600 there, none twice, no error', function (): void {
    [$file, $env] = sharedBench();
    exec(
        'GLOW_DATABASE='.
            escapeshellarg($file).
            ' APP_ENV=testing '.
            PHP_BINARY.
            ' '.
            __DIR__.
            '/../Support/writer.php prepare',
        $out,
        $code,
    );
    expect($code)->toBe(0);
    $a = proc_open(
        [PHP_BINARY, __DIR__.'/../Support/writer.php', 'edit', 'a', '300'],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipeA,
        null,
        $env,
    );
    $b = proc_open(
        [PHP_BINARY, __DIR__.'/../Support/writer.php', 'edit', 'b', '300'],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipeB,
        null,
        $env,
    );
    $said = [
        stream_get_contents($pipeA[1]),
        stream_get_contents($pipeA[2]),
        stream_get_contents($pipeB[1]),
        stream_get_contents($pipeB[2]),
    ];
    expect([proc_close($a), proc_close($b), $said[1], $said[3]])->toBe([0, 0, '', '']);
    $db = new PDO("sqlite:{$file}");
    $texts = array_map(
        fn (string $doc): string => (string) gzdecode($doc),
        $db->query('SELECT doc FROM revisions ORDER BY no DESC LIMIT 1')->fetchAll(PDO::FETCH_COLUMN),
    );
    $facts = array_column(json_decode($texts[0], true)['brief']['facts'], 'id');
    expect(count($facts))
        ->toBe(600)
        ->and(count(array_unique($facts)))
        ->toBe(600)
        ->and((int) $db->query('SELECT count(*) FROM revisions')->fetchColumn())
        ->toBe(601)
        ->and((int) $db->query('SELECT count(DISTINCT token) FROM moves')->fetchColumn())
        ->toBe(601);
    unlink($file);
});

it('loses no answered edit when it is killed in the middle of 1,000', function (): void {
    mt_srand(3);
    [$file, $env] = sharedBench();
    exec(
        'GLOW_DATABASE='.
            escapeshellarg($file).
            ' APP_ENV=testing '.
            PHP_BINARY.
            ' '.
            __DIR__.
            '/../Support/writer.php prepare',
        $out,
        $code,
    );
    $answered = [];
    for ($round = 0; count($answered) < 1000; $round++) {
        $process = proc_open(
            [PHP_BINARY, __DIR__.'/../Support/writer.php', 'lengths', "r{$round}", '400'],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            null,
            $env,
        );
        $stop = mt_rand(20, 220);
        for ($n = 0; $n < $stop && ($line = fgets($pipes[1])) !== false; $n++) {
            $answered[] = trim($line);
        }
        proc_terminate($process, 9);
        while (($line = fgets($pipes[1])) !== false) {
            if (str_ends_with($line, "\n")) {
                $answered[] = trim($line);
            }
        }
        proc_close($process);
    }
    $db = new PDO("sqlite:{$file}");
    $tokens = array_flip($db->query('SELECT token FROM moves')->fetchAll(PDO::FETCH_COLUMN));
    $lost = array_filter($answered, fn (string $line): bool => ! isset($tokens[explode(' ', $line)[0]]));
    $head = $db
        ->query('SELECT r.doc, r.hash FROM builds b JOIN revisions r ON r.build_id = b.id AND r.no = b.head')
        ->fetch(PDO::FETCH_ASSOC);
    expect($lost)
        ->toBe([])
        ->and(count($answered))
        ->toBeGreaterThanOrEqual(1000)
        ->and($round)
        ->toBeGreaterThan(3)

        ->and(hash('sha256', (string) gzdecode($head['doc'])))
        ->toBe($head['hash'])
        ->and($db->query('PRAGMA integrity_check')->fetchColumn())
        ->toBe('ok');
    unlink($file);
});
