<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Handover;
use App\Store\Archives;
use App\Store\Bench;
use App\Store\Seals;
use App\Store\Shares;
use App\Store\Thinner;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\Build\Document;
use BenchGlow\HandOver\Archive;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\AtBuild;
use Tests\Support\AtTheDoor;
use Tests\Support\HandOverFaults;

beforeEach(function (): void {
    config(['app.bench_key' => sys_get_temp_dir().'/bench-glow-web-'.getmypid().'.key']);
});

/** @param  array<string, string>  $with */
function handed(Build $build, string $op, array $with): TestResponse
{
    return test()->post("/b/{$build->key}/edit?at=handover", [
        'op' => $op,
        'base' => (string) $build->refresh()->head,
        'token' => bin2hex(random_bytes(8)),
        ...$with,
    ]);
}

function headOf(Build $build): Document
{
    return (new Bench())->document($build->refresh(), $build->head);
}

describe('the price', function (): void {
    it('is one sentence, with what it is made of and what can be picked', function (): void {
        $build = $this->hungExample('heron');
        $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf=price")->assertOk());
        expect($words)
            ->toMatch('/1?,?\d{3}\.\d\d EUR, of which [\d.]+ hours; at most/')
            ->toContain('Warm white in the galley')
            ->toContain('Margin on parts, 20 %')
            ->toContain('Wires hidden behind the lining');
        // The customer's page has the same options, and neither cost nor margin.
        $page = AtBuild::words($this->get("/b/{$build->key}/quote")->assertOk());
        expect($page)->toContain('Warm white in the galley')->toContain('One of these')->not->toContain('Margin');
    });

    it('takes each figure as people say it, and says what it expected', function (
        string $of,
        string $text,
        mixed $kept,
    ): void {
        $build = $this->hungExample('heron');
        handed($build, 'quote', ['of' => $of, 'text' => $text]);
        expect(headOf($build)->fields()->object('quote')->data[$of] ?? null)->toBe($kept);
    })->with([
        ['rate_per_h', '45/h', '45'],
        ['rate_per_h', '47,50', '47.50'],
        ['margin', '20 %', '0.2'],
        ['margin', '7.5', '0.075'],
        ['discount', '1,412.50 EUR', '1412.50'],
        ['hours', '5,5 h', '5.5'],
        ['hours', '', 'plan'],
        ['valid_until', '30 June 2027', '2027-06-30'],
        ['tax', 'Tax 19 %; Levy 0.5 %', [['label' => 'Tax', 'rate' => '0.19'], ['label' => 'Levy', 'rate' => '0.005']]],
        ['gross', 'with', true],
    ]);

    it('keeps nothing of what it does not understand, and names the field', function (
        string $op,
        array $with,
        string $says,
    ): void {
        $build = $this->hungExample('heron');
        $head = $build->head;
        $answer = handed($build, $op, $with);
        expect(AtBuild::words($answer).session('refused'))->toContain($says);
        expect($build->refresh()->head)->toBe($head);
    })->with([
        ['quote', ['of' => 'rate_per_h', 'text' => '45 EUR'], 'Rate: “45 EUR” is money an hour; type 45 or 45/h.'],
        ['quote', ['of' => 'tax', 'text' => 'Tax 119 %'], 'Tax 119 % is over 100. Did you mean 19 %?'],
        ['quote', ['of' => 'valid_until', 'text' => '31 June'], 'Valid until 31 June: June has 30 days.'],
        ['quote', ['of' => 'discount', 'text' => 'much'], 'Discount: expected money, as 12.50'],
        ['quote_line', ['words' => '', 'amount' => '3'], 'Words: expected what it is'],
        ['picks', ['codes' => 'Z9-Z'], 'Picks: Z9-Z is no code of this quote.'],
        ['happened', ['sort' => 'failed', 'words' => 'dark'], 'What it was about: choose it'],
        ['hand', ['sort' => 'point', 'words' => 'x', 'due' => '31 June'], 'Due on 31 June: June has 30 days.'],
    ]);

    it('takes picks as one change, and offers the newest change instead of making it', function (): void {
        $build = $this->hungExample('heron');
        preg_match_all('/\b[A-Z]\d-[A-Z]\b/', AtBuild::words($this->get("/b/{$build->key}/quote")), $codes);
        handed($build, 'picks', ['codes' => "{$codes[0][0]}, {$codes[0][2]}"]);
        $options = array_map(
            fn ($o): bool => $o->flag('chosen'),
            headOf($build)->fields()->object('quote')->objects('options'),
        );
        expect($options)->toBe([true, false, true, false]);
        expect(headOf($build)->fields()->objects('lights')[0]->text('part'))->toBe('strip_warm_12_48');

        handed($build, 'set', ['id' => 'galley_shelf_light', 'field' => 'wanted_m', 'text' => '2 m']);
        $this->post("/b/{$build->key}/offer", [
            'base' => (string) $build->refresh()->head,
            'words' => 'A shorter shelf',
        ])->assertRedirect();
        $fields = headOf($build)->fields();
        expect($fields->objects('lights')[0]->number('wanted_m'))->not->toBe(2.0);
        expect($fields->object('quote')->objects('options')[4]->text('label'))->toBe('A shorter shelf');
        expect(AtBuild::words($this->get("/b/{$build->key}/handover?leaf=price")))->toContain('A shorter shelf');
    });
});

describe('the seal', function (): void {
    it('is refused while a danger is open, and asks for whom', function (): void {
        $build = $this->bench()->create(HandOverFaults::handed(false), 'Hung', 'w');
        $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf=seal"));
        expect($words)
            ->toContain('Shelf was never proven')
            ->toContain('With a danger open it can')
            ->not->toContain('Seal it as');
        $this->post("/b/{$build->key}/seal", ['base' => (string) $build->head, 'made_for' => 'x'])->assertRedirect();
        expect(session('refused'))->toContain('a danger is open')->and(Seals::of($build))->toBe([]);
        $sound = $this->bench()->create(HandOverFaults::handed(), 'Hung', 'w');
        $this->post("/b/{$sound->key}/seal", ['base' => (string) $sound->head, 'made_for' => ' '])->assertRedirect();
        expect(session('refused'))->toContain('Hand over to: expected whom it is for');
    });

    it('keeps what was handed over under its letter; the first change begins the next', function (): void {
        $build = $this->bench()->create(HandOverFaults::handed(), 'Hung', 'w');
        $this->post("/b/{$build->key}/seal", [
            'base' => (string) $build->head,
            'made_for' => 'the skipper of the Heron',
        ])->assertRedirect();
        $seal = Seals::last($build->refresh());
        expect($seal?->letter)
            ->toBe('A')
            ->and($seal?->no)
            ->toBe($build->head)
            ->and($seal?->made_for)
            ->toBe('the skipper of the Heron');
        expect(Seals::isSound($seal, $build))->toBeTrue();
        expect(AtBuild::words($this->get("/b/{$build->key}/circuit")))->toContain('handed over as A');
        expect(AtBuild::words($this->get("/b/{$build->key}/sheet")))
            ->toContain('Made for the skipper of the Heron')
            ->toContain('Handed over as A');
        handed($build, 'set', ['id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '1.1 m']);
        $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf=changed"));
        expect($words)->toContain('B begun, A kept')->toContain('length');
        // Never thinned, whatever becomes of the history.
        (new Thinner(newestKept: 1, mostRevisions: 1))->run();
        expect((new Bench())->document($build, $seal->no)->hash())->toBe($seal->hash);
        Handover::query()
            ->whereKey($seal->id)
            ->update(['hash' => str_repeat('0', 64)]);
        expect(AtBuild::words($this->get("/b/{$build->key}/handover?leaf=seal")))->toContain(
            'Its signature does not hold',
        );
    });

    it('has letters without end', function (): void {
        expect([Seals::letter(0), Seals::letter(25), Seals::letter(26), Seals::letter(27), Seals::letter(52)])->toBe([
            'A',
            'Z',
            'AA',
            'AB',
            'BA',
        ]);
    });
});

describe('what is sent', function (): void {
    it('is one signed file that asks nobody for anything, and a paper', function (): void {
        $build = $this->hungExample('mineral-cabinet');
        $file = $this->get("/b/{$build->key}/sheet.html")->assertOk();
        $html = (string) $file->getContent();
        expect(Signed::read($html)[0] ?? '')->toBe(Signed::SOUND);
        expect($html)->toContain("default-src 'none'")->not->toMatch('/(src|href)="(?!data:)/');
        expect(
            (string) $this->get("/b/{$build->key}/sheet.pdf")
                ->assertOk()
                ->getContent(),
        )->toStartWith('%PDF-');
    });

    it('shows no id to who reads the leaves', function (string $name): void {
        $build = $this->hungExample($name);
        foreach (['sheet', 'price', 'seal', 'since', 'changed'] as $leaf) {
            $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf={$leaf}")->assertOk());
            expect($words)->not->toMatch('/\b[a-z]+_[a-z]+(_[a-z0-9]+)*\b/', "{$name} {$leaf}");
        }
    })->with(['heron', 'mineral-cabinet', 'carnival-lantern']);

    it('gives a build back out of its archive, with its record; a spoilt one leaves nothing', function (): void {
        $build = $this->hungExample('carnival-lantern');
        handed($build, 'set', ['id' => 'flame_light', 'field' => 'label', 'text' => 'The flame']);
        $path = sys_get_temp_dir().'/bench-glow-a-'.bin2hex(random_bytes(4)).'.zip';
        Archives::write($build->refresh(), $path);
        $back = Archives::read($path);
        expect(headOf($back)->json)->toBe(headOf($build)->json)->and($back->key)->not->toBe($build->key);
        expect(substr_count((string) Archive::text($path, Archive::REVISIONS), "\n"))->toBe(2);
        $count = Build::query()->count();
        $zip = new ZipArchive();
        $zip->open($path);
        $zip->addFromString('../evil.php', 'x');
        $zip->close();
        expect(fn () => Archives::read($path))->toThrow(NotUnderstood::class, 'wants to write outside');
        expect(Build::query()->count())->toBe($count);
        $this->get("/b/{$build->key}/archive.zip")->assertOk();
    });
});

describe('since then', function (): void {
    it('stands on a line of time, and counts over all builds', function (): void {
        $build = $this->bench()->create(HandOverFaults::handed(), 'Hung', 'w');
        expect(AtBuild::words($this->get("/b/{$build->key}/handover?leaf=since")))->toContain(
            'Nothing was handed over yet',
        );
        $seal = Seals::seal($build, $build->head, 'a customer', now()->subYears(2)->format('Y-m-d H:i:s'));
        handed($build, 'happened', [
            'sort' => 'failed',
            'about' => 'shelf_light',
            'words' => 'The far half went dark',
            'cause' => 'tape_let_go',
            'hours' => '120 h',
            'weather' => 'frost',
            'day' => now()->subYear()->format('Y-m-d'),
        ]);
        $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf=since"));
        expect($words)
            ->toContain('It failed')
            ->toContain('far half went dark')
            ->toContain('after 120 h of use, frost: tape let go');
        expect($words)->toContain('Too few to tell')->and($seal->letter)->toBe('A');
    });

    it('is empty where no circuit is drawn', function (): void {
        $build = $this->bench()->create(Tests\Support\Make::bare(), 'Hung', 'w');
        expect(AtBuild::words($this->get("/b/{$build->key}/handover")))->toContain(
            'Nothing to hand over yet: no circuit is drawn.',
        );
    });
});

it('begins another like it, and takes an archive in at the wall', function (): void {
    $build = $this->hungExample('carnival-lantern');
    $this->post("/b/{$build->key}/again", ['title' => ' '])->assertRedirect();
    expect(session('refused'))->toContain('Another like it: expected what it is called');
    $this->post("/b/{$build->key}/again", ['title' => 'A second lantern', 'host' => 'of 2027'])->assertRedirect();
    $new = Build::query()->where('title', 'A second lantern')->firstOrFail();
    expect(headOf($new)->fields()->object('quote')->objects('costs'))->toBe([]);
    $path = sys_get_temp_dir().'/bench-glow-b-'.bin2hex(random_bytes(4)).'.zip';
    Archives::write($build, $path);
    $count = Build::query()->count();
    $this->post('/builds/import', [
        'file' => new UploadedFile($path, 'lantern.zip', null, null, true),
    ])->assertRedirect();
    expect(Build::query()->count())->toBe($count + 1);
    file_put_contents($path, 'PK no archive');
    $this->post('/builds/import', [
        'file' => new UploadedFile($path, 'lantern.zip', null, null, true),
    ])->assertRedirect();
    expect(session('refused'))
        ->toContain('This is no archive that can be read')
        ->and(Build::query()->count())
        ->toBe($count + 1);
});

describe('a link', function (): void {
    it('is offered only while the bench is open to the local net, and answers only then', function (): void {
        $build = $this->hungExample('heron');
        expect(AtBuild::words($this->get("/b/{$build->key}/handover?leaf=seal")))->toContain(
            'It answers on this machine only',
        );
        $this->post("/b/{$build->key}/share", ['what' => 'sheet', 'hours' => '24'])->assertRedirect();
        expect(session('refused'))
            ->toContain('needs the bench open to the local net')
            ->and(Shares::of($build))
            ->toBe([]);
        $token = Shares::make($build, 1, 'sheet', 24);
        $this->get("/s/{$token}")->assertNotFound();
    });

    it('shows one revision and nothing else, until it ends; every other token gets the same answer', function (): void {
        AtTheDoor::open();
        $build = $this->hungExample('heron');
        $this->post("/b/{$build->key}/share", ['what' => 'price', 'hours' => '1'])->assertRedirect();
        $path = (string) parse_url((string) session('shared'), PHP_URL_PATH);
        $page = $this->get($path)->assertOk();
        expect(AtBuild::words($page))->toContain('Pull fuse F1')->toContain('Warm white in the galley');
        $html = (string) $page->getContent();
        // No way back into the bench, no key of the build, neither cost nor margin, nothing that runs.
        expect($html)
            ->not->toContain($build->key)
            ->not->toContain('/b/')
            ->not->toContain('Margin')
            ->not->toContain('<script');
        expect($page->headers->get('Content-Security-Policy'))->toContain('style-src')->not->toContain('unsafe');
        $share = Shares::of($build)[0];
        expect(Shares::openings($share))->toHaveCount(1)->and($share->token_hash)->not->toContain(basename($path));

        $wrong = (string) $this->get('/s/'.str_repeat('0', 32))
            ->assertNotFound()
            ->getContent();
        expect((string) $this->get('/s/x')->assertNotFound()->getContent())->toBe($wrong);
        Shares::end($share);
        expect((string) $this->get($path)->assertNotFound()->getContent())->toBe($wrong);
        $late = Shares::make($build, 1, 'sheet', 1);
        $this->travel(2)->hours();
        expect(
            (string) $this->get("/s/{$late}")
                ->assertNotFound()
                ->getContent(),
        )->toBe($wrong);
    });

    it('takes picks, by their codes, and nothing else', function (): void {
        AtTheDoor::open();
        $build = $this->hungExample('heron');
        $token = Shares::make($build, 1, 'price', 24);
        preg_match_all('/\b[A-Z]\d-[A-Z]\b/', (string) $this->get("/s/{$token}")->getContent(), $codes);
        $this->post("/s/{$token}", ['picks' => [$codes[0][0]]])->assertOk();
        $this->post("/s/{$token}", ['picks' => ['Z9-Z']])->assertStatus(422);
        expect(Shares::answers(Shares::of($build)[0]))->toHaveCount(1)->and($build->refresh()->head)->toBe(1);
        expect(AtBuild::words($this->get("/b/{$build->key}/handover?leaf=seal")))->toContain("Picked: {$codes[0][0]}");
        $sheet = Shares::make($build, 1, 'sheet', 24);
        $this->post("/s/{$sheet}", ['picks' => [$codes[0][0]]])->assertNotFound();
    });

    it('answers sixty a minute', function (): void {
        for ($n = 0; $n < 60; $n++) {
            $this->get('/s/guess'.$n)->assertNotFound();
        }
        $this->get('/s/guess')->assertStatus(429);
    });
});

it('takes the picture of a fuse where it is missing, and shows it there', function (): void {
    $build = $this->hungExample('heron');
    $words = AtBuild::words($this->get("/b/{$build->key}/handover?c=galley_shelf"));
    expect($words)->toContain('Photo of F1: take one');
    $image = imagecreatetruecolor(60, 40);
    $path = sys_get_temp_dir().'/bench-glow-p-'.bin2hex(random_bytes(4)).'.jpg';
    imagejpeg($image, $path);
    $this->post("/b/{$build->key}/build/photo?at=handover", [
        'op' => 'photo',
        'base' => '1',
        'token' => 'p1',
        'about' => 'F1',
        'photo' => new UploadedFile($path, 'f1.jpg', 'image/jpeg', null, true),
    ])->assertRedirect();
    $html = (string) $this->get("/b/{$build->key}/handover?c=galley_shelf")->getContent();
    expect($html)
        ->toContain('/build/picture/')
        ->and(AtBuild::words($this->get("/b/{$build->key}/handover?c=galley_shelf")))
        ->not->toContain('Photo of F1: take one');
    expect((string) $this->get("/b/{$build->key}/sheet.html")->getContent())->toContain('data:image/jpeg;base64,');
});

it('seals and offers only what the page showed', function (): void {
    $build = $this->bench()->create(HandOverFaults::handed(), 'Hung', 'w');
    $old = (string) $build->head;
    handed($build, 'set', ['id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '1.1 m']);
    $head = $build->refresh()->head;
    $this->post("/b/{$build->key}/seal", ['base' => $old, 'made_for' => 'the skipper'])->assertRedirect();
    expect(session('refused'))->toContain('Another window has changed this build')->and(Seals::of($build))->toBe([]);
    $this->post("/b/{$build->key}/offer", ['base' => $old, 'words' => 'x'])->assertRedirect();
    expect(session('refused'))->toContain('Another window')->and($build->refresh()->head)->toBe($head);
});

it('takes an option of several changes at once, and packs the sheet into the archive', function (): void {
    $build = $this->hungExample('heron');
    $batch = [
        'op' => 'batch',
        'edits' => [
            ['op' => 'set', 'id' => 'galley_shelf_light', 'field' => 'wanted_m', 'value' => 2.0],
            ['op' => 'set', 'id' => 'galley_shelf_light', 'field' => 'label', 'value' => 'Short shelf'],
        ],
    ];
    handed($build, 'edit', ['edit' => (string) json_encode($batch)]);
    $this->post("/b/{$build->key}/offer", ['base' => (string) $build->refresh()->head, 'words' => 'Shorter']);
    $options = headOf($build)->fields()->object('quote')->objects('options');
    handed($build, 'picks', ['option' => $options[4]->text('id'), 'take' => '1']);
    expect(headOf($build)->fields()->objects('lights')[0]->text('label'))->toBe('Short shelf');
    $path = sys_get_temp_dir().'/bench-glow-s-'.bin2hex(random_bytes(4)).'.zip';
    Archives::write($build->refresh(), $path);
    expect(Signed::read((string) Archive::text($path, Archive::SHEET))[0] ?? '')->toBe(Signed::SOUND);
});

it('does not count hours in a price that has no rate', function (): void {
    $build = $this->hungExample('wherry');
    $words = AtBuild::words($this->get("/b/{$build->key}/handover?leaf=price"));
    expect($words)->toContain('hours are not in it, no rate is typed')->not->toContain('of which');
});
