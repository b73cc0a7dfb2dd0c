<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\FaultRound;
use App\Stations\Prove\Practice\FaultPlayed;
use App\Stations\Prove\ProveStation;
use App\Store\Bench;
use App\Store\Proofs;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\CloseHunt;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\KeepLog;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\OpenHunt;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\Outcomes;
use Illuminate\Testing\TestResponse;
use Tests\Support\AtBuild;
use Tests\Support\Make;
use Tests\WebTestCase;

/** What is proven of a circuit, simulated to its end. */
function proofOf(WebTestCase $test, Build $build, string $circuit): Proofs
{
    $proof = Proofs::whole(Analysis::of($test->stands($build)), $circuit);
    $proof->gates();

    return $proof;
}

function gateOf(WebTestCase $test, Build $build, string $circuit, string $kind): Gate
{
    $gates = proofOf($test, $build, $circuit)->gates();

    return array_values(array_filter($gates, fn (Gate $g): bool => $g->kind === $kind))[0];
}

/** A form of Prove, sent from its page. */
function proves(WebTestCase $test, Build $build, array $fields): TestResponse
{
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/edit?at=prove",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'prove'.$sent++,
            'echo' => 'gate-echo',
            'render' => 'all',
            ...$fields,
        ],
        WebTestCase::SWAP,
    );
}

/** @return array<string, string> what the page sends with a gate */
function sentWith(Gate $gate): array
{
    $measured = array_values(array_filter($gate->expected, fn ($e): bool => $e->isMeasured()));

    return [
        'op' => 'prove',
        'tried' => $gate->key,
        'facts' => $gate->facts,
        'power' => $gate->power,
        'words' => 'a gate',
        'with' => (string) json_encode((object) $gate->with),
        'expects' => (string) json_encode(array_map(fn ($e): array => $e->toArray(), $measured)),
    ];
}

function outcomesOf(WebTestCase $test, Build $build): Outcomes
{
    return new Outcomes($test->stands($build));
}

it('goes on with its slices by itself, also where one got no answer', function (): void {
    $build = $this->hungExample('wherry');
    $page = $this->get("/b/{$build->key}/prove?c=chart_locker")->assertOk()->assertSee('Every fault this circuit can have');
    expect($page->getContent())->toContain('hx-trigger="load delay:20ms, every 8s"');
    preg_match('/is tried: (\d+) of (\d+)/', (string) $page->getContent(), $first);
    $next = $this->get("/b/{$build->key}/prove/simulated?at=prove&c=chart_locker")->assertOk();
    preg_match('/is tried: (\d+) of (\d+)/', (string) $next->getContent(), $then);
    // More of them, or all: then its chain stands there.
    expect($then === [] || (int) $then[1] > (int) $first[1])->toBeTrue();
    $stopped = $this->get("/b/{$build->key}/prove/simulated?at=prove&c=chart_locker&stop=1")->assertOk();
    expect($stopped->getContent())->not->toContain('hx-trigger="load delay:20ms, every 8s"');
});

it('simulates in slices and then shows the chain, its gate in hand and the figure to expect', function (): void {
    $build = $this->hung();
    $page = $this->get("/b/{$build->key}/prove")->assertOk();
    for ($n = 0; $n < 60 && str_contains((string) $page->getContent(), 'Every fault this circuit can have'); $n++) {
        $page = $this->get("/b/{$build->key}/prove/simulated?at=prove")->assertOk();
    }
    $page = $this->get("/b/{$build->key}/prove")->assertOk();
    $words = AtBuild::words($page);
    expect($words)
        ->toContain('Prove it twice: before the fuse goes in, and again before the panel closes.')
        ->toContain('Put shelf on the bench supply')
        ->toContain('As it should be')
        ->toContain('Each core reads through, none touches its neighbour')
        ->toContain('Circuit fuse out')
        ->toContain('expected')
        ->not->toMatch('/\b[a-z]+_[a-z_]+\b/');
    expect($page->getContent())->toContain('class="contact"')->toContain('wire-live')->toContain('below-dead');
});

it('keeps what is measured, judges it by its band and goes on to the next gate', function (): void {
    $build = $this->hung();
    $power = gateOf($this, $build, 'shelf', 'power');
    $right = (string) $power->expected[0]->value;
    proves($this, $build, [...sentWith($power), 'value' => [$right]])->assertOk();
    $last = outcomesOf($this, $build)->last[$power->key];
    expect($last->isRight())
        ->toBeTrue()
        ->and($last->facts)
        ->toBe($power->facts)
        ->and($last->readings[0]->value)
        ->toEqualWithDelta((float) $right, 1e-9);
    $answer = proves($this, $build, [...sentWith($power), 'value' => ['9']])->assertOk();
    expect(outcomesOf($this, $build)->last[$power->key]->fails())->toBeTrue();
    expect(AtBuild::words($answer))->toContain('First power through fuse F1 is not as it should be: 9 A measured.');
    // Against its figure: the builder has the last word.
    proves($this, $build, [...sentWith($power), 'says' => 'right'])->assertOk();
    expect(outcomesOf($this, $build)->last[$power->key]->isRight())->toBeTrue();
});

it('takes a word, another unit and a comma as people type them', function (): void {
    $build = $this->hung();
    $short = gateOf($this, $build, 'shelf', 'short');
    proves($this, $build, [...sentWith($short), 'value' => ['OL']])->assertOk();
    expect(outcomesOf($this, $build)->last[$short->key]->isRight())->toBeTrue();
    $core = gateOf($this, $build, 'shelf', 'core');
    proves($this, $build, [...sentWith($core), 'value' => ['0,2', 'OL']])->assertOk();
    $last = outcomesOf($this, $build)->last[$core->key];
    expect($last->isRight())->toBeTrue()->and($last->readings)->toHaveCount(count($core->expected));
});

it('names what is wrong with what was typed, and keeps nothing of it', function (array $fields, string $says): void {
    $build = $this->hung();
    $head = $build->refresh()->head;
    $gate = gateOf($this, $build, 'shelf', 'state');
    proves($this, $build, [...sentWith($gate), ...$fields])
        ->assertStatus(422)
        ->assertSee($says, false);
    expect($build->refresh()->head)->toBe($head);
})->with([
    'nothing' => [['value' => ['']], 'type what the meter shows'],
    'a word that is none' => [['value' => ['lots']], 'Measured: '],
    'ohms with all on' => [['value' => ['0.3 ohm']], 'ohms are read with the power off'],
    'amps for volts' => [['value' => ['2 A']], 'expected volts here, found amps'],
    'over any supply' => [['value' => ['230']], 'over what any supply here gives'],
    'no gate' => [['tried' => '', 'says' => 'right'], 'hich gate was tried?'],
    'skipped for nothing' => [['op' => 'pass_over', 'why' => ''], 'expected why it is passed over'],
    'no hunt' => [['op' => 'see', 'hunt' => 'h7', 'emitter' => 'shelf_light', 'look' => 'dim'], 'here is no such hunt'],
    'a reading that is none' => [
        ['op' => 'hunt_reading', 'hunt' => 'h7', 'red' => 'F1.2', 'text' => 'x'],
        'The reading: ',
    ],
    'mended by nothing' => [['op' => 'mended', 'hunt' => 'h7'], 'expected what you found'],
]);

it('skips with a reason that counts, and marks the step of Build that is done with its last gate', function (): void {
    $build = $this->hung();
    $state = gateOf($this, $build, 'shelf', 'state');
    // Who does not go by the order of work gets no mark in it.
    expect((string) $this->get("/b/{$build->key}/prove?gate={$state->key}")->getContent())->not->toContain('open_test');
    app(Bench::class)->write($build->refresh(), $build->head, 'k', 'w', new Mark(['kit:all'], '2026-05-02', 'kit'));
    $proof = proofOf($this, $build, 'shelf');
    foreach ($proof->gates() as $gate) {
        if (in_array($gate->kind, ['state', 'ground', 'timed', 'colour'], true)) {
            $page = (string) $this->get("/b/{$build->key}/prove?gate=".urlencode($gate->key))->getContent();
            preg_match('/name="completes"\s+value="([^"]*)"/', $page, $m);
            proves($this, $build, [...sentWith($gate), 'says' => 'right', 'completes' => $m[1] ?? ''])->assertOk();
        }
    }
    expect(AtBuild::marked($this->stands($build)))->toBe(['kit:all', 'open_test:shelf']);
    $night = gateOf($this, $build, 'shelf', 'night');
    proves($this, $build, ['op' => 'pass_over', 'tried' => $night->key, 'why' => 'in summer', 'words' => 'The night']);
    $chain = new Chain($proof->gates(), $this->stands($build));
    expect($chain->link($night->key)?->stands)->toBe(Link::SKIPPED);
    expect(AtBuild::words($this->get("/b/{$build->key}/prove")))->toContain('passed over: in summer');
});

it('is repeated after a change, and says so with a way to the gate', function (): void {
    $build = $this->hung();
    $power = gateOf($this, $build, 'shelf', 'power');
    proves($this, $build, [...sentWith($power), 'says' => 'right'])->assertOk();
    $bench = app(Bench::class);
    $bench->write($build->refresh(), $build->head, 'tok', 'w', new SetField('F1', 'fuse_a', 5.0));
    proofOf($this, $build, 'shelf');
    $page = $this->get("/b/{$build->key}/prove")->assertOk();
    expect(AtBuild::words($page))
        ->toContain('“First power through fuse F1” was right for an earlier wiring. Repeat it.')
        ->toContain('Open that gate')
        ->toContain('repeat: the wiring was changed');
    expect((string) $page->getContent())->toContain('gate=power%3AF1');
});

it('hunts: what is seen, what is read, what it was; and the gate stands again', function (): void {
    $build = $this->hung();
    $gate = gateOf($this, $build, 'shelf', 'state');
    proves($this, $build, [...sentWith($gate), 'says' => 'not'])->assertOk();
    expect(AtBuild::words($this->get("/b/{$build->key}/prove?gate={$gate->key}")))->toContain('Look for it');
    proves($this, $build, ['op' => 'hunt', 'circuit' => 'shelf', 'readings' => '[]'])->assertOk();
    $page = AtBuild::words($this->get("/b/{$build->key}/prove"));
    expect($page)->toContain('faults left after 0 answers')->toContain('Leave all as it stands.');
    proves($this, $build, ['op' => 'see', 'hunt' => 'h1', 'emitter' => 'shelf_light', 'look' => 'dark'])->assertOk();
    proves($this, $build, [
        'op' => 'hunt_reading',
        'hunt' => 'h1',
        'red' => 'F1.2',
        'black' => 'bank.minus',
        'quick' => 'w',
    ]);
    $blown = ['op' => 'hunt_reading', 'hunt' => 'h1', 'red' => 'F1', 'quick' => 'blown'];
    $answer = AtBuild::words(proves($this, $build, $blown)->assertOk());
    expect($answer)
        ->toContain('Fuse F1 is blown or not in')
        ->toContain('explains it best')
        ->toContain('after 3 answers');
    proves($this, $build, [
        'op' => 'mended',
        'hunt' => 'h1',
        'found' => 'fuse:F1',
        'words' => 'fuse F1 is blown',
    ])->assertOk();
    expect(outcomesOf($this, $build)->open('shelf'))
        ->toBeNull()
        ->and(outcomesOf($this, $build)->hunts[0]->found)
        ->toBe('fuse:F1');
    expect(AtBuild::words($this->get("/b/{$build->key}/prove")))->not->toContain('faults left');
});

it('says so where nothing it knows explains what was seen, with its two ways on', function (): void {
    $build = $this->hung();
    app(Bench::class)->write($build->refresh(), $build->head, 'tok', 'w', new OpenHunt('shelf', '2026-05-02'));
    foreach ([['shelf_light.start.plus', '12.6'], ['F1.1', '3.1'], ['F1.2', '7.7']] as [$red, $volts]) {
        proves($this, $build, ['op' => 'hunt_reading', 'hunt' => 'h1', 'red' => $red, 'text' => $volts])->assertOk();
    }
    proofOf($this, $build, 'shelf');
    $page = AtBuild::words($this->get("/b/{$build->key}/prove"));
    expect($page)->toContain('faults explains this.')->toContain('Prove each core again');
});

it('has rays once every gate is right, a bar while one fails, a tick where one is stale', function (): void {
    $build = $this->hung();
    $bead = fn (): string => (string) $this->get("/b/{$build->key}/card")->getContent();
    expect($bead())->toContain('Prove ring');
    $bench = app(Bench::class);
    foreach (proofOf($this, $build, 'shelf')->gates() as $n => $gate) {
        $keep = new KeepGate($gate->key, 'as_it_should', '2026-05-02T10:00+02:00', $gate->facts);
        $bench->write($build->refresh(), $build->head, "tok{$n}", 'w', $keep);
    }
    expect($bead())->toContain('Prove holds');
    $bench->write($build->refresh(), $build->head, 'tok', 'w', new SetField('F1', 'fuse_a', 5.0));
    expect($bead())->toContain('Prove warned');
    $bench->write(
        $build->refresh(),
        $build->head,
        'tokb',
        'w',
        new KeepGate('state:shelf', 'not_as_it_should', '2026-05-03T10:00+02:00'),
    );
    expect($bead())->toContain('Prove danger');
    expect((new ProveStation())->concerns('hunt.open'))->toBeTrue();
});

it('shows the cabinet of the demo with rays, before anybody has opened it', function (): void {
    $build = $this->hungExample('mineral-cabinet');
    expect((string) $this->get("/b/{$build->key}/card")->getContent())->toContain('Prove holds');
});

it('shows the demo: proven, stale, failed, hunted', function (string $example, string $circuit, string $says): void {
    $build = $this->hungExample($example);
    proofOf($this, $build, $circuit);
    expect(AtBuild::words($this->get("/b/{$build->key}/prove?c={$circuit}")->assertOk()))->toContain($says);
})->with([
    ['wherry', 'chart_locker', 'repeat it'],
    ['coffee-stall', 'menu_panel', 'faults left after 2 answers'],
    ['mineral-cabinet', 'top_shelf', 'Proven to'],
    ['harbour-tour', 'long_quay', 'Reckon with what was measured'],
]);

it('takes over what the readings say of a strip', function (): void {
    $build = app(Bench::class)->create(Make::shelf(4.0), 'x', 'w');
    $readings = [
        ['red' => 'shelf_light.start.plus', 'black' => 'shelf_light.start.minus', 'value' => 12.0],
        ['red' => 'shelf_light.end.plus', 'black' => 'shelf_light.end.minus', 'value' => 10.2],
        ['red' => 'F1', 'kind' => 'amps', 'value' => 1.2],
    ];
    foreach ($readings as $n => $reading) {
        $keep = new KeepLog(new Fields($reading), '2026-05-02', supplyV: 12.0);
        app(Bench::class)->write($build->refresh(), $build->head, "t{$n}", 'w', $keep);
    }
    proofOf($this, $build, 'shelf');
    $page = (string) $this->get("/b/{$build->key}/prove")->getContent();
    expect($page)->toContain('Reckon with what was measured');
    preg_match('/value="([^"]*calibrate[^"]*)"/', $page, $m);
    proves($this, $build, ['op' => 'edit', 'edit' => html_entity_decode($m[1], ENT_QUOTES)])->assertOk();
    $part = Analysis::of($this->stands($build))->build->lights['shelf_light']->part;
    expect($part->text('rail_from'))->toBe('measured');
});

it('writes all gates as a table', function (): void {
    $build = $this->hung();
    $csv = (string) $this->get("/b/{$build->key}/prove/gates.csv")
        ->assertOk()
        ->getContent();
    expect($csv)->toContain('gate,kind,circuit')->toContain('power:F1');
});

it('is on the sheet: expected, measured, when, and what a hunt found', function (): void {
    $build = $this->hungExample('coffee-stall');
    $sheet = AtBuild::words($this->get("/b/{$build->key}/sheet")->assertOk());
    expect($sheet)
        ->toContain('What was proven')
        ->toContain('First power through fuse F1')
        ->toContain('still looked for')
        ->toContain('11.5 V');
    $hunt = outcomesOf($this, $build)->open('menu_panel');
    $close = new CloseHunt((string) $hunt?->id, '2026-11-25', 'fuse:F1');
    app(Bench::class)->write($build->refresh(), $build->head, 'c', 'w', $close);
    expect(AtBuild::words($this->get("/b/{$build->key}/sheet")))->toContain('fuse F1 is blown or not in, mended');
});

it('has nothing to prove where nothing glows', function (): void {
    $build = app(Bench::class)->create(Make::bare(), 'x', 'w');
    expect(AtBuild::words($this->get("/b/{$build->key}/prove")->assertOk()))->toContain('Prove it twice');
});

it('practises at a fault nobody sees, and stands beside the program at the end', function (): void {
    $this->get('/practice/fault')->assertOk()->assertSee('Begin the round');
    $this->post('/practice/fault', ['build' => 'moon', 'seed' => '3'])->assertRedirect('/practice/fault');
    $this->get('/practice/fault')->assertSee('The build: choose one from the list.');
    $this->post('/practice/fault', ['build' => 'coffee-stall', 'seed' => 'x'])->assertRedirect('/practice/fault');
    $this->get('/practice/fault')->assertSee('expected a whole number');
    $this->post('/practice/fault', ['build' => 'coffee-stall', 'seed' => '5'])->assertRedirect();
    $round = FaultRound::query()->firstOrFail();
    $at = "/practice/fault/{$round->id}";
    $played = new FaultPlayed($round, []);
    $page = AtBuild::words($this->get($at)->assertOk());
    expect($page)->toContain('What is wrong?')->not->toContain('It was this');
    $pin = (string) array_key_first($played->pins());
    $this->post("{$at}/ask", ['kind' => 'volts', 'at' => $pin])->assertRedirect();
    $this->post("{$at}/ask", ['kind' => 'look', 'at' => (string) array_key_first($played->lights())])->assertRedirect();
    $this->post("{$at}/ask", ['kind' => 'volts', 'at' => 'gone.1'])->assertRedirect();
    expect($round->refresh()->answers)->toHaveCount(2);
    $truth = $played->hidden->truth->key();
    $other = (string) array_values(array_diff(array_keys($played->mends()), [$truth]))[0];
    $this->post("{$at}/mend", ['fault' => $other])->assertRedirect();
    expect($round->refresh()->mends)->toHaveCount(1)->and($round->ended_at)->toBeNull();
    $this->post("{$at}/mend", ['fault' => $truth])->assertRedirect();
    expect($round->refresh()->score)->toMatchArray(['answers' => 2, 'wrong' => 1]);
    expect(AtBuild::words($this->get($at)))->toContain('It was this')->toContain('The program would have asked');
});
