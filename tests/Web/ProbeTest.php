<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Round;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\NameWire;
use BenchGlow\Format\Fields;
use Illuminate\Testing\TestResponse;
use Tests\WebTestCase;

/** A form of Probe, sent from its page. */
function sendsProbe(WebTestCase $test, Build $build, array $fields, string $query = ''): TestResponse
{
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/edit?at=probe{$query}",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'probe'.$sent++,
            'echo' => 'e',
            'render' => 'all',
            ...$fields,
        ],
        WebTestCase::SWAP,
    );
}

function probeText(TestResponse $response): string
{
    return (string) preg_replace(
        '/\s+/',
        ' ',
        html_entity_decode(strip_tags((string) $response->getContent()), ENT_QUOTES),
    );
}

it('asks for the next reading, why, and keeps it in the condition it was asked in', function (): void {
    $build = $this->hungExample('heron');
    $page = $this->get("/b/{$build->key}/probe")->assertOk();
    expect(probeText($page))
        ->toContain('Black tip on wire 5')
        ->toContain('It would disprove that wire 5 is always live')
        ->toContain('1 of 6 wires are sure')
        ->toContain('keeps 0.9 V while the lamps burn')
        ->toContain('bank 12.6 measured');
    preg_match('/name="with"\s+value="([^"]*)"/', (string) $page->getContent(), $with);
    $before = count($this->stands($build)->fields()->object('probe')->objects('readings'));
    sendsProbe($this, $build, [
        'op' => 'keep_reading',
        'wire' => 'p5',
        'to' => 'plus',
        'with' => html_entity_decode($with[1]),
        'instrument' => 'meter',
        'powered' => '1',
        'text' => '0,1',
    ])->assertOk();
    $readings = $this->stands($build)->fields()->object('probe')->objects('readings');
    $last = $readings[count($readings) - 1];
    expect(count($readings))
        ->toBe($before + 1)
        ->and($last->number('value'))
        ->toBe(0.1)
        ->and($last->text('to'))
        ->toBe('plus');
    expect($last->object('with')->data)
        ->toBe(['saloon_lamp' => 'on'])
        ->and($last->number('supply_v'))
        ->toBe(12.6);
    expect(probeText($this->get("/b/{$build->key}/probe")->assertOk()))->toContain('last reading: wire 5');
});

it('takes one key for a reading, and refuses what it can\'t read at its field', function (
    string $typed,
    string $says,
): void {
    $build = $this->hungExample('heron');
    $send = ['op' => 'keep_reading', 'wire' => 'p4', 'with' => '{}', 'instrument' => 'meter', 'powered' => '1'];
    sendsProbe($this, $build, [...$send, 'quick' => 'w', 'text' => ''])->assertOk();
    $before = $this->stands($build)->json;
    $refused = sendsProbe($this, $build, [...$send, 'text' => $typed]);
    expect($refused->status())->toBe(422)->and(probeText($refused))->toContain($says);
    expect($this->stands($build)->json)->toBe($before);
})->with([
    ['12..4', "The reading: '12..4'"],
    ['', 'The reading:'],
    ['0.3 ohm', 'ohms are read with the power off'],
    ['230', '230 V is over what any supply here gives'],
    ['bright', 'A meter gives volts or pulsing, not bright'],
]);

it('names a wire, makes it part of the build, and takes it back to the same bytes', function (): void {
    $build = $this->hungExample('heron');
    $before = $this->stands($build)->json;
    sendsProbe($this, $build, ['op' => 'name_wire', 'wire' => 'p2', 'function' => 'running'])->assertOk();
    $after = $this->stands($build);
    $wire = $after->fields()->object('probe')->objects('wires')[1];
    expect($wire->text('became'))->not->toBe('');
    $page = probeText($this->get("/b/{$build->key}/probe?wire=p2&hand=1"));
    expect($page)->toContain('See it in the circuit')->toContain('in the circuit');
    // It can be chosen as a source on the Circuit station now.
    expect(probeText($this->get("/b/{$build->key}/circuit?c=galley_shelf&clause=source")))->toContain('Running wire');
    $this->post(
        "/b/{$build->key}/undo",
        ['base' => (string) $build->refresh()->head, 'token' => 'u'],
        WebTestCase::SWAP,
    );
    expect($this->stands($build)->json)->toBe($before);
    $same = Edits::write(new NameWire('p2', 'running'));
    expect(Edits::write(Edits::read($same)))->toBe($same);
});

it('lays wires out on an empty build, from the question to the first test', function (): void {
    $build = $this->hung();
    expect(probeText($this->get("/b/{$build->key}/probe")->assertOk()))
        ->toContain('No wire here yet. How many come out of the plug, and where is it?')
        ->toContain('practise it first');
    expect(
        probeText(
            sendsProbe($this, $build, [
                'op' => 'add_wires',
                'label' => 'Stern plug',
                'count' => 'six',
                'spot' => 'lamp',
            ]),
        ),
    )->toContain("How many wires: expected a whole number from 1 to 60, found 'six'.");
    sendsProbe($this, $build, [
        'op' => 'add_wires',
        'label' => 'Stern plug',
        'count' => '6',
        'spot' => 'lamp',
        'rows' => '2',
    ])->assertOk();
    $page = probeText($this->get("/b/{$build->key}/probe")->assertOk());
    expect($page)
        ->toContain('Everything off.')
        ->toContain('tip on wire 1')
        ->toContain('This build needs ground.')
        ->toContain('not read yet');
    sendsProbe($this, $build, ['op' => 'bank', 'text' => '12,55'])->assertOk();
    expect(probeText($this->get("/b/{$build->key}/probe")))->toContain('bank 12.6 measured');
    // The ground the black tip stays on is checked against the minus post; what is over the bank is kept and asked about.
    expect(probeText(sendsProbe($this, $build, ['op' => 'bank', 'text' => '11.7', 'post' => '12.6'])))->toContain(
        "the black tip's ground loses 0.9 V. Move it to the minus post.",
    );
    $send = ['op' => 'keep_reading', 'wire' => 'p1', 'with' => '{}', 'instrument' => 'meter', 'powered' => '1'];
    sendsProbe($this, $build, [...$send, 'text' => '13.9'])->assertOk();
    expect(probeText($this->get("/b/{$build->key}/probe")))->toContain('1.4 V over the bank: is it charging?');
    expect(probeText(sendsProbe($this, $build, [...$send, 'text' => '0', 'after' => 'soon'])))->toContain(
        'expected seconds, as 90',
    );
    sendsProbe($this, $build, [...$send, 'text' => '0', 'after' => '90'])->assertOk();
    $readings = $this->stands($build)->fields()->object('probe')->objects('readings');
    expect($readings[count($readings) - 1]->number('after_s'))->toBe(90.0);
});

it('stands by hand where one throws a switch or chooses a wire, and goes back to the tests', function (): void {
    $build = $this->hungExample('heron');
    $page = probeText($this->get("/b/{$build->key}/probe?wire=p4&hand=1&i[deck_lamp]=on&off=1"));
    expect($page)
        ->toContain('Deck lamp on. Red tip on wire 4')
        ->toContain('Power off')
        ->toContain('Back to the next test');
    $asked = probeText($this->get("/b/{$build->key}/probe?cant=saloon_lamp"));
    expect($asked)->not->toContain('Saloon lamp on. ')->toContain('All tests again');
    expect(probeText($this->get("/b/{$build->key}/probe?skip=1")))->not->toContain('tip on wire 5,');
});

it('keeps hints, claims and a table, and offers nothing on what is never touched', function (): void {
    $build = $this->hungExample('heron');
    sendsProbe($this, $build, [
        'op' => 'hints',
        'wire' => 'p4',
        'colour' => 'Green',
        'tracer' => '',
        'area' => '1,5 mm²',
        'hints' => ['sheath_yellow'],
    ])->assertOk();
    $wire = new Fields($this->stands($build)->fields()->object('probe')->objects('wires')[3]->data);
    expect($wire->text('colour'))
        ->toBe('green')
        ->and($wire->number('area_mm2'))
        ->toBe(1.5)
        ->and($wire->texts('hints'))
        ->toBe(['sheath_yellow']);
    expect(probeText($this->get("/b/{$build->key}/probe?wire=p4&hand=1")))->toContain('never touch');
    expect(
        probeText(sendsProbe($this, $build, ['op' => 'hints', 'wire' => 'p4', 'colour' => 'green', 'area' => 'thick'])),
    )->toContain("Thickness: expected mm², as 1.5 mm², found 'thick'.");
    sendsProbe($this, $build, [
        'op' => 'claim',
        'wire' => 'p3',
        'from' => 'diagram',
        'says' => 'courtesy_plus',
    ])->assertOk();
    $csv = $this->get("/b/{$build->key}/readings.csv")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=UTF-8');
    expect((string) $csv->getContent())->toContain(
        "wire,colour,tracer,way,with,to,powered,kind,value,word,instrument,on\n",
    );
    $other = $this->hung();
    sendsProbe($this, $other, ['op' => 'import_readings', 'table' => (string) $csv->getContent()])->assertOk();
    expect(count($this->stands($other)->fields()->object('probe')->objects('readings')))->toBeGreaterThan(15);
    expect(
        probeText(sendsProbe($this, $other, ['op' => 'import_readings', 'table' => "wire,value\np1,12..4"])),
    )->toContain('Line 2, column value');
});

it('tells the phone that the wire it writes to is gone, and loses nothing', function (): void {
    $build = $this->hungExample('heron');
    sendsProbe($this, $build, ['op' => 'edit', 'edit' => json_encode(['op' => 'remove', 'id' => 'p6'])])->assertOk();
    $refused = sendsProbe($this, $build, [
        'op' => 'keep_reading',
        'wire' => 'p6',
        'with' => '{}',
        'instrument' => 'meter',
        'powered' => '1',
        'text' => '2.5',
    ]);
    expect($refused->status())
        ->toBe(422)
        ->and(probeText($refused))
        ->toContain('The wire is not there any more; the reading is not lost');
});

it('shows the ways of the host on the bar, and reads their slots', function (): void {
    $build = $this->hungExample('harbour-tour');
    $page = probeText($this->get("/b/{$build->key}/probe?way=berth_way"));
    expect($page)->toContain('F5 · 10 A, 5.1 A left')->toContain('12.6 V, live: the line');
    sendsProbe($this, $build, ['op' => 'probe_way', 'way' => 'berth_way', 'over' => '22'])->assertOk();
    expect($this->stands($build)->fields()->object('host')->objects('ways')[0]->number('load_a'))->toBe(2.97);
    expect(
        probeText(
            sendsProbe($this, $build, ['op' => 'probe_way', 'way' => 'berth_way', 'first' => '12..', 'second' => '0']),
        ),
    )->toContain('The first slot:');
    expect(
        probeText(
            sendsProbe($this, $build, [
                'op' => 'probe_way',
                'way' => 'berth_way',
                'first' => '12.5',
                'second' => '12.5',
            ]),
        ),
    )->toContain('Both slots are live');
});

it('plays a round: touch, name, the cloth comes off', function (): void {
    $this->get('/practice')->assertOk()->assertSee('Begin the round');
    $this->post('/practice', [
        'place' => 'boat',
        'spot' => 'lamp',
        'difficulty' => 'plain',
        'seed' => 'x',
    ])->assertRedirect('/practice');
    expect(probeText($this->get('/practice')))->toContain(
        "The number of the host: expected a whole number, found 'x'.",
    );
    $this->post('/practice', [
        'place' => 'boat',
        'spot' => 'lamp',
        'difficulty' => 'plain',
        'seed' => '7',
    ])->assertRedirect();
    $round = Round::query()->firstOrFail();
    $this->post("/practice/{$round->id}/touch?wire=p1&hand=1&i[running]=on")->assertRedirect();
    $this->post("/practice/{$round->id}/touch?wire=p2&hand=1")->assertRedirect();
    $round->refresh();
    expect($round->readings)
        ->toHaveCount(2)
        ->and($round->readings[0]['with'])
        ->toBe(['running' => 'on'])
        ->and($round->seconds)
        ->toBeGreaterThan(13.0);
    $page = probeText($this->get("/practice/{$round->id}?wire=p1&hand=1"));
    expect($page)->toContain('2 readings')->toContain('End the round')->not->toContain('What they are');
    expect(probeText($this->get("/practice/{$round->id}?ask=1")))->toContain('By hand again');
    $this->post("/practice/{$round->id}/name", ['wire' => 'p1', 'function' => 'ground'])->assertRedirect();
    $this->post("/practice/{$round->id}/name", ['wire' => 'p1', 'function' => 'hammer'])->assertRedirect();
    expect(probeText($this->get("/practice/{$round->id}")))->toContain('Its name: choose one from the list.');
    $this->post("/practice/{$round->id}/end")->assertRedirect();
    expect(probeText($this->get("/practice/{$round->id}")))
        ->toContain('The cloth is off.')
        ->toContain('What they are')
        ->toContain('you said ground');
    $this->post("/practice/{$round->id}/touch?wire=p1&hand=1")->assertRedirect();
    expect($round->refresh()->readings)->toHaveCount(2);
    $this->get('/practice/999')->assertNotFound();
});

it('notes what worked before anything was touched', function (): void {
    $build = $this->hungExample('coffee-trike');
    $page = probeText($this->get("/b/{$build->key}/probe"));
    expect($page)->toContain('Before you begin: does it work? 0 of 4 looked at')->toContain('Stop lamp on brake wire');
    $line = ['what' => 'Stop lamp on brake wire', 'works' => false, 'load' => 'brake_wire.stop_lamp'];
    sendsProbe($this, $build, [
        'op' => 'edit',
        'edit' => json_encode(['op' => 'add', 'section' => 'probe.baseline', 'value' => $line]),
    ])->assertOk();
    expect(probeText($this->get("/b/{$build->key}/probe")))->toContain('1 of 4 looked at')->toContain('does not work');
    $wrong = [...$line, 'load' => 'gone.lamp'];
    $refused = sendsProbe($this, $build, [
        'op' => 'edit',
        'edit' => json_encode(['op' => 'add', 'section' => 'probe.baseline', 'value' => $wrong]),
    ]);
    expect($refused->status())->toBe(422);
});

it('leaves the run bridged past Probe where all comes from a driver, and a ring where a host is', function (): void {
    $driven = $this->hungExample('j22-cabinet');
    $hosted = $this->hungExample('j12-cockpit-locker');
    expect(
        (string) $this->get("/b/{$driven->key}/circuit")
            ->assertOk()
            ->getContent(),
    )
        ->toContain('class="bridge"')
        ->toContain('not needed by this build');
    expect(
        (string) $this->get("/b/{$hosted->key}/circuit")
            ->assertOk()
            ->getContent(),
    )
        ->not->toContain('class="bridge"')
        ->not->toContain('not needed by this build');
});
