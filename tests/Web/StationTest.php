<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use App\Models\Build;
use App\Models\Handover;
use App\Models\Preference;
use App\Models\Revision;
use App\Store\Seals;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Command\Report;
use BenchGlow\Edit\Accept;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Quantity\Csv;
use BenchGlow\Quantity\Shown;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Make;
use Tests\WebTestCase;

it('sends nothing that lets a page load or run anything from elsewhere', function (): void {
    $build = $this->hung();
    foreach (
        [
            '/',
            "/b/{$build->key}/circuit",
            "/b/{$build->key}/brief",
            "/b/{$build->key}/handover",
            "/b/{$build->key}/sheet",
            '/sums/strip',
            '/sums/resistor',
            '/sums/wire',
            '/sums/fuse',
            "/b/{$build->key}/history",
            "/b/{$build->key}/find?q=shelf",
        ] as $path
    ) {
        $answer = $this->get($path)->assertOk();
        $answer
            ->assertHeader('Content-Security-Policy', SecurityHeaders::POLICY)
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        $html = (string) $answer->getContent();
        expect($html)
            ->not->toMatch('/<script(?![^>]*src="\/assets\/)/')
            ->not->toContain('<style')
            ->not->toMatch('/\sstyle="/')
            ->not->toMatch('/\son[a-z]+="/')
            ->not->toMatch('#(?:src|href)="(?:https?:)?//#');
        preg_match_all('/\sid="([^"]+)"/', $html, $ids);
        expect(array_diff_assoc($ids[1], array_unique($ids[1])))->toBe([], "{$path} has an id twice");
    }
});

it('refuses a foreign name and a foreign page', function (): void {
    $this->get('http://elsewhere.example/')->assertStatus(421);
    $this->withHeader('Origin', 'http://elsewhere.example')
        ->post('http://127.0.0.1/bench', ['bench' => 'night'])
        ->assertStatus(403);
    expect(Preference::row()->bench)->toBe('system');
});

it('shows the figures that the report prints', function (): void {
    $build = $this->hung();
    $report = Report::of(Review::of(Make::shelf()), 'all');
    foreach (['low' => 0, 'normal' => 1, 'high' => 2] as $supply => $n) {
        $state = $report['circuits'][0]['states'][$n];
        $html = (string) $this->get("/b/{$build->key}/circuit?s={$supply}")
            ->assertOk()
            ->getContent();
        $emitter = $state['emitters'][0];
        expect($html)
            ->toShow('<p class="big figure">'.number_format($emitter['volts']['lowest'], 2))
            ->toShow(Shown::percent($emitter['flux']['min'])." of the label's light")
            ->toShow(Shown::amps($state['current_a']));
    }
    $html = (string) $this->get("/b/{$build->key}/circuit")->getContent();
    $html = html_entity_decode($html, ENT_QUOTES);
    foreach ($report['findings'] as $finding) {
        expect($html)->toShow($finding['message']);
    }
    expect($html)
        ->toShow('recommended: '.$report['leads'][0]['recommended'])
        ->toShow('recommended: '.Shown::amps($report['fuses'][0]['recommended_a']));
});

it('takes a length in feet and inches and answers with outputs only', function (): void {
    $build = $this->hung();
    $answer = $this->post(
        "/b/{$build->key}/edit?at=circuit",
        [
            'op' => 'set',
            'id' => 'shelf_light',
            'field' => 'wanted_m',
            'text' => "6' 4 1/2\"",
            'base' => '1',
            'token' => 't',
            'echo' => 'e',
        ],
        WebTestCase::SWAP,
    )->assertOk();
    $html = html_entity_decode((string) $answer->getContent(), ENT_QUOTES);
    expect($html)
        ->toShow('id="base" name="base" value="2"')
        ->toShow('id="drawing"')
        ->toShow('id="meter"')
        ->toShow('id="flags"')
        ->toShow("1.943 m · 6' 4 1/2")
        ->not->toContain('id="sentences"');
    expect($this->bench()->document($build->refresh(), 2)->json)->toShow('"wanted_m": 1.9431');
});

it('answers wrong input with the sentence at its field and writes nothing', function (array $form, string $says): void {
    $build = $this->hung();
    $this->post(
        "/b/{$build->key}/edit?at=circuit",
        [...$form, 'base' => '1', 'token' => 't', 'echo' => 'here'],
        WebTestCase::SWAP,
    )
        ->assertStatus(422)
        ->assertHeader('HX-Retarget', '#here')
        ->assertSee($says);
    expect($build->refresh()->head)->toBe(1);
    $this->post("/b/{$build->key}/edit?at=circuit", [...$form, 'base0' => '1', 'token0' => 't2'])
        ->assertStatus(302)
        ->assertSessionHas('refused');
    expect(Revision::query()->count())->toBe(1);
})->with([
    [
        ['id' => 'shelf_light', 'field' => 'wanted_m', 'text' => 'long'],
        "Length: 'long' is not understood. Type a length",
    ],
    [['id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '5000 m'], 'Length: expected a number from 0 to 1000'],
    [
        ['op' => 'set_wire', 'id' => 'shelf_light_feed', 'field' => 'wire', 'text' => '18 ga'],
        'could be wire or sheet metal',
    ],
    [['id' => 'F1', 'field' => 'fuse_a', 'text' => '3 V'], "Fuse: '3 V' is not understood. Type amps"],
    [['id' => 'shelf', 'field' => 'label', 'text' => '  '], 'Name: it needs a few letters'],
    [['op' => 'add_circuit', 'label' => '', 'amount' => '2 m', 'part' => 'strip_warm_12_48'], 'A circuit needs a name'],
    [
        ['op' => 'add_circuit', 'label' => 'X', 'amount' => 'some', 'part' => 'strip_warm_12_48'],
        "Length: 'some' is not understood",
    ],
    [
        ['op' => 'add_circuit', 'label' => 'X', 'amount' => '2', 'part' => 'nothing'],
        "nothing on the shelf is called 'nothing'",
    ],
    [['op' => 'accept', 'rule' => 'strip.dim_end', 'subject' => 'shelf_light', 'reason' => ''], 'needs its reason'],
    [
        [
            'op' => 'calibrate',
            'id' => 'shelf_light',
            'piece' => '3.3 m',
            'fed' => '12 V',
            'far' => '12.5 V',
            'amps' => '3 A',
        ],
        'The far end must read less',
    ],
    [
        ['op' => 'calibrate', 'id' => 'shelf_light', 'piece' => '3.3 m', 'fed' => 'x', 'far' => '11', 'amps' => '3 A'],
        "Volts at the fed end: 'x' is not understood",
    ],
    [
        ['edit' => '{"op":"set","id":"gone","field":"label","value":"x"}'],
        'Nothing has the id `gone`; it may have been removed.',
    ],
]);

it('previews while typing and writes nothing', function (): void {
    $build = $this->hung();
    $form = ['op' => 'set', 'id' => 'shelf_light', 'field' => 'wanted_m', 'base' => '1'];
    $html = (string) $this->post("/b/{$build->key}/preview?at=circuit", [...$form, 'text' => '1 m'], WebTestCase::SWAP)
        ->assertOk()
        ->getContent();
    expect($html)->toShow('1 m · 20 units')->not->toContain('name="base" value="2"');
    $this->post(
        "/b/{$build->key}/preview?at=circuit",
        [...$form, 'text' => '1 fo'],
        WebTestCase::SWAP,
    )->assertNoContent();
    expect(Revision::query()->count())->toBe(1);
});

it('answers an unchanged value without a revision', function (): void {
    $build = $this->hung();
    $this->post(
        "/b/{$build->key}/edit",
        [
            'id' => 'shelf_light',
            'field' => 'wanted_m',
            'text' => '334 cm',
            'base' => '1',
            'token' => 't',
            'echo' => 'e',
        ],
        WebTestCase::SWAP,
    )
        ->assertOk()
        ->assertSee('3.34 m');
    expect(Revision::query()->count())->toBe(1);
});

it('tells a stale window what changed, keeps its text out of the store and lets it go on top', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'phone', Make::set('F1', 'fuse_a', 2));
    $stale = $this->post(
        "/b/{$build->key}/edit",
        ['id' => 'F1', 'field' => 'fuse_a', 'text' => '3 A', 'base' => '1', 'token' => 'y', 'window' => 'laptop'],
        WebTestCase::SWAP,
    )
        ->assertStatus(409)
        ->assertHeader('HX-Retarget', '#conflict');
    $html = html_entity_decode((string) $stale->getContent(), ENT_QUOTES);
    expect($html)
        ->toShow('Another window')
        ->toShow('Fuse F1: fuse 2 A')
        ->toShow('<td>2</td><td>3</td>')
        ->toShow('Put mine on top')
        ->toShow('Leave theirs');
    preg_match('/name="edit" value="([^"]+)"/', flat((string) $stale->getContent()), $m);
    $this->post(
        "/b/{$build->key}/edit",
        ['edit' => html_entity_decode($m[1]), 'base' => '2', 'token' => 'z', 'render' => 'all'],
        WebTestCase::SWAP,
    )->assertOk();
    expect($this->bench()->document($build->refresh(), 3)->json)->toShow('"fuse_a": 3');
});

it('refuses in words to go on top of what is gone', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'phone', new RemoveItem('shelf_light'));
    $this->post(
        "/b/{$build->key}/edit",
        ['id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '2 m', 'base' => '1', 'token' => 'y'],
        WebTestCase::SWAP,
    )
        ->assertStatus(409)
        ->assertSee('go on top')
        ->assertDontSee('Put mine on top');
});

it('undoes, redoes and restores over http, and tells other windows', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'phone', Make::set('shelf_light', 'wanted_m', 2));
    $this->get("/b/{$build->key}/head?since=1&window=laptop")
        ->assertOk()
        ->assertJsonPath('head', 2)
        ->assertSee('Another window: Shelf: length 2 m');
    $this->get("/b/{$build->key}/head?since=2&window=laptop")->assertNoContent();
    $this->get("/b/{$build->key}/head?since=1&window=phone")->assertNoContent();
    $this->post("/b/{$build->key}/undo", ['base' => '2', 'token' => 'u'], WebTestCase::SWAP)
        ->assertOk()
        ->assertSee('id="sentences"', false);
    expect($build->refresh()->head)->toBe(1);
    $this->post("/b/{$build->key}/undo", ['base' => '2', 'token' => 'u2'], WebTestCase::SWAP)->assertStatus(409);
    $this->post("/b/{$build->key}/redo", ['base' => '1', 'token' => 'r'], WebTestCase::SWAP)->assertOk();
    $this->post("/b/{$build->key}/restore/1", ['base0' => '2', 'token0' => 'q'])->assertRedirect(
        "/b/{$build->key}/circuit?c=shelf",
    );
    expect([$build->refresh()->head, $this->bench()->document($build, 3)->json])->toBe([3, Make::shelf()->json]);
    $this->get("/b/{$build->key}/history")
        ->assertOk()
        ->assertSee('Brought back: Begun');
});

it('works as plain forms without a script', function (): void {
    $build = $this->hung();
    $this->post("/b/{$build->key}/edit?c=shelf&at=circuit", [
        'id' => 'shelf_light',
        'field' => 'wanted_m',
        'text' => '2 m',
        'base0' => '1',
        'token0' => 'a',
    ])
        ->assertStatus(303)
        ->assertRedirect("/b/{$build->key}/circuit?c=shelf");
    $this->post("/b/{$build->key}/edit?c=shelf&at=circuit", [
        'op' => 'add_circuit',
        'label' => 'Steps',
        'amount' => '3',
        'part' => 'step_amber_12',
        'base0' => '2',
        'token0' => 'b',
    ])->assertRedirect("/b/{$build->key}/circuit?c=steps");
    $this->get("/b/{$build->key}/circuit?c=steps")
        ->assertOk()
        ->assertSee('Steps');
});

it('says was and now after a fix', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'w', new FeedBothEnds('shelf_light'));
    $this->get("/b/{$build->key}/circuit")
        ->assertSee('evenness was 74 %, now 9')
        ->assertSee('class="was-line"', false);
});

it('exports what it imports, byte for byte, and refuses a bad file by path', function (): void {
    $build = $this->hung();
    $file = (string) $this->get("/b/{$build->key}/export")
        ->assertOk()
        ->getContent();
    expect($file)
        ->toBe(Make::shelf()->json)
        ->and(Revision::query()->value('pinned'))
        ->toBeNull();
    $this->post('/builds/import', [
        'file' => UploadedFile::fake()->createWithContent('a.glow.json', $file),
    ])->assertStatus(303);
    $again = Build::query()->orderByDesc('id')->firstOrFail();
    expect((string) $this->get("/b/{$again->key}/export")->getContent())->toBe($file);
    $this->from('/')
        ->post('/builds/import', [
            'file' => UploadedFile::fake()->createWithContent(
                'bad.glow.json',
                str_replace('"wanted_m"', '"wantd_m"', $file),
            ),
        ])
        ->assertRedirect('/')
        ->assertSessionHas(
            'refused',
            'bad.glow.json is not taken in. Lights, entry 1: unknown field `wantd_m`. Did you mean `wanted_m`?',
        );
    $this->from('/')->post('/builds/import', [])->assertSessionHas('refused');
    expect(Build::query()->count())->toBe(2);
});

it(
    'begins a build, keeps what was typed when something is missing, takes it down and hangs it back',
    function (): void {
        $this->post('/builds', ['title' => 'Skiff', 'place' => 'boat', 'supply' => 'sun'])
            ->assertRedirect('/#start')
            ->assertSessionHas('refused', 'Supply: choose what feeds it from the list, or skip it.')
            ->assertSessionHasInput('place', 'boat');
        $this->post('/builds', ['title' => 'Skiff', 'place' => 'boat', 'supply' => 'house_bank_12'])->assertStatus(303);
        $build = Build::query()->firstOrFail();
        $this->get("/b/{$build->key}/circuit")
            ->assertOk()
            ->assertSee('First light');
        $this->post("/b/{$build->key}/take-down")->assertRedirect('/');
        $this->get("/b/{$build->key}/circuit")->assertNotFound();
        $this->get('/')->assertDontSee('Skiff</h2>', false);
        $this->post("/b/{$build->key}/hang-back");
        $this->get('/')->assertSee('Skiff</h2>', false);
    },
);

it('prints the sheet with how to isolate it first, and what was set aside with its reason', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'w', new Accept('strip.dim_end', 'shelf_light', 'a board hides that end'));
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/sheet")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect(strpos($html, 'How to isolate it'))
        ->toBeLessThan(strpos($html, '<svg'))
        ->and($html)
        ->toShow('“a board hides that end”')
        ->toShow('Wires and fuses')
        ->toShow('Local codes and licensed practice win.');
    expect(Revision::query()->where('no', 2)->value('pinned'))->toBeNull();
});

it('marks nothing by looking and saving, and has a bead of its own', function (): void {
    $bead = function (Build $build): string {
        $html = strip_tags(
            (string) $this->get("/b/{$build->key}/handover")
                ->assertOk()
                ->getContent(),
        );
        preg_match('/Hand over: ([a-z ]+)/', $html, $m);

        return $m[1] ?? '';
    };
    $sound = $this->bench()->create(Make::edited(Make::shelf(1.0), Make::set('F1', 'fuse_a', 3)), 'x', 'w');
    foreach (
        ['export', 'sheet', 'parts.csv', 'states.csv', 'lists.json', 'netlist.cir', 'sheet.css', 'quote'] as $look
    ) {
        $this->get("/b/{$sound->key}/{$look}")->assertOk();
    }
    expect(Revision::query()->whereNotNull('pinned')->count())
        ->toBe(0)
        ->and($bead($sound))
        ->toBe('nothing yet');
    $this->bench()->write($sound, 1, 'q', 'w', Make::set('build', 'quote.rate_per_h', '45'));
    expect($bead($sound->refresh()))->toBe('begun');
    Seals::seal($sound->refresh(), 2, 'the skipper');
    expect($bead($sound))->toBe('its checks hold');
    $faulty = $this->bench()->create(Make::edited(Make::shelf(1.0), Make::set('F1', 'fuse_a', 15)), 'y', 'w');
    Seals::seal($faulty, 1, 'nobody should');
    expect($bead($faulty))->toBe('danger');
});

it('figures the sheet in each wanted state, and dark where it should be', function (): void {
    $build = $this->hungExample('wherry');
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/sheet")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect($html)
        ->toShow('With lid up, master on: glows')
        ->toShow('With everything at rest: dark')
        ->toShow('Pull fuse F2, 1 A')
        ->toShow('Pull fuse F3, 1 A')
        ->toShow('Stays live: Fore door wire');
    // Words a builder knows, no id of the file.
    $text = (string) preg_replace('/<[^>]*>/', ' ', $html);
    expect($text)->not->toMatch('/\b[a-z0-9]+_[a-z0-9_]+\b/');
    $css = (string) $this->get("/b/{$build->key}/sheet.css")
        ->assertOk()
        ->getContent();
    expect($css)->toContain('content: "Wherry at her berth · revision 1"');
});

it('lets no title out of the head of its pages', function (): void {
    $build = $this->bench()->create(
        Make::edited(Make::shelf(), Make::set('build', 'title', 'A"; } body { display: none } \\')),
        'x',
        'w',
    );
    $css = (string) $this->get("/b/{$build->key}/sheet.css")
        ->assertOk()
        ->getContent();
    expect(substr_count($css, '{'))->toBe(2)->and(substr_count($css, '"'))->toBe(2);
});

it('saves the netlist of the situation on the bench, phase by phase', function (): void {
    $build = $this->hungExample('coffee-trike');
    $page = (string) $this->get("/b/{$build->key}/handover?i=turn:left")
        ->assertOk()
        ->getContent();
    expect(substr_count($page, 'netlist.cir?'))->toBeGreaterThan(1);
    $first = (string) $this->get("/b/{$build->key}/netlist.cir?phase=1")
        ->assertOk()
        ->getContent();
    $second = (string) $this->get("/b/{$build->key}/netlist.cir?phase=2")
        ->assertOk()
        ->getContent();
    expect($first)->toContain('* phase 1 of ')->and($second)->toContain('* phase 2 of ')->not->toBe($first);
    $this->get("/b/{$build->key}/netlist.cir?phase=99")->assertRedirectContains('/handover');
});

it('writes a parts list no spreadsheet takes for a formula', function (): void {
    expect(Csv::text([['=1+1', '+x', '-x', '@x', "\tx", 'plain', null, 1.23456, 'a "b", c']]))->toBe(
        "'=1+1,'+x,'-x,'@x,'\tx,plain,,1.23456,\"a \"\"b\"\", c\"\n",
    );
    $evil = json_decode(Make::shelf()->json);
    $evil->parts[0]->label = '=HYPERLINK("x")';
    $build = $this->bench()->create(Document::fromDecoded($evil), 'x', 'w');
    $csv = (string) $this->get("/b/{$build->key}/parts.csv")
        ->assertOk()
        ->getContent();
    expect($csv)
        ->toShow("'=HYPERLINK")
        ->and(str_getcsv(explode("\n", $csv)[0], escape: ''))
        ->toBe(['part', 'label', 'count', 'length_m', 'price', 'currency']);
    $rows = array_map(fn (string $l): array => str_getcsv($l, escape: ''), explode("\n", trim($csv)));
    $total = array_pop($rows);
    $prices = array_map(floatval(...), array_column(array_slice($rows, 1), 4));
    expect($total[0])
        ->toBe('total')
        ->and((float) $total[4])
        ->toEqualWithDelta(array_sum($prices), 1e-3)
        ->and($total[5])
        ->toBe('EUR')
        ->and($csv)
        ->not->toContain('—')
        ->and((string) $this->get("/b/{$build->key}/parts.csv?mark=1")->getContent())
        ->toStartWith(Csv::MARK);
});

it('escapes what people type, in pages and drawings', function (): void {
    $build = $this->hung();
    $this->bench()->write($build, 1, 'x', 'w', Make::set('shelf_light', 'label', '<b onclick=x>"&'));
    foreach (["/b/{$build->key}/circuit", "/b/{$build->key}/sheet", "/b/{$build->key}/drawing.svg"] as $path) {
        expect((string) $this->get($path)->assertOk()->getContent())->not->toContain('<b onclick');
    }
    $svg = (string) $this->get("/b/{$build->key}/drawing.svg")->getContent();
    expect(simplexml_load_string($svg))->not->toBeFalse();
});

it('sets the bench and refuses what it does not know', function (): void {
    $this->from('/')
        ->post('/bench', [
            'bench' => 'night',
            'units' => 'imperial',
            'wire' => 'awg',
            'keys_on' => '0',
            'still' => 'maybe',
        ])
        ->assertRedirect('/');
    $row = Preference::row();
    expect([$row->bench, $row->units, $row->wire, $row->keys_on, $row->still])->toBe([
        'night',
        'imperial',
        'awg',
        0,
        0,
    ]);
    $build = $this->hung();
    $this->get("/b/{$build->key}/circuit")
        ->assertSee('data-theme="dark"', false)
        ->assertSee('AWG')
        ->assertSee("10' 11 1/2");
});

it('works quick sums from the address and keeps them on a build', function (): void {
    $this->get(
        '/sums/strip?'.
            http_build_query([
                'length' => "6' 4 1/2\"",
                'part' => 'strip_warm_12_96',
                'supply' => 'pack_lifepo4_12',
                'feed' => 'both',
                'way' => '2 m',
            ]),
    )
        ->assertOk()
        ->assertSee("1.943 m · 6' 4 1/2")
        ->assertSee('77 units');
    $this->get('/sums/strip?length=long')
        ->assertOk()
        ->assertSee('is not understood')
        ->assertSee('value="long"', false)
        ->assertSee('46 units');
    $this->get('/sums/resistor?target=90+mA')->assertOk()->assertSee('over this LED')->assertSee('4 × 3 in series');
    $this->get('/sums/wire?amps=3+A&way=3.2+m')->assertOk()->assertSee('1 mm²');
    $this->get('/sums/fuse?amps=2.1+A&wire=18+ga')->assertOk()->assertSee('could be wire or sheet metal');
    $this->get('/sums/nothing')->assertNotFound();
    $this->post('/sums/strip/keep', [
        'length' => '1.2 m',
        'part' => 'strip_warm_12_48',
        'supply' => 'house_bank_12',
        'feed' => 'start',
        'way' => '2 m',
        'onto' => 'new',
        'label' => 'Edge',
        'title' => 'Kept',
    ])->assertStatus(303);
    $build = Build::query()->firstOrFail();
    expect($build->title)
        ->toBe('Kept')
        ->and($this->bench()->document($build, 1)->json)
        ->toShow('"wanted_m": 1.2')
        ->toShow('"length_m": 2');
    $this->post('/sums/resistor/keep', [
        'count' => '9',
        'part' => 'led_red_5',
        'supply' => 'house_bank_12',
        'target' => '20 mA',
        'onto' => $build->key,
        'label' => 'Row',
    ])->assertRedirect("/b/{$build->key}/circuit?c=row");
    expect($build->refresh()->head)
        ->toBe(2)
        ->and($this->bench()->document($build, 2)->json)
        ->toShow('"count": 9');
});

it('keeps measured rails with the part', function (): void {
    $build = $this->hung();
    $run = BenchGlow\Sizing\StripRun::solve(
        BenchGlow\Build\Build::of(Make::shelf())->lights['shelf_light']->strip()->withRails(0.15, 0.15),
        66,
        12.0,
    );
    $this->post(
        "/b/{$build->key}/edit",
        [
            'op' => 'calibrate',
            'id' => 'shelf_light',
            'piece' => '3.3 m',
            'fed' => '12 V',
            'far' => number_format($run->volts[0][65], 9).' V',
            'amps' => number_format($run->currentA, 9).' A',
            'base' => '1',
            'token' => 't',
            'render' => 'all',
        ],
        WebTestCase::SWAP,
    )->assertOk();
    $part = $this->bench()->document($build->refresh(), 2)->data['parts'][0];
    expect($part['rail_from'])->toBe('measured')->and($part['rail_ohm_per_m'])->toEqualWithDelta(0.15, 1e-4);
});

it('hangs the demo builds once, on an empty wall', function (): void {
    expect(Artisan::call('bench:demo'))->toBe(0);
    $titles = Build::query()->whereNull('deleted_at')->orderBy('id')->pluck('title')->all();
    expect($titles)->toBe([
        'Heron',
        'Wherry at her berth',
        'Coffee stall',
        'Coffee trike',
        'Mineral cabinet',
        'Carnival lantern',
        'Harbour tour',
    ]);
    expect(Artisan::call('bench:demo'))->toBe(0);
    // Six older ones hang no more: they are kept for what became of them.
    expect(Build::query()->count())
        ->toBe(13)
        ->and(Handover::query()->count())
        ->toBe(9);
    foreach (Build::query()->whereNull('deleted_at')->get() as $build) {
        $this->get("/b/{$build->key}/circuit")->assertOk();
        foreach (BenchGlow\Build\Build::of($this->bench()->document($build, 1))->circuits as $circuit) {
            $this->get("/b/{$build->key}/circuit?c={$circuit->id}&s=low")->assertOk();
        }
    }
});

it('throws switches in the address and shows what that does', function (): void {
    $build = $this->bench()->create(
        Document::fromJson((string) file_get_contents(base_path('examples/trike.glow.json'))),
        'x',
        'w',
    );
    $this->get("/b/{$build->key}/circuit?c=rear")
        ->assertOk()
        ->assertSee('It glows as it should in 36 states')
        ->assertSee('aria-label="Light rocker: off. Throw it"', false);
    $html = (string) $this->get("/b/{$build->key}/circuit?c=rear&i[brake]=on")
        ->assertOk()
        ->assertSee('aria-label="Brake lever: on. Throw it"', false)
        ->getContent();
    expect($html)->toShow('i%5Bbrake%5D=on')->and($html)->toShow('99 % of the label');
    $this->get("/b/{$build->key}/circuit?c=rear&i[brake]=sideways&i[nobody]=on")->assertOk();
    $sheet = (string) $this->get("/b/{$build->key}/sheet")
        ->assertOk()
        ->getContent();
    expect($sheet)->toShow('It glows as it should in 36 states');
});

it('speaks with a decimal comma where the bench wants it, reads both, and keeps the file as it is', function (): void {
    $build = $this->hung();
    $file = (string) $this->get("/b/{$build->key}/export")->getContent();
    $point = html_entity_decode((string) $this->get("/b/{$build->key}/circuit")->getContent());
    $this->post('/bench', ['decimal_sign' => 'semicolon'])->assertStatus(303);
    expect(Preference::row()->decimal_sign)->toBe('point');
    $this->post('/bench', ['decimal_sign' => 'comma'])->assertStatus(303);
    $page = html_entity_decode(
        (string) $this->get("/b/{$build->key}/circuit")
            ->assertOk()
            ->getContent(),
    );
    $said = (string) preg_replace('#<option[^>]*>[^<]*</option>#', '', $page);
    preg_match('/class="big figure">([\d.]+)</', $point, $before);
    preg_match('/class="big figure">([\d,]+)</', $page, $after);
    expect(str_replace('.', ',', $before[1] ?? ''))
        ->toBe($after[1] ?? 'none')
        // Words, drawings and fields speak alike; no figure with a unit keeps a point (parts on offer keep their own names).
        ->and(preg_match_all('/.{20}\d\.\d+ ?(?:V|A|m|mm²|cm)\b/u', strip_tags($said), $m) ? $m[0] : [])
        ->toBe([])
        ->and((string) $this->get("/b/{$build->key}/export")->getContent())
        ->toBe($file);
    foreach (['2,5 m' => 2.5, '1.5 m' => 1.5] as $text => $metres) {
        $this->post(
            "/b/{$build->key}/edit?at=circuit",
            [
                'op' => 'set',
                'id' => 'shelf_light',
                'field' => 'wanted_m',
                'text' => $text,
                'base' => (string) $build->refresh()->head,
                'token' => $text,
                'echo' => 'e',
            ],
            WebTestCase::SWAP,
        )->assertOk();
        expect(json_decode($this->bench()->document($build->refresh(), $build->head)->json)->lights[0]->wanted_m)->toBe(
            $metres,
        );
    }
    $this->post('/bench', ['decimal_sign' => 'point']);
    expect(Preference::row()->decimal_sign)
        ->toBe('point')
        ->and(html_entity_decode((string) $this->get("/b/{$build->key}/sheet")->getContent()))
        ->toMatch('/\d\.\d+ V/');
});

it('tells leads without a length as one finding, and takes their lengths at one place', function (): void {
    $document = Make::circuit(Make::bare(), 'One', 'strip_red_12_48', ['kind' => 'strip', 'wanted_m' => 0.5], null);
    $document = Make::edited(
        $document,
        new BenchGlow\Edit\AddItem(
            'leads',
            new BenchGlow\Format\Fields([
                'id' => 'more',
                'circuit' => 'one',
                'label' => 'Second feed',
                'cores' => [['bank.plus', 'one_light.end.plus'], ['bank.minus', 'one_light.end.minus']],
                'length_m' => null,
                'wire' => null,
            ]),
        ),
    );
    $build = $this->bench()->create($document, 'x', 'w');
    $page = (string) $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->getContent();
    expect($page)->toShow('2 leads have no length')->toContain('name="length[more]"');
    $bad = $this->sends($build, [
        'op' => 'lengths',
        'length' => ['more' => 'far', 'one_light_feed' => '2 m'],
        'render' => 'all',
    ]);
    expect((string) $bad->getContent())->toShow('Length of Second feed:');
    $none = $this->sends($build, ['op' => 'lengths', 'length' => ['more' => ' '], 'render' => 'all']);
    expect((string) $none->getContent())->toShow('Lengths: type at least one, as "1.2 m".');
    $this->sends($build, [
        'op' => 'lengths',
        'length' => ['more' => '80 cm', 'one_light_feed' => '2 m'],
        'render' => 'all',
    ]);
    $leads = array_column($this->stands($build)->data['leads'], 'length_m', 'id');
    expect($leads['more'])->toBe(0.8)->and($leads['one_light_feed'])->toEqual(2);
});

it('offers a fix with what it reaches, and answers a law with a fact', function (): void {
    $build = $this->bench()->create(Make::shelf(6.5), 'x', 'w');
    expect((string) $this->get("/b/{$build->key}/circuit")->getContent())->toShow('Reaches 74 %, you asked 85 %.');
    $red = Make::edited(
        Make::circuit(Make::bare(), 'Glow', 'strip_red_12_48', ['kind' => 'strip', 'wanted_m' => 0.5], 1.0),
        Make::set('build', 'place', 'boat'),
        Make::set('glow_light', 'label', 'Stud beside the brake lamp, port'),
        Make::set('glow_light', 'side', 'port'),
    );
    $boat = $this->bench()->create($red, 'y', 'w');
    expect((string) $this->get("/b/{$boat->key}/circuit")->getContent())->not->toShow('Navigation lights');
    $this->sends($boat, [
        'op' => 'set',
        'id' => 'glow_light',
        'field' => 'faces',
        'text' => 'outside',
        'render' => 'all',
    ]);
    $page = (string) $this->get("/b/{$boat->key}/circuit")->getContent();
    expect($page)->toShow('Navigation lights must not be imitated')->toShow('It is seen from inside only');
});
