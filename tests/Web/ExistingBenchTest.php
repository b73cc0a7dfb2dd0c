<?php

declare(strict_types=1);

use App\Models\Build;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Edits;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * A bench that was in use before: its builds were edited, taken back, brought back, restored and pinned by an earlier
 * version. Nothing of it may be lost or read otherwise.
 */

/** Today's code over a copy of that bench; gives the build that hangs. */
function earlierBench(): Build
{
    $copy = tempnam(sys_get_temp_dir(), 'bench');
    copy(dirname(__DIR__).'/Fixtures/bench-before-rooms.sqlite', (string) $copy);
    config(['database.connections.sqlite.database' => $copy]);
    DB::purge();
    Artisan::call('migrate', ['--force' => true]);
    register_shutdown_function(fn (): bool => @unlink((string) $copy));

    return Build::query()->where('title', 'Heron, winter')->firstOrFail();
}

it('has the tables a new bench has', function (): void {
    $tables = ['builds', 'revisions', 'moves', 'preferences'];
    $columns = fn (): array => array_map(
        fn (string $table): array => array_map(
            fn (array $c): array => [$c['name'], $c['type_name'], $c['auto_increment'] || $c['nullable']],
            Schema::getColumns($table),
        ),
        $tables,
    );
    $names = fn (array $all): array => array_map(fn (array $t): array => array_column($t, 0), $all);
    $new = $names($columns());
    earlierBench();
    expect($names($columns()))->toEqual($new);
});

it('reads every revision to the bytes it was kept with, and every edit as one of today', function (): void {
    $build = earlierBench();
    $rows = DB::table('revisions')->where('build_id', $build->id)->orderBy('no')->get();
    expect($rows->count())->toBe(9);
    foreach ($rows as $row) {
        $document = $this->bench()->document($build, (int) $row->no);
        expect(Document::fromJson($document->json)->hash())->toBe($row->hash, "revision {$row->no}");
        $edit = json_decode((string) $row->edit, true);
        // Bringing an old revision back is the history's own, no edit of the build.
        if ($edit !== null && $edit['op'] !== 'restore') {
            expect(Edits::write(Edits::read($edit)))->toEqual($edit);
        }
    }
});

it('shows it on the wall, in the history and at every station, and goes on from it', function (): void {
    $build = earlierBench();
    $this->get('/')->assertOk()->assertSee('Heron')->assertSee('Taken down (1)');
    $history = (string) $this->get("/b/{$build->key}/history")
        ->assertOk()
        ->getContent();
    foreach (DB::table('revisions')->where('build_id', $build->id)->pluck('what') as $what) {
        expect(html_entity_decode($history, ENT_QUOTES))->toContain($what);
    }
    foreach (['brief', 'circuit', 'handover'] as $station) {
        $this->get("/b/{$build->key}/{$station}")->assertOk();
    }
    $before = $this->stands($build)->json;
    $head = $build->head;
    $this->post("/b/{$build->key}/undo", ['base' => (string) $head, 'token' => 'today-u'], self::SWAP)->assertOk();
    expect($build->refresh()->head)->not->toBe($head);
    $this->post(
        "/b/{$build->key}/redo",
        ['base' => (string) $build->head, 'token' => 'today-r'],
        self::SWAP,
    )->assertOk();
    expect($this->stands($build)->json)->toBe($before);
    $this->post("/b/{$build->key}/restore/1", [
        'base' => (string) $build->head,
        'token' => 'today-s',
    ])->assertRedirect();
    expect($this->stands($build)->hash())->toBe($this->bench()->document($build, 1)->hash());
    $down = Build::query()->whereNotNull('deleted_at')->firstOrFail();
    $this->post("/b/{$down->key}/hang-back")->assertRedirect();
    expect($down->refresh()->deleted_at)->toBeNull();
});
