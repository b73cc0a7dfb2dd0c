<?php

declare(strict_types=1);

use App\Models\Build;
use App\Models\Revision;
use App\Stations\Brief\Hanging;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Review;
use BenchGlow\Format\Fields;
use BenchGlow\Story\Shipped;
use BenchGlow\Ways\Recognise;
use Tests\WebTestCase;

function page(object $test, string $url): string
{
    return html_entity_decode(flat((string) $test->get($url)->assertOk()->getContent()), ENT_QUOTES);
}

/** @return list<array<array-key, mixed>> */
function happens(object $test, Build $build): array
{
    return array_map(
        fn (Fields $e): array => $e->data,
        $test->stands($build)->fields()->objects('stories')[0]->objects('events'),
    );
}

it('says in one sentence what should glow, and lets its clauses be chosen', function (): void {
    $build = $this->hungExample('wherry');
    $html = page($this, "/b/{$build->key}/brief?c=boarding_step&i[fore_door]=open");
    expect($html)
        ->toShow('The boarding step glows when the fore door is open or the aft door is open.')
        ->and(substr_count($html, 'live-clause'))
        ->toBe(1);
    $this->sends($build, [
        'op' => 'set_clauses',
        'id' => 'boarding_step_want',
        'clause' => ['fore door open', 'master', ''],
        'join' => ['', 'unless', 'or'],
    ])->assertOk();
    expect(page($this, "/b/{$build->key}/brief?c=boarding_step"))->toShow(
        'glows when the fore door is open, unless the master is on.',
    );
    expect(Revision::query()->where('build_id', $build->id)->orderByDesc('no')->value('what'))->toShow('when it glows');
    $this->sends($build, [
        'op' => 'set_clauses',
        'id' => 'boarding_step_want',
        'clause' => ['the moon'],
        'join' => [''],
    ])
        ->assertStatus(422)
        ->assertSee('When:');
});

it('plays the story against every way and ranks the obvious one behind', function (): void {
    $build = $this->hungExample('heron');
    $html = page($this, "/b/{$build->key}/brief?c=galley_shelf");
    expect($html)
        ->toShow('A weekend aboard, the switch forgotten')
        ->and(strpos($html, '<h4>A sensor: someone at the stove'))
        ->toBeLessThan(strpos($html, '<h4>A hand switch: galley switch'))
        ->and($html)
        ->toShow('The battery is at its limit after 32 h 41.')
        ->toShow('nothing to drill')
        ->toShow('Flat by 12:24 of "A weekend aboard')
        // Each way is drawn.
        ->and(substr_count($html, 'class="way-drawing"'))
        ->toBe(preg_match_all('/<li\s+class="card-way/', $html))
        ->toBeGreaterThan(4);
});

it('uses an idea as one edit that the circuit shows, and takes it back to the same bytes', function (): void {
    $build = $this->hungExample('heron');
    $before = $this->stands($build)->json;
    preg_match_all(
        '/name="edit" value="([^"]+)"/',
        flat((string) $this->get("/b/{$build->key}/brief?c=galley_shelf")->getContent()),
        $m,
    );
    $edits = array_values(
        array_filter(
            array_map(fn (string $e): string => html_entity_decode($e, ENT_QUOTES), $m[1]),
            fn (string $e): bool => str_contains($e, 'sensor_motion'),
        ),
    );
    $this->sends($build, ['edit' => $edits[0], 'render' => 'all'])->assertOk();
    expect(Recognise::of($this->stands($build), 'galley_shelf'))
        ->toBe(['way' => 'hand', 'wires' => [], 'ways' => [], 'inputs' => ['galley_motion']])
        ->and(Revision::query()->where('build_id', $build->id)->orderByDesc('no')->value('what'))
        ->toBe('Galley shelf: a sensor: someone at the stove')
        ->and(
            Analysis::of($this->stands($build))
                ->at(['galley_motion' => 'there'])
                ->states['nominal']->totalA(),
        )
        ->toBeGreaterThan(3.0);
    $this->get("/b/{$build->key}/circuit?c=galley_shelf")
        ->assertOk()
        ->assertSeeText('Someone at the stove');
    $this->post(
        "/b/{$build->key}/undo",
        ['base' => (string) $build->refresh()->head, 'token' => 'back'],
        WebTestCase::SWAP,
    )->assertOk();
    expect($this->stands($build)->json)->toBe($before);
});

it('moves an event typed and stepped, keeps the order, and refuses what is no time', function (): void {
    $build = $this->hungExample('wherry');
    $this->sends($build, [
        'op' => 'move_event',
        'id' => 'loading',
        'n' => '4',
        'text' => '19:50',
        'render' => 'all',
    ])->assertOk();
    expect(happens($this, $build)[4])->toBe(['at_s' => 71400, 'input' => 'courtesy', 'to' => 'on']);
    $this->sends($build, ['op' => 'move_event', 'id' => 'loading', 'n' => '4', 'by' => '-300'])->assertOk();
    expect(happens($this, $build)[4]['at_s'])->toBe(71100);
    $this->sends($build, ['op' => 'move_event', 'id' => 'loading', 'n' => '4', 'text' => '8:00'])->assertOk();
    expect(array_column(happens($this, $build), 'at_s'))
        ->toBe(
            (function (array $t): array {
                sort($t);

                return $t;
            })(array_column(happens($this, $build), 'at_s')),
        )
        ->and(happens($this, $build)[0]['input'])
        ->toBe('courtesy');
    $head = $build->refresh()->head;
    $this->sends($build, ['op' => 'move_event', 'id' => 'loading', 'n' => '1', 'text' => 'teatime'])
        ->assertStatus(422)
        ->assertSee('Time:')
        ->assertSee('Type 18:30');
    $this->sends($build, ['op' => 'move_event', 'id' => 'loading', 'n' => '1', 'text' => 'day 3 8:00'])
        ->assertStatus(422)
        ->assertSee('lies past the end of the story, 24:00');
    $this->sends($build, ['op' => 'move_event', 'id' => 'loading', 'n' => '99', 'text' => '8:00'])
        ->assertStatus(422)
        ->assertSee('Event: it is gone.');
    $this->sends($build, ['op' => 'add_event', 'id' => 'loading', 'text' => '8:00', 'what' => 'fore_door ajar'])
        ->assertStatus(422)
        ->assertSee('Event: choose what happens');
    $this->sends($build, [
        'op' => 'add_wanted',
        'id' => 'loading',
        'circuit' => 'boarding_step',
        'from' => '9:00',
        'to' => '8:00',
    ])
        ->assertStatus(422)
        ->assertSee('Wanted to: it ends before it begins');
    $this->sends($build, ['op' => 'add_event', 'id' => 'nothing', 'text' => '8:00', 'what' => 'fore_door open'])
        ->assertStatus(422)
        ->assertSee('Story: it is gone.');
    expect($build->refresh()->head)->toBe($head);
    $this->sends($build, ['op' => 'add_event', 'id' => 'loading', 'text' => '7:30', 'what' => 'lid up'])->assertOk();
    expect(happens($this, $build)[0])->toBe(['at_s' => 27000, 'input' => 'lid', 'to' => 'up']);
    $this->sends($build, ['op' => 'drop_event', 'id' => 'loading', 'n' => '0'])->assertOk();
    $this->sends($build, [
        'op' => 'add_wanted',
        'id' => 'loading',
        'circuit' => 'boarding_step',
        'from' => '6:00',
        'to' => '6:30',
    ])->assertOk();
    expect($this->stands($build)->fields()->objects('stories')[0]->objects('wanted'))->toHaveCount(3);
    $this->sends($build, ['op' => 'drop_wanted', 'id' => 'loading', 'n' => '2'])->assertOk();
    expect($this->stands($build)->fields()->objects('stories')[0]->objects('wanted'))->toHaveCount(2);
});

it('lets a story be named, lengthened and taken out, but not cut short of what happens in it', function (): void {
    $build = $this->hungExample('wherry');
    $this->sends($build, [
        'op' => 'story_lasts',
        'id' => 'loading',
        'text' => 'day 3 0:00',
        'render' => 'all',
    ])->assertOk();
    $this->sends($build, ['id' => 'loading', 'field' => 'label', 'text' => 'Loading day'])->assertOk();
    $story = $this->stands($build)->fields()->objects('stories')[0];
    expect([$story->number('lasts_s'), $story->text('label')])->toBe([172800.0, 'Loading day']);
    $this->sends($build, ['op' => 'story_lasts', 'id' => 'loading', 'text' => '12 h'])
        ->assertStatus(422)
        ->assertSee('Lasts: something still happens at 23:25.');
    $this->sends($build, ['op' => 'story_lasts', 'id' => 'loading', 'text' => 'long'])
        ->assertStatus(422)
        ->assertSee('Lasts:')
        ->assertSee('Type 18:30');
    $this->sends($build, ['edit' => json_encode(['op' => 'remove', 'id' => 'loading'])])->assertOk();
    $html = page($this, "/b/{$build->key}/brief?c=boarding_step");
    expect($html)->toShow('Take this story')->not->toContain('idea-list');
});

it('lets the chosen moment throw the inputs, and lays two ideas over each other', function (): void {
    $build = $this->hungExample('wherry');
    $html = page($this, "/b/{$build->key}/brief?c=boarding_step&m=10:00&idea=0&over=1");
    expect($html)
        ->toShow('i%5Bfore_door%5D=open')
        ->toShow('id="over-says"')
        ->toShow('only as it is now: either of two, kept apart for');
    expect(page($this, "/b/{$build->key}/brief?c=boarding_step&m=soon"))->toShow("Moment: 'soon' is no time.");
    // An edit keeps the moment that is looked at.
    $answer = $this->post(
        "/b/{$build->key}/edit?at=brief&c=boarding_step&m=10:00",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'm1',
            'op' => 'move_event',
            'id' => 'loading',
            'n' => '0',
            'by' => '300',
            'render' => 'all',
        ],
        WebTestCase::SWAP,
    )->assertOk();
    expect(html_entity_decode((string) $answer->getContent(), ENT_QUOTES))->toShow(
        'id="moment" name="m" size="11" value="10:00"',
    );
});

it('takes a shipped story into a build of any place', function (string $place): void {
    $this->post('/builds', ['place' => $place])->assertStatus(303);
    $build = Build::query()->orderByDesc('id')->firstOrFail();
    $story = array_key_first(Shipped::of($place));
    $this->sends($build, ['op' => 'use_story', 'circuit' => 'first_light', 'text' => $story])->assertOk();
    expect(page($this, "/b/{$build->key}/brief"))
        ->toShow('Ways of switching, best first')
        ->toShow(Shipped::of($place)[$story]);
    $this->sends($build, ['op' => 'use_story', 'circuit' => 'first_light', 'text' => 'none'])
        ->assertStatus(422)
        ->assertSee('Story: choose one from the list.');
})->with(BenchGlow\Format\FormatOne::PLACES);

it('begins a build from five questions on a solved circuit, each of them skipped or answered', function (
    string $when,
    array $more,
    array $thrown,
): void {
    $this->post('/builds', ['when' => $when, ...$more])->assertStatus(303);
    $build = Build::query()->firstOrFail();
    $analysis = Analysis::of($this->stands($build))->at($thrown);
    expect($analysis->states['nominal']->reason)
        ->toBeNull()
        ->and($analysis->states['nominal']->totalA())
        ->toBeGreaterThan(0.0)
        ->and(array_filter(Review::reviewed($analysis)->findings, fn ($f): bool => $f->rule === 'intent.not_met'))
        ->toBe([]);
    $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->assertSee('id="drawing"', false);
})->with([
    'all skipped' => ['', [], []],
    'hand' => [
        'hand',
        ['title' => 'Skiff', 'place' => 'boat', 'supply' => 'house_bank_24', 'amount' => '2.4 m', 'label' => 'Locker'],
        ['hand' => 'on'],
    ],
    'lid' => ['lid', ['place' => 'cabinet', 'part' => 'led_warm_5', 'amount' => '9'], ['lid' => 'up']],
    'door' => ['door', ['place' => 'stall', 'no_drill' => '1'], ['door' => 'open']],
    'motion' => ['motion', ['place' => 'wearable', 'budget' => '60'], ['motion' => 'there']],
    'dusk' => [
        'dusk',
        ['place' => 'display', 'wet' => 'the first light', 'comes_apart' => 'the base'],
        ['dusk' => 'dark'],
    ],
    'brake' => ['brake', ['place' => 'road_vehicle'], ['brake' => 'on']],
    'turn' => ['turn', ['place' => 'road_vehicle'], ['turn_left' => 'on']],
    'running' => ['running', ['place' => 'boat'], ['running_lamps' => 'on']],
    'reverse' => ['reverse', ['place' => 'road_vehicle'], ['reverse' => 'on']],
    'a motor' => ['engine', ['place' => 'boat'], ['motor' => 'on']],
    'either' => ['either', ['place' => 'boat'], ['aft_lamp' => 'on']],
    'host, positive' => ['host_plus', ['place' => 'road_vehicle'], ['host_lamp' => 'on']],
    'host, ground' => ['host_ground', ['place' => 'boat', 'supply' => 'pack_lifepo4_12'], ['host_lamp' => 'on']],
]);

it('names the question that was answered wrongly and keeps what was typed', function (
    array $sent,
    string $sentence,
): void {
    $this->post('/builds', ['title' => 'Skiff', ...$sent])
        ->assertRedirect('/#start')
        ->assertSessionHas('refused', fn (string $s): bool => str_starts_with($s, $sentence))
        ->assertSessionHasInput('title', 'Skiff');
    expect(Build::query()->count())->toBe(0);
})->with([
    [['place' => 'moon'], 'Place: choose one'],
    [['supply' => 'sun'], 'Supply: choose'],
    [['part' => 'lava'], 'What glows: choose'],
    [['amount' => 'some'], 'Length: '],
    [['when' => 'never'], 'When: choose'],
    [['budget' => 'little'], "Budget: expected an amount, as 60, not 'little'."],
]);

it('keeps what was refused for the page that says it, whatever is asked beside the form', function (): void {
    $build = $this->hungExample('heron');
    $this->post('/builds', ['title' => 'Skiff', 'amount' => 'two'])->assertRedirect('/#start');
    $this->get('/start/parts?place=boat')->assertOk();
    $this->get("/b/{$build->key}/card")->assertOk();
    $this->get('/')->assertOk()->assertSee("Length: 'two'")->assertSee('value="Skiff"', false);
});

it('offers what is made for the supply that was chosen, and takes it by its words', function (): void {
    $offered = (string) $this->get('/start/parts?place=boat&supply=house_bank_24')->assertOk()->getContent();
    expect($offered)
        ->toContain('Warm white 24 V')
        ->not->toContain('White 12 V')
        ->and((string) $this->get('/start/parts?place=boat&supply=')->getContent())
        ->toContain('White 12 V')
        ->not->toContain('24 V');
    preg_match('/value="(Warm white 24 V[^"]*)"/', $offered, $words);
    $this->post('/builds', ['supply' => 'house_bank_24', 'part' => mb_strtolower($words[1] ?? '')])->assertStatus(303);
    $light = $this->stands(Build::query()->firstOrFail())
        ->fields()
        ->objects('lights')[0];
    expect($light->text('part'))->toBe('strip_warm_24_96');
});

it('begins from an example, and says when it is none', function (): void {
    $this->post('/builds/example', ['example' => 'wherry'])->assertStatus(303);
    expect(Build::query()->firstOrFail()->title)->toBe('Wherry at her berth');
    $this->post('/builds/example', ['example' => '../composer'])->assertSessionHas(
        'refused',
        'Example: choose one from the list.',
    );
});

it('keeps a fact of each kind, and says which of its words it needs', function (
    string $kind,
    string $where,
    string $value,
    ?string $refused,
    string $shows = '',
): void {
    $build = $this->hungExample('heron');
    $answer = $this->sends($build, [
        'op' => 'add_fact',
        'kind' => $kind,
        'where' => $where,
        'value' => $value,
        'render' => 'all',
    ]);
    if ($refused !== null) {
        expect(html_entity_decode((string) $answer->assertStatus(422)->getContent(), ENT_QUOTES))->toShow($refused);

        return;
    }
    $answer->assertOk();
    $facts = $this->stands($build)->fields()->object('brief')->objects('facts');
    expect($facts[count($facts) - 1]->text('kind'))
        ->toBe($kind)
        ->and(page($this, "/b/{$build->key}/brief"))
        ->toShow($shows);
})->with([
    ['budget', '', 'cheap', "Budget, what: 'cheap' is no amount. Type it like 60 or 45.50."],
    ['budget', '', '45.50', null, '</b> 45.50'],
    ['needed_by', '', 'soon', "Needed by, what: 'soon' is no date. Type it like 2026-06-01 or 1 June 2026."],
    ['needed_by', '', '2026-02-30', "'2026-02-30' is no date."],
    ['needed_by', '', '06/01/2026', "'06/01/2026' is no date."],
    ['needed_by', '', '30 February 2026', "'30 February 2026' is no date."],
    ['needed_by', '', 'abc 12 2026', "'abc 12 2026' is no date."],
    ['needed_by', '', '1 June 2026', null, '2026-06-01, '],
    ['needed_by', '', 'June 1, 2026', null, '2026-06-01, '],
    ['hinders', '', '', 'Fact: it says nothing yet. Type where it is or what it is.'],
    ['hinders', 'galley locker', 'the lid', null, 'galley locker: the lid'],
    ['road', '', '', null, 'road'],
]);

it('counts the days to the day it is needed', function (string $today, string $says): void {
    $build = $this->hungExample('heron');
    $this->sends($build, ['op' => 'add_fact', 'kind' => 'needed_by', 'value' => '2026-06-01'])->assertOk();
    $this->travelTo(new DateTimeImmutable($today.' 21:14'));
    expect(page($this, "/b/{$build->key}/brief"))->toShow("2026-06-01{$says} <");
})->with([
    ['2026-05-27', ', 5 days from now'],
    ['2026-05-31', ', 1 day from now'],
    ['2026-06-01', ', today'],
    ['2026-06-02', ', 1 day ago'],
    ['2026-06-08', ', 7 days ago'],
]);

it('says where the figures of every way come from, each linked to the state that was solved', function (): void {
    $build = $this->hungExample('heron');
    $html = page($this, "/b/{$build->key}/brief?c=galley_shelf");
    expect($html)
        ->toShow('Galley switch on: glows<span class="figure">21 h 50 × 3.43 A = 74.98 Ah')
        ->and(
            preg_match(
                '#href="([^"]+)">At rest, battery low: glows</a><span class="figure">6 h 48 × ([0-9.]+) A#',
                $html,
                $m,
            ),
        )
        ->toBe(1);
    // The state behind the link: the same position of the supply, the same amps but for what the other circuits take from them.
    parse_str((string) parse_url($m[1], PHP_URL_QUERY), $query);
    expect($query)
        ->toBe(['c' => 'galley_shelf', 's' => 'low'])
        ->and($m[2])
        ->toBe('2.84')
        ->and(page($this, $m[1]))
        ->toMatch('/2\.8\d( A|<)/');
});

it('shows the ways of switching that go against the brief behind the others, and says so', function (): void {
    $build = $this->hungExample('heron');
    $before = page($this, "/b/{$build->key}/circuit?c=galley_shelf&ways=1");
    expect($before)->not->toContain('The brief says no drilling');
    $this->sends($build, ['op' => 'add_fact', 'kind' => 'no_drill', 'where' => 'galley oak'])->assertOk();
    $html = page($this, "/b/{$build->key}/circuit?c=galley_shelf&ways=1");
    expect(substr_count($html, 'The brief says no drilling galley oak.'))
        ->toBeGreaterThanOrEqual(4)
        ->and(strpos($html, '<h3>Hand switch</h3>'))
        ->toBeGreaterThan((int) strpos($html, '<h3>Follows a host lamp through a relay</h3>'))
        ->and(strpos($before, '<h3>Hand switch</h3>'))
        ->toBeLessThan((int) strpos($before, '<h3>Follows a host lamp through a relay</h3>'));
});

it('shows prices in the currency of the build', function (): void {
    $build = $this->hungExample('heron');
    expect(page($this, "/b/{$build->key}/brief?c=galley_shelf"))->toShow('45.72</span> EUR');
    $this->sends($build, ['id' => 'build', 'field' => 'settings.currency', 'text' => 'CHF'])->assertOk();
    expect(page($this, "/b/{$build->key}/brief?c=galley_shelf"))
        ->toShow('45.72</span> CHF')
        ->and(page($this, "/b/{$build->key}/circuit?c=galley_shelf&ways=1"))
        ->toShow(' CHF</span>')
        ->and(page($this, "/b/{$build->key}/handover?leaf=price"))
        ->toShow(' CHF, of which');
});

it('pins a story that throws what never happens together, and plays it all the same', function (): void {
    $build = $this->hungExample('wherry');
    $never = [
        'op' => 'add',
        'section' => 'never',
        'value' => ['all' => [['input' => 'fore_door'], ['input' => 'aft_door']]],
    ];
    $this->sends($build, ['edit' => json_encode($never)]);
    $html = page($this, "/b/{$build->key}/brief?c=boarding_step");
    expect($html)->toShow('which this build says never happens')->toShow('idea-list');
});

it('hangs a day from the top down: a row for each thing that happens, long empty hours folded', function (): void {
    $hanging = Hanging::of([3600.0, 3600.0, 3900.0, 43200.0], 86400.0, 40.0);
    $y = array_column($hanging->marks, 1);
    $sorted = $y;
    sort($sorted);
    expect($y)
        ->toBe($sorted)
        ->and(array_column($hanging->marks, 0))
        ->toBe([0.0, 3600.0, 3900.0, 43200.0, 86400.0])
        // Two things happen at one o'clock: two rows of room.
        ->and($hanging->y(3900.0) - $hanging->y(3600.0))
        ->toBe(2 * Hanging::ROW)
        ->and(array_column($hanging->folds, 1))
        ->toBe([39300.0, 43200.0])
        ->and($hanging->y(41250.0))
        ->toBeGreaterThan($hanging->y(3900.0))
        ->toBeLessThan($hanging->y(43200.0))
        ->and($hanging->y(1e9))
        ->toBe($hanging->bottom());
});

it(
    'looks at the first wanted light where no moment is chosen; what is thrown by hand hangs on none',
    function (): void {
        $build = $this->hungExample('wherry');
        $html = page($this, "/b/{$build->key}/brief?c=boarding_step");
        expect($html)
            ->toShow('name="m" size="11" value="19:55"')
            ->toShow('class="stand"')
            ->toShow('i%5Bcourtesy%5D=on')
            ->and(page($this, "/b/{$build->key}/brief?c=boarding_step&m=19:55"))
            ->toShow('class="stand"');
        expect(page($this, "/b/{$build->key}/brief?c=boarding_step&i[lid]=up"))->not->toContain('class="stand"');
        // A circuit no story wants light of, and a build without a story.
        expect(page($this, "/b/{$build->key}/brief?c=chart_locker"))->not->toContain('class="stand"');
        expect(page($this, '/b/'.$this->hungExample('coffee-stall')->key.'/brief'))->not->toContain('day-picture');
    },
);

it('lets the one thing the moment throws be thrown back by hand', function (): void {
    $build = $this->hungExample('wherry');
    $html = page($this, "/b/{$build->key}/brief?c=boarding_step");
    preg_match_all('/id="trigger-\d+" href="([^"]+)"/', $html, $m);
    $stands = fn (string $html): int => substr_count($html, 'aria-checked="true"');
    $off = array_values(array_filter($m[1], fn (string $l): bool => ! str_contains($l, 'i%5B')));
    expect($off)->toHaveCount(1);
    $thrown = page($this, $off[0]);
    expect($stands($thrown))
        ->toBe($stands($html) - 1)
        ->and($thrown)
        ->not->toContain('class="stand"');
});

it('bears a day in a file that is none', function (): void {
    $build = $this->hungExample('heron');
    $this->sends($build, [
        'edit' => json_encode([
            'op' => 'add',
            'section' => 'brief.facts',
            'value' => ['id' => 'fact_x', 'kind' => 'needed_by', 'value' => '2026-13-45'],
        ]),
    ])->assertOk();
    expect(page($this, "/b/{$build->key}/brief"))->toShow('2026-13-45 <');
});
