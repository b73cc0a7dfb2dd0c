<?php

declare(strict_types=1);

use App\Models\BenchEvent;
use App\Models\Build;
use App\Models\Photo;
use App\Store\Bench;
use App\Store\Demo;
use App\Store\Diary;
use App\Store\Photos;
use App\Support\WallClock;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\Fields;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Support\AtBuild;
use Tests\Support\Pictures;
use Tests\WebTestCase;

/** One post of Build beside its forms: time, away, forget, photo. */
function presses(WebTestCase $test, Build $build, string $what, array $fields = [], array $files = []): TestResponse
{
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/build/{$what}?at=build",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'press'.$sent++,
            'echo' => 'e',
            'render' => 'all',
            ...$fields,
            ...$files,
        ],
        WebTestCase::SWAP,
    );
}

/** A mark as the page sends it. */
function marksDone(
    WebTestCase $test,
    Build $build,
    string $step,
    string $reach = 'bench',
    array $more = [],
): TestResponse {
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/edit?at=build",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'done'.$sent++,
            'echo' => 'e',
            'render' => 'all',
            'op' => 'done',
            'steps' => json_encode([$step]),
            'words' => 'What is done',
            'usual' => json_encode([['step' => $step, 'verb' => 'cut', 'reach' => $reach, 'usual' => 4.0]]),
            ...$more,
        ],
        WebTestCase::SWAP,
    );
}

/** Lets time pass on the record: everything on it lies so much longer ago. */
function passed(int $minutes): void
{
    foreach (BenchEvent::query()->get() as $event) {
        $event->update(['at' => gmdate('Y-m-d H:i:s', (int) strtotime("{$event->at} UTC") - 60 * $minutes)]);
    }
}

/** @return array<string, list<float>> whole minutes: the test itself takes a moment */
function learnedMinutes(): array
{
    return array_map(
        fn (array $rows): array => array_map(fn (array $r): float => round($r['took']), $rows),
        Diary::learned(),
    );
}

/** @return list<string> */
function kinds(): array
{
    return BenchEvent::query()->orderBy('id')->pluck('kind')->all();
}

function photographs(
    WebTestCase $test,
    Build $build,
    string $bytes,
    string $name = 'x.jpg',
    array $more = [],
): TestResponse {
    $path = (string) tempnam(sys_get_temp_dir(), 'glow');
    file_put_contents($path, $bytes);

    return presses($test, $build, 'photo', $more, ['photo' => new UploadedFile($path, $name, null, null, true)]);
}

afterEach(fn () => File::deleteDirectory((string) config('app.photos')));

describe('record', function (): void {
    it('times what is marked in a sitting, learns from it, and can be made to forget', function (): void {
        $build = $this->hungExample('j22-cabinet');
        presses($this, $build, 'time', ['kind' => 'sit'])->assertOk();
        passed(6);
        marksDone($this, $build, 'cut:a')->assertOk();
        passed(3);
        presses($this, $build, 'time', ['kind' => 'break'])->assertOk();
        passed(50);
        // Who marks something is back.
        marksDone($this, $build, 'cut:b')->assertOk();
        expect(kinds())->toBe(['sit', 'done', 'break', 'back', 'done']);
        expect(learnedMinutes())->toBe(['cut bench' => [6.0, 3.0]]);
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))
            ->toMatch('/Cut on the bench 1\.0\d × as long as usual, 2 times taken/')
            ->toContain('h at it:');
        $this->get("/b/{$build->key}/build/times.json")
            ->assertOk()
            ->assertJsonPath('cut bench.0.usual', 4);
        presses($this, $build, 'forget', ['name' => 'cut bench'])->assertOk();
        expect(Diary::learned())->toBe([]);
        passed(5);
        marksDone($this, $build, 'cut:c')->assertOk();
        expect(learnedMinutes())->toBe(['cut bench' => [5.0]]);
    });

    it('begins a sitting by itself, and another after hours away', function (): void {
        $build = $this->hungExample('j22-cabinet');
        marksDone($this, $build, 'cut:a');
        passed(4 * 60);
        marksDone($this, $build, 'cut:b');
        expect(kinds())
            ->toBe(['sit', 'done', 'sit', 'done'])
            ->and(Diary::learned())
            ->toBe([]);
    });

    it('writes a press down once, however often it is sent', function (): void {
        $build = $this->hungExample('j22-cabinet');
        foreach ([1, 2, 3] as $_) {
            marksDone($this, $build, 'cut:a', 'bench', ['token' => 'the same']);
        }
        expect(kinds())->toBe(['sit', 'done']);
    });

    it('learns nothing from a mark that is taken back, nor from a step with a mistake', function (): void {
        $build = $this->hungExample('j22-cabinet');
        presses($this, $build, 'time', ['kind' => 'sit']);
        passed(6);
        marksDone($this, $build, 'cut:a');
        $this->post("/b/{$build->key}/undo?at=build", ['base' => (string) $build->refresh()->head, 'token' => 'back']);
        expect(Diary::learned())
            ->toBe([])
            ->and(kinds())
            ->toBe(['sit', 'done', 'void']);
        passed(5);
        marksDone($this, $build, 'cut:b');
        $mistake = ['op' => 'mistake', 'cause' => 'cut_short', 'step' => 'cut:b', 'short' => '8 cm', 'minutes' => '4'];
        AtBuild::sends($this, $build, $mistake)->assertOk();
        expect(Diary::learned())->toBe([]);
        $log = $this->stands($build)->fields()->objects('log');
        expect($log[count($log) - 1]->number('value'))->toBe(0.08);
    });

    it('asks about a time beyond belief, and takes either answer', function (): void {
        $build = $this->hungExample('j22-cabinet');
        $page = (string) $this->get("/b/{$build->key}/build")->getContent();
        expect($page)->not->toContain('were you away?');
        presses($this, $build, 'time', ['kind' => 'sit']);
        passed(95);
        marksDone($this, $build, 'kit:all');
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))->toContain('95 min, or were you away?');
        presses($this, $build, 'away', ['steps' => '["kit:all"]'])->assertOk();
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))->not->toContain('were you away?');
        $took = new Mark(['kit:all'], '2026-06-01T18:00+02:00', 'it took 25', minutes: 25.0);
        AtBuild::sends($this, $build, [
            'op' => 'edit',
            'edit' => json_encode(\BenchGlow\Edit\Edits::write($took)),
            'usual' => json_encode([['step' => 'kit:all', 'verb' => 'kit', 'reach' => 'bench', 'usual' => 8.0]]),
        ])->assertOk();
        expect(Diary::learned()['kit bench'])->toBe([['usual' => 8.0, 'took' => 25.0]]);
    });

    it('ends no sitting unsafe without being told what was done about it', function (): void {
        $build = $this->hungExample('j22-cabinet');
        presses($this, $build, 'time', ['kind' => 'sit']);
        $refused = presses($this, $build, 'time', ['kind' => 'rise', 'unsafe' => '1']);
        expect($refused->status())->toBe(422)->and(AtBuild::words($refused))->toContain('Done about it');
        presses($this, $build, 'time', [
            'kind' => 'rise',
            'unsafe' => '1',
            'left' => 'ends taped, fuse out',
        ])->assertOk();
        expect(kinds())->toBe(['sit', 'rise']);
        $log = $this->stands($build)->fields()->objects('log');
        expect(end($log)->text('text'))->toBe('ends taped, fuse out');
        expect(presses($this, $build, 'time', ['kind' => 'dance'])->status())->toBe(422);
    });

    it('has a record to learn from on the demo bench', function (): void {
        app(Demo::class)->hang(true);
        expect(Diary::learned())->not->toBe([]);
        expect(array_sum(array_map(count(...), Diary::learned())))->toBeGreaterThan(10);
    });
});

describe('marks', function (): void {
    it('keeps two hundred marks of two windows, none twice', function (): void {
        $build = $this->hungExample('j22-cabinet');
        $seen = $build->refresh()->head;
        // Both go on from what they saw at first, past the page: forty such marks are sent over HTTP elsewhere.
        for ($n = 0; $n < 100; $n++) {
            foreach (['left', 'right'] as $window) {
                $mark = new Mark(["photo:{$window}_{$n}"], '2026-06-01T18:00+02:00', 'a picture');
                $kept = app(Bench::class)->write($build->refresh(), $seen, "{$window} {$n}", $window, $mark);
                Diary::after($build, $mark, "{$window} {$n}", $window, $kept->no, []);
            }
        }
        $marks = array_filter(
            AtBuild::marked($this->stands($build)),
            fn (string $s): bool => str_starts_with($s, 'photo:'),
        );
        expect($marks)->toHaveCount(200)->and(array_unique($marks))->toHaveCount(200);
        expect(BenchEvent::query()->where('kind', 'done')->count())->toBe(200);
    });

    it('dates a mark that waited in the browser when it was pressed, and none in the days to come', function (): void {
        $build = $this->hungExample('j22-cabinet');
        $at = fn (string $step): string => substr(
            (string) collect($this->stands($build)->fields()->object('work')->objects('done'))
                ->first(fn ($r): bool => $r->text('step') === $step)
                ?->text('on'),
            0,
            10,
        );
        $then = now()->subDays(2);
        marksDone($this, $build, 'cut:a', 'bench', ['pressed_at' => (string) ($then->getTimestamp() * 1000)]);
        marksDone($this, $build, 'cut:b', 'bench', [
            'pressed_at' => (string) (now()->addYear()->getTimestamp() * 1000),
        ]);
        expect($at('cut:a'))->toBe($then->format('Y-m-d'))->and($at('cut:b'))->toBe(now()->format('Y-m-d'));
    });

    it('wants a press of its own for what went wrong twice', function (): void {
        $build = $this->hungExample('heron');
        foreach (['a', 'b'] as $token) {
            $slip = new Log('mistake', '2026-06-01', '', null, 'tool_missing');
            app(Bench::class)->write($build->refresh(), $build->head, $token, 'w', $slip);
        }
        $refused = marksDone($this, $build, 'kit:all', 'bench', ['presses' => '1']);
        expect($refused->status())->toBe(422)->and(AtBuild::words($refused))->toContain('each with a press of its own');
        marksDone($this, $build, 'kit:all', 'bench', ['presses' => '1', 'pressed' => ['0']])->assertOk();
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))
            ->toContain('Tool missing: it has a press of its own before it can happen again')
            ->toContain('Put it back');
    });
});

describe('pictures', function (): void {
    it('keeps one the right way up, without where it was taken, and shows it beside its act', function (): void {
        $build = $this->hungExample('j22-cabinet');
        photographs($this, $build, Pictures::held(400, 200), 'IMG_0042 at home.jpg', [
            'step' => 'kit:all',
            'note' => 'all of it',
        ])->assertOk();
        $photo = Photo::query()->firstOrFail();
        expect([$photo->w, $photo->h, $photo->taken_at])->toBe([200, 400, '2026-05-30 18:22:01']);
        $kept = (string) file_get_contents(Photos::path($photo->sha));
        expect(hash('sha256', $kept))->toBe($photo->sha);
        expect($kept)->not->toContain('Exif')->not->toContain('GPS')->not->toContain('2026:05:30');
        $log = $this->stands($build)->fields()->objects('log');
        expect(end($log)->text('photo'))->toBe($photo->sha)->and(end($log)->text('step'))->toBe('kit:all');
        $shown = $this->get("/b/{$build->key}/build/picture/{$photo->sha}/small.jpg")->assertOk();
        expect($shown->headers->get('X-Content-Type-Options'))->toBe('nosniff');
        expect($shown->headers->get('Content-Type'))->toBe('image/jpeg');
        $page = (string) $this->get("/b/{$build->key}/build?act=kit:all")->getContent();
        expect($page)
            ->toContain("{$photo->sha}/small.jpg")
            ->not->toContain('IMG_0042');
    });

    it('makes a large one smaller, and keeps the same one once', function (): void {
        $build = $this->hungExample('j22-cabinet');
        foreach ([1, 2] as $_) {
            photographs($this, $build, Pictures::png(4000, 1000), 'wide.png')->assertOk();
        }
        expect(Photo::query()->count())
            ->toBe(1)
            ->and(Photo::query()->firstOrFail()->w)
            ->toBe(2560);
        [$w] = (array) getimagesize(Photos::path(Photo::query()->firstOrFail()->sha, true));
        expect($w)->toBe(480);
    });

    it('marks the picture that the act asks for', function (): void {
        $build = $this->hungExample('heron');
        photographs($this, $build, Pictures::jpeg(40, 30), 'x.jpg', [
            'step' => 'photo:tap',
            'words' => 'Picture of the tap',
        ])->assertOk();
        expect(AtBuild::marked($this->stands($build)))->toContain('photo:tap');
    });

    it('refuses in a sentence what is no picture', function (callable $bytes, string $says): void {
        $build = $this->hungExample('j22-cabinet');
        $head = $build->refresh()->head;
        $answer = photographs($this, $build, $bytes());
        expect($answer->status())->toBe(422)->and(AtBuild::words($answer))->toContain($says);
        expect($build->refresh()->head)
            ->toBe($head)
            ->and(Photo::query()->count())
            ->toBe(0);
    })->with([
        'text named .jpg' => [fn () => 'just words', 'expected a picture, JPEG, PNG or WebP'],
        'cut short' => [fn () => substr(Pictures::jpeg(300, 300), 0, 700), 'cut short'],
        'a head of 60,000 by 60,000' => [fn () => Pictures::onlyHead(), '3,600 megapixels; 50 is the most'],
        'a page with a script' => [fn () => '<html><script>alert(1)</script></html>', 'expected a picture'],
        'too many bytes' => [fn () => str_pad(Pictures::jpeg(20, 20), 15_100_000, 'x'), '15 MB; 15 is the most'],
        'half a PNG' => [fn () => substr(Pictures::png(300, 300), 0, 80), 'cut short'],
    ]);

    it('refuses a form without one', function (): void {
        $build = $this->hungExample('j22-cabinet');
        expect(AtBuild::words(presses($this, $build, 'photo')))->toContain('choose a picture');
    });

    it('takes out after thirty days what no kept change shows, and nothing else', function (): void {
        $build = $this->hungExample('j22-cabinet');
        photographs($this, $build, Pictures::jpeg(40, 30));
        $kept = Photo::query()->firstOrFail()->sha;
        photographs($this, $build, Pictures::jpeg(50, 30));
        $lost = Photo::query()->where('sha', '!=', $kept)->firstOrFail()->sha;
        DB::table('revisions')->where('no', $build->refresh()->head)->delete();
        Photo::query()->update(['seen_at' => now()->subDays(40)->format('Y-m-d H:i:s')]);
        expect(Photos::thin())->toBe(1);
        expect(Photo::query()->pluck('sha')->all())->toBe([$kept]);
        expect(is_file(Photos::path($lost)))->toBeFalse()->and(is_file(Photos::path($kept, true)))->toBeTrue();
        $this->get("/b/{$build->key}/build/picture/{$lost}/large.jpg")->assertNotFound();
    });
});

describe('kit and hours', function (): void {
    it('counts what is left, and says before the sitting what is short', function (): void {
        $build = $this->hungExample('heron');
        AtBuild::sends($this, $build, ['op' => 'stock', 'what' => 'solder, m', 'have' => '0.2'])->assertOk();
        $page = AtBuild::words($this->get("/b/{$build->key}/build"));
        expect($page)->toContain('Short: Solder,')->toContain('There is enough now');
        $refused = AtBuild::sends($this, $build, ['op' => 'stock', 'what' => 'solder, m', 'have' => 'some']);
        expect(AtBuild::words($refused))->toContain('"some" is no amount');
    });

    it('says on the flag what cures, and on the wire what is done', function (): void {
        $build = $this->hungExample('j22-cabinet');
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))->not->toContain('cures till');
        $light = $this->stands($build)->fields()->objects('lights')[0]->text('id');
        $held = ['id' => 'held', 'of' => $light, 'kind' => 'tape', 'cure_s' => 86_400];
        $tape = new AddItem('fixings', new Fields($held));
        app(Bench::class)->write($build->refresh(), $build->head, 'tape', 'w', $tape);
        marksDone($this, $build, "stick:{$light}", 'open')->assertOk();
        $page = $this->get("/b/{$build->key}/build");
        expect(AtBuild::words($page))->toContain('cures till '.WallClock::now()->addDay()->format('D'));
        expect((string) $page->getContent())->toContain('1 step behind you, the last: Stick');
    });

    it('draws each way of working as its wire', function (): void {
        $build = $this->hungExample('j22-cabinet');
        $page = (string) $this->get("/b/{$build->key}/build?see=ways")->getContent();
        expect(substr_count($page, '<article'))->toBeGreaterThan(5)->toBe(substr_count($page, 'viewBox="80 0 580'));
    });

    it('plans by when a helper comes, keeps the hours of other days, and takes each out', function (): void {
        $build = $this->hungExample('j22-cabinet');
        AtBuild::sends($this, $build, ['op' => 'hours', 'days' => ['mo', 'tu'], 'from' => '18:00', 'to' => '20:00']);
        AtBuild::sends($this, $build, ['op' => 'hours', 'days' => ['tu'], 'from' => '9:00', 'to' => '12:00']);
        $plan = fn () => $this->stands($build)->fields()->object('work')->object('plan');
        expect(array_map(fn ($h): array => $h->texts('days'), $plan()->objects('hours')))->toBe([['mo'], ['tu']]);
        $helper = ['op' => 'window', 'kind' => 'helper', 'day' => '2026-06-03', 'from' => '18:00', 'to' => '20:00'];
        AtBuild::sends($this, $build, $helper)->assertOk();
        expect($plan()->items('helper'))->toBe([['2026-06-03T18:00', '2026-06-03T20:00']]);
        expect(AtBuild::words($this->get("/b/{$build->key}/build")))->toContain(
            'A helper comes on 2026-06-03, 18:00 to 20:00',
        );
        foreach (['day' => '3 June', 'to' => '17:00', 'from' => '25:10'] as $field => $bad) {
            $says = AtBuild::words(AtBuild::sends($this, $build, [...$helper, $field => $bad]));
            expect($says)->toContain($bad);
        }
    });
});
