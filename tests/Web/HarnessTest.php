<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Offcut;
use App\Store\Offcuts;
use BenchGlow\Build\Build as Typed;
use BenchGlow\Loom\Loom;
use Illuminate\Testing\TestResponse;
use Tests\WebTestCase;

/** A form of Harness, sent from its page. */
function sendsHarness(WebTestCase $test, Build $build, array $fields, string $query = ''): TestResponse
{
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/edit?at=harness{$query}",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'harness'.$sent++,
            'echo' => 'e',
            'render' => 'all',
            ...$fields,
        ],
        WebTestCase::SWAP,
    );
}

function harnessText(TestResponse $response): string
{
    $text = html_entity_decode(strip_tags((string) $response->getContent()), ENT_QUOTES);

    return (string) preg_replace('/\s+/', ' ', $text);
}

function loomOf(WebTestCase $test, Build $build): Loom
{
    return Loom::of(Typed::of($test->stands($build)));
}

/** The act of an edit, as a button of a page sends it. */
function actHarness(WebTestCase $test, Build $build, array $edit): TestResponse
{
    return sendsHarness($test, $build, ['op' => 'edit', 'edit' => json_encode($edit)]);
}

it('asks where things sit, and lays them out from the circuit', function (): void {
    $build = $this->hungExample('j22-cabinet');
    $page = harnessText($this->get("/b/{$build->key}/harness")->assertOk());
    expect($page)->toContain('No wire has a way yet.')->toContain('Lay it out from the circuit');
    $page = harnessText(actHarness($this, $build, ['op' => 'lay_loom'])->assertOk());
    expect($page)->toContain('The loom:')->toContain('stated');
    expect(loomOf($this, $build)->unlaid())->toBe([]);
});

it('shows the loom, the stretch in focus and what lies in it', function (): void {
    $build = $this->hungExample('heron');
    $page = $this->get("/b/{$build->key}/harness?c=galley_shelf&st=side_deck")->assertOk();
    expect(harnessText($page))
        ->toContain('The loom: 24 wires in 6 stretches, thickest')
        ->toContain('under the side deck')
        ->toContain('cores carry at once')
        ->toContain('the hatch turns on its hinge');
    expect((string) $page->getContent())->toContain('id="loom"')->toContain('class="cut-through"');
    // What a builder reads never shows an id.
    expect(harnessText($page))->not->toContain('side_deck')->not->toContain('house_bank');
});

it('folds branches far down until they are asked for', function (): void {
    $build = $this->hungExample('heron');
    foreach (['bow', 'stove', 'mast', 'bilge', 'tiller'] as $label) {
        actHarness($this, $build, [
            'op' => 'add_place',
            'label' => $label,
            'beside' => 'bank_box',
            'length_m' => 1.0,
        ])->assertOk();
    }
    $page = $this->get("/b/{$build->key}/harness")->assertOk();
    $all = $this->get("/b/{$build->key}/harness?all=1")->assertOk();
    expect(harnessText($page))->toMatch('/\d+ branches more/');
    expect(harnessText($all))->not->toContain('branches more');
    $drawn = fn (TestResponse $r): int => substr_count((string) $r->getContent(), 'class="bundle"');
    expect($drawn($all))->toBeGreaterThan($drawn($page));
});

it('strings one wire after the other', function (): void {
    $build = $this->hungExample('heron');
    $page = harnessText($this->get("/b/{$build->key}/harness?c=nameboard&string=nameboard_light_feed")->assertOk());
    expect($page)->toContain('Lay it along its way, and read')->toContain('over the hatch');
    sendsHarness($this, $build, [
        'op' => 'string_length',
        'id' => 'nameboard_light_feed',
        'text' => '3.72 m',
        'from' => 'strung',
    ])->assertOk();
    $laid = loomOf($this, $build)->leads['nameboard_light_feed'];
    expect([$laid->lengthM, $laid->from])->toBe([3.72, 'strung']);
    sendsHarness($this, $build, ['op' => 'string_length', 'id' => 'nameboard_light_feed', 'text' => ''])->assertOk();
    expect(loomOf($this, $build)->leads['nameboard_light_feed']->from)->toBe('derived');
});

it('takes places, stretches, what leaves, holes, hinges and ends as they are typed', function (): void {
    $build = $this->hungExample('heron');
    sendsHarness($this, $build, [
        'op' => 'add_place',
        'label' => 'chain locker',
        'beside' => 'stern',
        'far' => '1.1 m',
        'thing' => 'stern_stud',
    ])->assertOk();
    $typed = Typed::of($this->stands($build));
    $place = array_key_last($typed->places);
    expect($typed->places[$place]->label)->toBe('chain locker');
    expect(Loom::of($typed)->places->of('stern_stud'))->toBe($place);
    sendsHarness($this, $build, [
        'op' => 'add_stretch',
        'from' => 'galley',
        'to' => 'steps',
        'long' => '0.8 m',
    ])->assertOk();
    sendsHarness($this, $build, [
        'op' => 'add_carrier',
        'label' => 'the bench lid',
        'how' => 'unscrews',
        'places' => ['saloon'],
    ])->assertOk();
    sendsHarness($this, $build, [
        'op' => 'add_hole',
        'for' => 'to_saloon',
        'wide' => '9 mm',
        'what' => 'the bulkhead',
        'material' => 'metal',
    ])->assertOk();
    sendsHarness($this, $build, ['op' => 'hazard', 'id' => 'to_saloon', 'word' => 'sharp'])->assertOk();
    sendsHarness($this, $build, [
        'op' => 'lead_end',
        'id' => 'galley_shelf_light_feed',
        'end' => '1',
        'text' => 'crimp',
    ])->assertOk();
    sendsHarness($this, $build, [
        'op' => 'hinge',
        'id' => 'to_saloon',
        'still' => '10 cm',
        'moving' => '0.12 m',
        'shut' => '0',
        'open' => '90°',
    ])->assertOk();
    sendsHarness($this, $build, [
        'op' => 'split_stretch',
        'id' => 'to_steps',
        'far' => '1 m',
        'label' => 'at the mast',
    ])->assertOk();
    sendsHarness($this, $build, ['op' => 'set', 'id' => 'to_saloon', 'field' => 'zone', 'text' => ''])->assertOk();
    $typed = Typed::of($this->stands($build));
    expect(count($typed->routes))
        ->toBe(9)
        ->and($typed->carriers['carrier']->label)
        ->toBe('the bench lid')
        ->and($typed->places['saloon']->carrier)
        ->toBe('carrier')
        ->and($typed->holes['hole']->material)
        ->toBe('metal')
        ->and($typed->routes['to_saloon']->is('sharp'))
        ->toBeTrue()
        ->and($typed->routes['to_saloon']->hinge?->openDeg)
        ->toBe(90.0)
        ->and($typed->routes['to_saloon']->zone)
        ->toBe('')
        ->and($typed->leads['galley_shelf_light_feed']->ends)
        ->toBe(['ring', 'crimp']);
    $page = harnessText(
        sendsHarness($this, $build, ['op' => 'hinge', 'id' => 'to_saloon', 'still' => '', 'moving' => '']),
    );
    expect($page)->toContain('The bench lid unscrews')->toContain('9 mm in the bulkhead, metal: a bare edge');
});

it('sends a wire over a place, and the shortest way again', function (): void {
    $build = $this->hungExample('heron');
    sendsHarness($this, $build, [
        'op' => 'add_stretch',
        'from' => 'stern',
        'to' => 'deck_end',
        'long' => '1 m',
    ])->assertOk();
    sendsHarness($this, $build, ['op' => 'set_way', 'id' => 'galley_shelf_light_feed', 'over' => 'stern'])->assertOk();
    expect(loomOf($this, $build)->leads['galley_shelf_light_feed']->stretches)->toBe(['to_stern', 'way', 'to_galley']);
    sendsHarness($this, $build, ['op' => 'set_way', 'id' => 'galley_shelf_light_feed', 'over' => ''])->assertOk();
    expect(loomOf($this, $build)->leads['galley_shelf_light_feed']->stretches)->toBe(['side_deck', 'to_galley']);
});

it('says of bad input what was expected, keeps what was typed and stores nothing', function (
    array $fields,
    string $says,
): void {
    $build = $this->hungExample('heron');
    $before = $build->refresh()->head;
    expect(harnessText(sendsHarness($this, $build, $fields)))->toContain($says);
    expect($build->refresh()->head)->toBe($before);
})->with([
    [['op' => 'string_length', 'id' => 'nameboard_light_feed', 'text' => 'about two'], 'Length of the wire'],
    [['op' => 'string_length', 'id' => 'nameboard_light_feed', 'text' => '0 m'], 'expected more than 0'],
    [['op' => 'string_length', 'id' => 'nameboard_light_feed', 'text' => '1e9 m'], 'Length of the wire'],
    [['op' => 'string_length', 'id' => 'nameboard_light_feed', 'text' => '5 cm'], 'something is set into it'],
    [['op' => 'add_place', 'label' => ''], 'The place: it needs a name'],
    [['op' => 'add_place', 'label' => str_repeat('x', 61)], 'The place: it needs a name'],
    [['op' => 'add_place', 'label' => 'a', 'beside' => 'stern', 'far' => 'far'], 'How far'],
    [['op' => 'add_stretch', 'from' => 'stern', 'to' => 'stern'], 'a stretch goes to another place'],
    [['op' => 'add_stretch', 'from' => 'stern', 'to' => 'nowhere'], 'To: choose a place'],
    [['op' => 'add_carrier', 'label' => '', 'how' => 'lifts_off'], 'What leaves'],
    [['op' => 'add_carrier', 'label' => 'a', 'how' => 'flies'], 'How it leaves'],
    [['op' => 'add_hole', 'for' => 'to_stern', 'wide' => '0', 'what' => 'x', 'material' => 'metal'], 'The hole'],
    [
        ['op' => 'add_hole', 'for' => 'to_stern', 'wide' => '9 mm', 'what' => '', 'material' => 'metal'],
        'In: what is it in',
    ],
    [
        ['op' => 'hinge', 'id' => 'to_stern', 'still' => '0', 'moving' => '1 m', 'shut' => '0', 'open' => '90'],
        'Tied on the still side',
    ],
    [
        ['op' => 'hinge', 'id' => 'to_stern', 'still' => '1 m', 'moving' => '1 m', 'shut' => '0', 'open' => 'wide'],
        'Open at',
    ],
    [['op' => 'split_stretch', 'id' => 'to_stern', 'far' => '9 m', 'label' => 'x'], 'expected between 0 and 2.6 m'],
    [['op' => 'hazard', 'id' => 'to_stern', 'word' => 'cold'], 'What it is exposed to'],
    [['op' => 'keep_part', 'id' => 'rocker_plain', 'have' => 'some'], 'Have: expected a number'],
    [['op' => 'keep_part', 'id' => 'rocker_plain', 'due' => 'soon'], 'Due on: expected a day'],
    [['op' => 'lead_end', 'id' => 'gone', 'end' => '0', 'text' => 'ring'], 'The wire: it is not there'],
    [['op' => 'set_way', 'id' => 'galley_shelf_light_feed', 'over' => 'steps'], 'no way leads there and on'],
]);

it('puts a plug into every wire that crosses, marks a pull as held, and takes both back', function (): void {
    $build = $this->hungExample('harbour-tour');
    $page = harnessText($this->get("/b/{$build->key}/harness?c=long_quay"));
    expect($page)->toContain('The quay lid lifts off: 3 wires cross to it');
    actHarness($this, $build, ['op' => 'plug_here', 'stretch' => 'to_quay'])->assertOk();
    expect(harnessText($this->get("/b/{$build->key}/harness?c=long_quay")))->toContain(
        'through plug, up to the quay, 4 of 5 ways',
    );
    actHarness($this, $build, [
        'op' => 'mark',
        'steps' => ['pull:long_quay_light_feed.1.from'],
        'on' => '2026-05-02',
        'words' => 'held',
    ])->assertOk();
    expect(harnessText($this->get("/b/{$build->key}/harness?c=long_quay")))->toContain('1 of ');
});

it('keeps offcuts of the bench, cuts from them first, and lays them back when it is taken back', function (): void {
    $build = $this->hungExample('mineral-cabinet');
    $this->post("/b/{$build->key}/harness/offcuts", ['part' => 'strip_warm_24_96', 'long' => 'two'])->assertRedirect();
    expect(Offcut::query()->count())->toBe(0);
    $this->post("/b/{$build->key}/harness/offcuts", [
        'part' => 'strip_warm_24_96',
        'long' => '1.3 m',
        'from' => 'the wherry',
    ])->assertRedirect();
    $page = harnessText($this->get("/b/{$build->key}/harness"));
    expect($page)->toContain('Offcuts on the bench (1)')->toContain('Take this offcut');
    $other = $this->hungExample('mineral-cabinet');
    expect(Offcuts::free($other))->toHaveCount(1);
    $name = Offcuts::free($build)[0]['id'];
    actHarness($this, $build, [
        'op' => 'take_offcut',
        'offcut' => $name,
        'part' => 'strip_warm_24_96',
        'length_m' => 1.3,
    ])->assertOk();
    expect(Offcuts::free($other))->toBe([])->and(Offcuts::free($build))->toHaveCount(1);
    $this->post(
        "/b/{$build->key}/undo",
        ['base' => (string) $build->refresh()->head, 'token' => 'back', 'at' => 'harness'],
        WebTestCase::SWAP,
    );
    expect(Offcuts::free($other))->toHaveCount(1);
    $this->post("/b/{$build->key}/harness/offcuts/gone", ['offcut' => Offcut::query()->value('id')])->assertRedirect();
    expect(Offcut::query()->count())->toBe(0);
});

it('prints labels, lists, the loom and the cuts', function (string $what, string $begins): void {
    $build = $this->hungExample('heron');
    $response = $this->get("/b/{$build->key}/harness/paper/{$what}?at=harness&paper=letter")->assertOk();
    expect((string) $response->getContent())->toStartWith($begins);
})->with([
    ['labels.pdf', '%PDF-'],
    ['wires.pdf', '%PDF-'],
    ['wires.csv', 'number,label'],
    ['loom.svg', '<?xml'],
    ['cuts.csv', 'part,out of'],
]);

it('keeps what is there of a part and when the rest comes, and shows either way side by side', function (): void {
    $build = $this->hungExample('heron');
    $page = harnessText(
        sendsHarness($this, $build, [
            'op' => 'keep_part',
            'id' => 'rocker_plain',
            'have' => '0',
            'due' => '2099-05-02',
        ]),
    );
    expect($page)->toContain('from 2099-05-02, waits for');
    expect($page)
        ->toContain('Trunk, star or open branches')
        ->toContain('two joints at each')
        ->toContain('m of bundle')
        ->toContain('h to lay');
});

it('has a page of the guide', function (): void {
    expect(harnessText($this->get('/guide/harness')))->toContain('Where every wire goes');
});
