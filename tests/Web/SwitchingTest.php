<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\Ways\Recognise;
use Tests\WebTestCase;

it('lays every way out, uses one as one edit and takes it back to the same bytes', function (): void {
    $build = $this->hungExample('heron');
    $before = $this->stands($build)->json;
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/ways?c=galley_shelf")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect(substr_count($html, 'class="way-drawing"'))
        ->toBeGreaterThanOrEqual(18)
        ->and($html)
        ->toShow('Follows a ground-switched lamp through a relay')
        ->toShow('Does not suit: it drives colour strips; this circuit has another light.')
        ->toShow('on the bench');
    $this->sends($build, [
        'edit' => json_encode(['op' => 'use_way', 'circuit' => 'galley_shelf', 'way' => 'relay_ground']),
    ])->assertOk();
    expect(Recognise::of($this->stands($build), 'galley_shelf')['way'] ?? null)->toBe('relay_ground');
    $this->get("/b/{$build->key}/circuit?c=galley_shelf")
        ->assertOk()
        ->assertSeeText('relay of galley shelf')
        ->assertSeeText('It glows as it should');
    $this->post(
        "/b/{$build->key}/undo",
        ['base' => (string) $build->refresh()->head, 'token' => 'back'],
        WebTestCase::SWAP,
    )->assertOk();
    expect($this->stands($build)->json)->toBe($before);
    $this->sends($build, ['edit' => json_encode(['op' => 'use_way', 'circuit' => 'galley_shelf', 'way' => 'colour'])])
        ->assertStatus(422)
        ->assertSee('It drives colour strips');
});

it('shows the truth table with what is to blame, and situations that can be thrown', function (): void {
    $build = $this->hungExample('j06-brake-lamp');
    $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->assertSeeText('Every situation, as it should be and as it is (2)');
    $this->sends($build, ['op' => 'set_when', 'id' => 's', 'field' => 'at.pressed', 'text' => 'brake on'])->assertOk();
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/circuit")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect(strip_tags($html))
        ->toShow('2 of 2 situations are not as they should be')
        ->toShow('should be dark, glows bright: the contact of switch at brake is made.')
        ->and($html)
        ->toShow('i%5Bbrake%5D=on');
});

it('adds a light with the others or on its own, and takes lamps by their names', function (): void {
    $build = $this->hungExample('mineral-cabinet');
    $first = $this->stands($build)->fields()->objects('circuits')[0]->text('id');
    $light = ['op' => 'add_light', 'circuit' => $first, 'label' => 'Extra', 'amount' => '0.5 m'];
    $part = $this->stands($build)->fields()->objects('lights')[0]->text('part');
    $wants = fn (): array => array_column(
        $this->stands($build)->fields()->objects('circuits')[0]->items('wants'),
        'glow',
    );
    $had = $wants();
    $this->sends($build, [...$light, 'part' => $part, 'how' => 'with'])->assertOk();
    expect(count($wants()))
        ->toBe(count($had))
        ->and(array_merge(...$wants()))
        ->toContain("{$first}_light");
    $this->sends($build, [...$light, 'part' => $part, 'how' => 'own', 'label' => 'Far end'])->assertOk();
    expect(count($wants()))->toBe(count($had) + 1);
    $want = $this->stands($build)->fields()->objects('circuits')[0]->objects('wants')[0]->text('id');
    $this->sends($build, ['op' => 'set_glow', 'id' => $want, 'text' => 'extra and far end'])->assertOk();
    expect($wants()[0])->toHaveCount(2);
    $this->sends($build, [...$light, 'part' => $part, 'how' => 'sideways'])->assertStatus(422);
});

it('keeps the meter\'s tips in the address and says what a meter would show', function (): void {
    $build = $this->hungExample('wherry');
    $url = "/b/{$build->key}/circuit?c=saloon_floor&i[courtesy]=on&t[red]=saloon_wire&t[black]=bank.minus";
    $on = (string) $this->get($url)->assertOk()->getContent();
    expect($on)->toShow('class="tip red"')->toShow('0.06 V</b>Steady.');
    $off = (string) $this->get(str_replace('courtesy]=on', 'courtesy]=off', $url))->assertOk()->getContent();
    expect($off)->toShow('12.60 V</b>Steady.');
    $answer = (string) $this->get($url, WebTestCase::SWAP)->assertOk()->getContent();
    expect($answer)->toShow('id="drawing"')->toShow('t%5Bred%5D=saloon_wire')->not->toContain('id="sentences"');
    $this->get("/b/{$build->key}/circuit?c=saloon_floor&t[red]=nobody&t[black]=bank.minus")
        ->assertOk()
        ->assertSeeText('Nothing feeds `nobody`');
});

it('takes what acts on a circuit in words, and says what it could not make out', function (): void {
    $build = $this->hungExample('heron');
    $this->sends($build, [
        'op' => 'add_input',
        'label' => 'Hatch lid',
        'kind' => 'lid',
        'positions' => 'down, up',
    ])->assertOk();
    $this->sends($build, [
        'op' => 'add_host_wire',
        'label' => 'Hatch lamp wire',
        'polarity' => 'ground',
        'text' => 'hatch lid up',
        'behaviour' => 'timed',
        'fuse' => '7.5 A',
    ])->assertOk();
    $this->sends($build, [
        'op' => 'add_load',
        'id' => 'hatch_lamp_wire',
        'label' => 'dome lamp',
        'kind' => 'filament',
        'watts' => '5 W',
    ])->assertOk();
    $this->sends($build, [
        'op' => 'add_host_way',
        'label' => 'Way 4, radio',
        'kind' => 'fuse_way',
        'fuse' => '10',
        'load' => '2.5 A',
        'comfort' => '1',
        'text' => '',
    ])->assertOk();
    $this->sends($build, [
        'op' => 'add_ground',
        'label' => 'Stud behind the panel',
        'surface' => 'painted',
    ])->assertOk();
    $this->sends($build, [
        'op' => 'add_want',
        'circuit' => 'nameboard',
        'glow' => '',
        'text' => 'not hatch lid up',
        'level' => 'low',
        'flash' => '1',
    ])->assertOk();
    $this->sends($build, ['op' => 'add_never', 'text' => 'hatch lid down and hatch lid up'])->assertOk();
    $f = $this->stands($build)->fields();
    $named = array_filter(
        $f->object('host')->objects('wires'),
        fn (Fields $w): bool => $w->text('id') === 'hatch_lamp_wire',
    );
    $wire = array_values($named)[0];
    expect($wire->object('live_when')->data)
        ->toBe(['input' => 'hatch_lid'])
        ->and($wire->object('behaviour')->text('kind'))
        ->toBe('timed')
        ->and($wire->number('fuse_a'))
        ->toBe(7.5)
        ->and($wire->objects('loads')[0]->number('w'))
        ->toBe(5.0)
        ->and($f->object('host')->objects('ways')[0]->number('load_a'))
        ->toBe(2.5)
        ->and($f->object('host')->objects('grounds')[1]->text('surface'))
        ->toBe('painted')
        ->and(count($f->items('never')))
        ->toBe(1);
    $want = array_values(
        array_filter($f->objects('circuits'), fn (Fields $c): bool => $c->text('id') === 'nameboard'),
    )[0]->objects('wants');
    expect(end($want)->data)->toMatchArray([
        'when' => ['not' => ['input' => 'hatch_lid']],
        'level' => 'low',
        'flash' => true,
    ]);
    $html = (string) $this->get("/b/{$build->key}/circuit")
        ->assertOk()
        ->getContent();
    expect($html)->toShow('hatch lid up')->toShow('Its own: dome lamp 5 W');
    $this->sends($build, ['op' => 'drop_never', 'text' => '0'])->assertOk();
    expect($this->stands($build)->fields()->items('never'))->toBe([]);

    $before = $this->stands($build)->json;
    foreach (
        [
            [['op' => 'add_input', 'label' => '', 'positions' => ''], 'Input: it needs a name'],
            [['op' => 'add_input', 'label' => 'Lid', 'positions' => 'up'], 'Positions: expected two or more'],
            [['op' => 'add_input', 'label' => 'Lid', 'positions' => 'all the way up, down'], 'should be one word'],
            [
                ['op' => 'add_host_wire', 'label' => 'W', 'text' => 'attic lid up'],
                "Live when: 'attic' is no input of this build",
            ],
            [['op' => 'add_host_wire', 'label' => 'W', 'text' => 'always', 'fuse' => 'big'], 'Its fuse:'],
            [
                ['op' => 'add_load', 'id' => 'hatch_lamp_wire', 'label' => 'x', 'watts' => ''],
                'Its watts: expected watts',
            ],
            [
                ['op' => 'add_want', 'circuit' => 'nameboard', 'glow' => 'nobody', 'text' => 'always'],
                'What glows: there is no lamp "nobody"; there are galley shelf',
            ],
            [['op' => 'add_want', 'circuit' => 'nameboard', 'glow' => '', 'text' => ''], 'When: say when'],
            [['op' => 'add_never', 'text' => 'hatch lid up and'], 'Never: something is missing at the end.'],
            [
                ['op' => 'trial', 'id' => 'galley_shelf_light_feed', 'pot' => '', 'fixed' => ''],
                'Reading of the potentiometer',
            ],
            [['op' => 'add_scene', 'label' => 'x', 'steps' => 'none'], 'Scene: expected at least one step'],
            [
                ['op' => 'set_duty', 'id' => 'x', 'field' => 'r', 'text' => 'bright'],
                'Brightness: a share from 0 to 100 %',
            ],
        ] as [$fields, $says]
    ) {
        expect(
            html_entity_decode((string) $this->sends($build, $fields)->assertStatus(422)->getContent(), ENT_QUOTES),
        )->toShow($says);
    }
    expect($this->stands($build)->json)->toBe($before);
});

it('leaves finer choices open on the page: parts, diodes, plugs, positions, trials, duties, scenes', function (): void {
    $build = $this->hungExample('wherry');
    $this->sends($build, [
        'op' => 'use_part',
        'id' => 'saloon_floor_k',
        'text' => 'relay_5_12_diode',
        'render' => 'all',
    ])->assertOk();
    $this->sends($build, ['op' => 'use_part', 'id' => 'D1', 'text' => 'silicon_3', 'render' => 'all'])->assertOk();
    $this->sends($build, ['op' => 'use_part', 'id' => 'chart_locker_s2', 'text' => 'micro_change', 'render' => 'all'])
        ->assertStatus(422)
        ->assertSee('A lead hangs on');
    $this->sends($build, ['op' => 'add_plug', 'id' => 'chart_locker_feed', 'render' => 'all'])->assertOk();
    $this->sends($build, [
        'op' => 'trial',
        'id' => 'boarding_step_feed',
        'pot' => '330R',
        'fixed' => '47',
        'render' => 'all',
    ])->assertOk();
    $document = $this->stands($build);
    $a = Analysis::of($document);
    expect($a->build->parts[$document->fields()->objects('devices')[0]->text('part')] ?? null)
        ->toBeNull()
        ->and($a->intents['saloon_floor']->verdict)
        ->toBe('met')
        ->and($a->intents['chart_locker']->verdict)
        ->toBe('met');
    $resistor = array_values(
        array_filter($a->build->leads['boarding_step_feed']->inline, fn ($t): bool => $t->kind === 'resistor'),
    )[0];
    expect($resistor->ohm)->toBe(390.0);
    $trike = $this->hungExample('coffee-trike');
    $this->sends($trike, ['op' => 'set_duty', 'id' => 'counter_edge_c', 'field' => 'g', 'text' => '25'])->assertOk();
    $this->sends($trike, [
        'op' => 'add_scene',
        'label' => 'Dawn',
        'steps' => json_encode([['at_s' => 0, 'set' => ['counter_edge_c.r' => 0.5], 'fade_s' => 2]]),
    ])->assertOk();
    $fields = $this->stands($trike)->fields();
    expect($fields->objects('scenes')[1]->text('label'))
        ->toBe('Dawn')
        ->and(
            array_values(
                array_filter($fields->objects('devices'), fn (Fields $d): bool => $d->text('id') === 'counter_edge_c'),
            )[0]
                ->object('set')
                ->number('g'),
        )
        ->toBe(0.25);
    $this->get("/b/{$trike->key}/circuit?c=counter_edge")
        ->assertOk()
        ->assertSeeText('The controller, tried on the drawing')
        ->assertSee('Evening warm');
    $this->get("/b/{$trike->key}/circuit?c=rear_a_wire_each")
        ->assertOk()
        ->assertSeeText('Low and high side by side')
        ->assertSeeText('told apart');
});

it('gives patterns, slices of a tolerance run and the whole table as files', function (): void {
    $build = $this->hungExample('coffee-trike');
    $patterns = $this->get("/b/{$build->key}/patterns?c=counter_edge")
        ->assertOk()
        ->json();
    expect($patterns['channels'])
        ->toHaveCount(3)
        ->and($patterns['lights']['counter_edge_light']['patterns'])
        ->toHaveCount(7);
    $heron = $this->hungExample('heron');
    $slice = $this->get("/b/{$heron->key}/tolerance?c=galley_shelf&n=5&seed=1")
        ->assertOk()
        ->json();
    expect($slice['done'])->toBeGreaterThan(0)->toBeLessThanOrEqual(5);
    foreach (
        [
            ['n' => 'many', 'seed' => '1', 'says' => 'Builds: expected a whole number'],
            ['n' => '0', 'seed' => '1', 'says' => 'Builds:'],
            ['n' => '5', 'seed' => 'x', 'says' => 'Seed:'],
        ] as $bad
    ) {
        expect(
            $this->get("/b/{$heron->key}/tolerance?c=galley_shelf&n={$bad['n']}&seed={$bad['seed']}")
                ->assertStatus(422)
                ->json('wrong'),
        )->toShow($bad['says']);
    }
    expect(
        count(
            explode(
                "\n",
                trim(
                    (string) $this->get("/b/{$build->key}/states.csv")
                        ->assertOk()
                        ->getContent(),
                ),
            ),
        ),
    )->toBeGreaterThan(36);
});
