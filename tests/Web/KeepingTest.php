<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Preference;
use App\Models\Revision;
use App\Solving\Heavy;
use App\Solving\SolveBuild;
use App\Solving\Stopped;
use App\Solving\Watch;
use App\Store\Analyses;
use App\Store\Backups;
use App\Store\Thinner;
use App\Support\WallClock;
use BenchGlow\Analysis\Weight;
use BenchGlow\Build\Document;
use BenchGlow\Edit\CopyCircuit;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Support\Make;
use Tests\WebTestCase;

/** The coffee trike so many times over on one pack. */
function trikes(int $times): Document
{
    $document = Make::file('coffee-trike.glow.json');
    $circuits = array_column($document->data['circuits'], 'id');
    for ($n = 1; $n < $times; $n++) {
        $document = Make::edited($document, ...array_map(fn (string $c): CopyCircuit => new CopyCircuit($c), $circuits));
    }

    return $document;
}

it('says in words what the database does not do, on the page and to a form, and goes on reading', function (): void {
    $build = $this->hung();
    $this->get("/b/{$build->key}/circuit")->assertOk();
    DB::statement('PRAGMA query_only = ON');
    try {
        $sent = [
            'op' => 'set',
            'id' => 'shelf_light',
            'field' => 'wanted_m',
            'text' => '2 m',
            'base' => '1',
            'token' => 't',
        ];
        $fragment = $this->post("/b/{$build->key}/edit", $sent, WebTestCase::SWAP);
        $plain = $this->post("/b/{$build->key}/edit", $sent);
        $read = $this->get("/b/{$build->key}/circuit");
    } finally {
        DB::statement('PRAGMA query_only = OFF');
    }
    $says = 'The database can only be read: nothing can be kept until it may be written.';
    expect($fragment->getStatusCode())
        ->toBe(503)
        ->and(rawurldecode((string) $fragment->headers->get('X-Glow-Says')))
        ->toBe($says)
        ->and($plain->getStatusCode())
        ->toBe(503)
        ->and((string) $plain->getContent())
        ->toShow($says)
        ->toShow('bin/glow restore')
        ->and($read->getStatusCode())
        ->toBe(200)
        ->and($build->refresh()->head)
        ->toBe(1);
    // The same token again, once it can be written: kept, once.
    $this->post("/b/{$build->key}/edit", $sent, WebTestCase::SWAP)->assertOk();
    $this->post("/b/{$build->key}/edit", $sent, WebTestCase::SWAP)->assertOk();
    expect($build->refresh()->head)->toBe(2);
});

it('says what became of the database file', function (string $said, string $sentence): void {
    expect(App\Store\Unreachable::sentence(new PDOException("SQLSTATE[HY000]: {$said}")))->toBe($sentence);
})->with([
    ['13 database or disk is full', 'The disk is full: nothing can be kept until there is room.'],
    [
        '8 attempt to write a readonly database',
        'The database can only be read: nothing can be kept until it may be written.',
    ],
    ['11 database disk image is malformed', 'The database file is damaged.'],
    ['26 file is not a database', 'The database file is damaged.'],
    ['1 no such table: builds', 'The database file is empty.'],
    ['14 unable to open database file', "The database file can't be opened."],
    ['5 database is locked', 'Another program holds the database.'],
]);

it('gives a page whose session ran out a new token', function (): void {
    $answer = $this->get('/alive')->assertOk();
    expect($answer->json('csrf'))->toBeString()->not->toBe('');
});

it('keeps documents as bytes, so that their length counts and a dump is whole', function (): void {
    $build = $this->hung();
    $row = DB::selectOne('SELECT typeof(doc) AS kind, length(doc) AS size, doc FROM revisions');
    expect($row->kind)->toBe('blob')->and($row->size)->toBe(strlen((string) $row->doc));
    expect(gzdecode((string) $row->doc))->toBe($this->bench()->document($build, 1)->json);
});

it('thins by size as well, in slices, and leaves a sound tree', function (): void {
    $build = $this->hung();
    for ($n = 1; $n <= 60; $n++) {
        $this->bench()->write($build, $n, "t{$n}", 'w', Make::set('shelf_light', 'wanted_m', 1 + $n / 100));
    }
    Revision::query()
        ->where('no', '<', 30)
        ->update(['at' => '2026-01-01 10:00:00']);
    $taken = (new Thinner(newestKept: 10, mostRevisions: 5000, mostBytes: 1000))->run();
    expect($taken)->toBeGreaterThan(30);
    $left = Revision::query()->pluck('parent', 'no')->all();
    foreach ($left as $no => $parent) {
        expect($parent === null || array_key_exists($parent, $left))->toBeTrue("{$no} hangs on {$parent}");
    }
    expect($this->bench()->document($build->refresh(), $build->head)->json)->toContain('1.6');
});

it('finds the way to redo in one query, however long it is', function (): void {
    $build = $this->hung();
    for ($n = 1; $n <= 80; $n++) {
        $this->bench()->write($build, $n, "t{$n}", 'w', Make::set('shelf_light', 'wanted_m', 1 + $n / 100));
    }
    for ($n = 81; $n > 1; $n--) {
        $this->bench()->undo($build, $n, "u{$n}", 'w');
    }
    DB::enableQueryLog();
    DB::flushQueryLog();
    expect($this->bench()->redoTarget($build->refresh(), 1))->toBe(2);
    expect(count(array_filter(DB::getQueryLog(), fn (array $q): bool => str_contains($q['query'], 'revisions'))))->toBe(
        1,
    );
    DB::disableQueryLog();
    expect($this->bench()->redoTarget($build, 40))
        ->toBe(41)
        ->and($this->bench()->redoTarget($build, 81))
        ->toBeNull();
});

it('takes nothing away because a clock was set forward, and nothing because it was set back', function (): void {
    $build = $this->hung();
    $this->bench()->remove($build);
    $this->travel(40)->days();
    // The clock says forty days; the bench has not run on one of them.
    (new Thinner(daysSeen: 0))->run();
    expect(Build::query()->count())->toBe(1);
    (new Thinner(daysSeen: 20))->run();
    expect(Build::query()->count())->toBe(0);
    $again = $this->hung();
    $this->travel(-80)->days();
    $this->bench()->write($again, 1, 'x', 'w', Make::set('shelf_light', 'wanted_m', 2));
    (new Thinner(daysSeen: 20))->run();
    expect($again->refresh()->head)
        ->toBe(2)
        ->and(Revision::query()->count())
        ->toBe(2);
    $this->get("/b/{$again->key}/circuit")->assertOk();
});

it('shows clock times in the zone of the bench', function (): void {
    Preference::row()->setAttribute('zone', 'Pacific/Auckland')->save();
    expect(WallClock::time('2026-06-30 12:00:00'))
        ->toBe('00:00')
        ->and(WallClock::day('2026-06-30 12:30:00'))
        ->toBe('2026-07-01 00:30');
    $build = $this->hung();
    $build->update(['changed_at' => '2026-06-30 12:00:00']);
    $this->get("/b/{$build->key}/circuit")->assertSee('kept 00:00');
    $this->from('/')
        ->post('/bench', ['zone' => 'Middle Earth'])
        ->assertSessionHas('refused');
    $this->from('/')
        ->post('/bench', ['zone' => 'Europe/Lisbon'])
        ->assertSessionMissing('refused');
    expect(Preference::row()->zone)->toBe('Europe/Lisbon');
    expect(WallClock::known(WallClock::machine()))->toBeTrue();
});

it('says what is wrong with a file that is to be put back', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'glow');
    expect(Backups::problem("{$path}.not"))
        ->toBe('there is no such file.')
        ->and(Backups::problem($path))
        ->toBe('it is empty.');
    file_put_contents($path, 'no database at all, but long enough to look at');
    expect(Backups::problem($path))->toBe('it is no database of the bench, or damaged.');
    unlink($path);
    (new PDO("sqlite:{$path}"))->exec('CREATE TABLE other (x)');
    expect(Backups::problem($path))->toBe('it is no database of the bench.');
    unlink($path);
    Backups::write($path);
    expect(Backups::problem($path))
        ->toBeNull()
        ->and(fileperms($path) & 0777)
        ->toBe(0600);
    $bytes = (string) file_get_contents($path);
    file_put_contents($path, substr($bytes, 0, intdiv(strlen($bytes), 2)));
    expect(Backups::problem($path))->not->toBeNull();
    unlink($path);
});

it('leaves a heavy build to the worker, tells how far it is, and follows', function (): void {
    Queue::fake();
    $document = trikes(4);
    expect(Weight::seconds($document))->toBeGreaterThan(Heavy::IN_A_PAGE_S);
    expect(Weight::seconds(Make::file('heron.glow.json')))->toBeLessThan(Heavy::IN_A_PAGE_S);
    $build = $this->bench()->create($document, 'x', 'w');
    Heavy::beat();
    $page = $this->get("/b/{$build->key}/circuit")->assertOk();
    expect((string) $page->getContent())
        ->toShow('This build is being solved')
        ->toShow('It waits for its turn.')
        ->toShow('Take back the newest change')
        ->and($page->headers->get('Refresh'))
        ->toBe('1');
    $this->get("/b/{$build->key}/circuit");
    Queue::assertPushed(SolveBuild::class, 1);
    // While it is solved other pages answer as ever.
    $other = $this->hung();
    $this->get("/b/{$other->key}/circuit")
        ->assertOk()
        ->assertSee('id="drawing"', false);
    $told = [];
    Queue::pushed(SolveBuild::class)->each(function (SolveBuild $job) use (&$told): void {
        $job->handle(app(Analyses::class));
    });
    $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->assertSee('id="drawing"', false);
});

it('stops what nobody waits for', function (): void {
    Queue::fake();
    $document = trikes(4);
    $build = $this->bench()->create($document, 'x', 'w');
    Heavy::beat();
    $this->get("/b/{$build->key}/circuit")->assertSee('being solved');
    $key = Heavy::key($document, Preference::row());
    $this->post('/solving/stop', ['key' => $key])->assertStatus(303);
    $this->get("/b/{$build->key}/circuit")->assertSee('Stopped');
    $ran = false;
    Heavy::run($key, function () use (&$ran): void {
        $ran = true;
    });
    expect($ran)->toBeFalse();
    $this->post('/solving/again', ['key' => $key])->assertStatus(303);
    $this->get("/b/{$build->key}/circuit")->assertSee('being solved');
    // Everybody left: the worker notices at its next look.
    Cache::put("solving:wanted:{$key}", time() - 60, 3600);
    $got = null;
    Heavy::run($key, function () use (&$got): void {
        try {
            Watch::at(0.5);
        } catch (Stopped $e) {
            $got = $e;
            throw $e;
        }
    });
    expect($got)->toBeInstanceOf(Stopped::class);
});

it('refuses in words what would take minutes', function (): void {
    config(['app.too_much_s' => 0.6]);
    $document = trikes(4);
    $build = $this->bench()->create($document, 'x', 'w');
    $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->assertSee('Too much for one build');
});

it('solves a build once, however many ask', function (): void {
    $build = $this->hung();
    $document = $this->bench()->document($build, 1);
    $solved = 0;
    $make = function () use (&$solved, $document): App\Store\KeptReview {
        $solved++;

        return app(Analyses::class)->solve($document, Preference::row());
    };
    $found = null;
    $find = function () use (&$found): ?App\Store\KeptReview {
        return $found;
    };
    $found = App\Store\Keeper::once(['k'], $find, $make);
    App\Store\Keeper::once(['k'], $find, $make);
    expect($solved)->toBe(1);
});
