<?php

declare(strict_types=1);

use App\Models\Build;
use BenchGlow\Layout\Laid;
use Illuminate\Testing\TestResponse;
use Tests\WebTestCase;

/** A form of Layout, sent from its page. */
function sendsLayout(WebTestCase $test, Build $build, array $fields, string $query = ''): TestResponse
{
    static $sent = 0;

    return $test->post(
        "/b/{$build->key}/edit?at=layout{$query}",
        [
            'base' => (string) $build->refresh()->head,
            'token' => 'layout'.$sent++,
            'echo' => 'e',
            'render' => 'all',
            ...$fields,
        ],
        WebTestCase::SWAP,
    );
}

function layoutText(TestResponse $response): string
{
    $text = html_entity_decode(strip_tags((string) $response->getContent()), ENT_QUOTES);

    return (string) preg_replace('/\s+/', ' ', $text);
}

/** The layout of that id as it stands. */
function laidIn(WebTestCase $test, Build $build, string $id): Laid
{
    $now = BenchGlow\Build\Build::of($test->stands($build));
    foreach (Laid::all($now) as $laid) {
        if ($laid->id === $id) {
            return $laid;
        }
    }
    throw new LogicException("there is no {$id}");
}

it('begins with the circuit\'s own length, and asks for nothing twice', function (): void {
    $build = $this->hungExample('j04-interior-lamp');
    $page = layoutText($this->get("/b/{$build->key}/layout")->assertOk());
    expect($page)->toContain('Nothing is laid out yet. Say how long it is, or take it from the circuit.');
    preg_match(
        '/name="edit"\s+value="([^"]*add_layout[^"]*)"/',
        (string) $this->get("/b/{$build->key}/layout")->getContent(),
        $act,
    );
    sendsLayout($this, $build, ['op' => 'edit', 'edit' => html_entity_decode($act[1])])->assertOk();
    $layout = $this->stands($build)->fields()->objects('layouts')[0];
    expect($layout->text('kind'))
        ->toBe('strip_path')
        ->and($layout->objects('segments')[0]->number('straight_m'))
        ->toBe(2.0);
    expect(layoutText($this->get("/b/{$build->key}/layout")))->toContain('40 units, 2.00 m in one straight.');
});

it('says what is laid, lit as solved, and keeps the light by what makes it', function (): void {
    $build = $this->hungExample('heron');
    $page = $this->get("/b/{$build->key}/layout?c=galley_shelf")->assertOk();
    expect(layoutText($page))
        ->toContain('Galley shelf: 66 units, 3.30 m round one corner; 4 cm stay dark at the end.')
        ->toContain('at the light tip')
        ->toContain('lit as solved now: house bank 12.6 V')
        ->toContain('The circuit has it so.');
    expect((string) $page->getContent())->toContain('layout/picture')->not->toContain('data:image/png');
    $lit = (string) $this->get("/b/{$build->key}/layout/picture?at=layout&c=galley_shelf")
        ->assertOk()
        ->getContent();
    expect($lit)->toContain('data:image/png;base64,iVBOR')->toContain('class="contour"')->toContain('least/mean');
    // Now it is there when the page is asked for.
    expect((string) $this->get("/b/{$build->key}/layout?c=galley_shelf")->getContent())->toContain(
        'data:image/png;base64,',
    );
    // Low supply, other light.
    expect((string) $this->get("/b/{$build->key}/layout?c=galley_shelf&s=low")->getContent())->not->toContain(
        'data:image/png',
    );
    $dry = (string) $this->get("/b/{$build->key}/layout?c=galley_shelf&dry=1")->getContent();
    expect($dry)->not->toContain('layout/picture')->toContain('is-dry');
});

it('tells less light where the supply is low, and none where the circuit is dark', function (): void {
    $build = $this->hungExample('heron');
    $lux = function (string $query) use ($build): float {
        preg_match(
            '/big figure">\s*([\d.]+)<small> lx/',
            (string) $this->get("/b/{$build->key}/layout?{$query}")->getContent(),
            $found,
        );

        return (float) ($found[1] ?? -1);
    };
    expect($lux('c=galley_shelf&s=low'))
        ->toBeLessThan($lux('c=galley_shelf'))
        ->and($lux('c=galley_shelf&s=high'))
        ->toBeGreaterThan($lux('c=galley_shelf'))
        ->and($lux('c=galley_shelf&tip=1000,60'))
        ->not->toBe($lux('c=galley_shelf&tip=1000,500'));
});

it('takes a size where it stands, and refuses with the field\'s name', function (
    string $text,
    ?float $m,
    string $says,
): void {
    $build = $this->hungExample('heron');
    $answer = sendsLayout(
        $this,
        $build,
        ['op' => 'layout_size', 'id' => 'galley_path', 'field' => 'segments.0.straight_m', 'text' => $text],
        '&c=galley_shelf',
    );
    $stands = $this->stands($build)->fields()->objects('layouts')[0]->objects('segments')[0]->number('straight_m');
    expect($stands)->toEqualWithDelta($m ?? 2.4, 1e-9);
    expect(layoutText($answer))->toContain($says);
})->with([
    ['2.35 m', 2.35, '65 units'],
    ['235 cm', 2.35, '65 units'],
    ["7' 8 1/2\"", 2.3495, 'units'],
    ['0', null, 'Straight'],
    ['-1 m', null, 'Straight'],
    ['long', null, 'Straight'],
    ['2000 m', null, 'Straight'],
]);

it('refuses other sizes by their names, and keeps what stands', function (array $fields, string $says): void {
    $build = $this->hungExample('coffee-stall');
    $before = $this->stands($build)->json;
    expect(layoutText(sendsLayout($this, $build, $fields)))->toContain($says);
    expect($this->stands($build)->json)->toBe($before);
})->with([
    [['op' => 'layout_size', 'id' => 'menu_face', 'field' => 'depth_m', 'text' => '0 m'], 'Depth: expected from'],
    [['op' => 'layout_size', 'id' => 'menu_face', 'field' => 'rows', 'text' => '1.5'], 'Rows'],
    [['op' => 'layout_size', 'id' => 'menu_face', 'field' => 'outline', 'text' => '1'], 'This size'],
    [['op' => 'layout_size', 'id' => 'gone', 'field' => 'rows', 'text' => '1'], 'This size'],
    [
        ['op' => 'lettering', 'id' => 'menu_face', 'words' => '', 'cap' => '0.1 m'],
        'The words: expected from 1 to 60 signs.',
    ],
    [['op' => 'lettering', 'id' => 'menu_face', 'words' => 'A', 'cap' => '0'], 'Height of a capital'],
    [
        ['op' => 'lettering', 'id' => 'menu_face', 'words' => '漢字', 'cap' => '0.1 m'],
        'this face has none of these signs',
    ],
    [['op' => 'lettering', 'id' => 'menu_face', 'words' => 'A', 'cap' => '0.1 m', 'spacing' => 'wide'], 'Spacing'],
    [['op' => 'import_outline', 'id' => 'menu_face', 'svg' => ''], 'choose an SVG file'],
    [['op' => 'import_outline', 'id' => 'menu_face', 'svg' => '<!DOCTYPE a><svg/>'], 'no document type'],
    [['op' => 'add_mark', 'id' => 'menu_face', 'kind' => 'hole', 'x' => '0.1 m'], 'The piece'],
    [['op' => 'add_mark', 'id' => 'menu_face', 'kind' => 'dent', 'x' => '0.1 m'], 'The mark'],
    [['op' => 'add_layout', 'kind' => 'panel', 'light' => ''], 'The light'],
    [['op' => 'add_layout', 'kind' => 'cake'], 'What is laid out'],
    [['op' => 'add_layout', 'kind' => 'piece', 'wide' => '20 m'], 'How wide'],
    [['op' => 'add_viewer', 'id' => 'counter_glow', 'kind' => 'seat', 'x' => 'there'], 'Along the path'],
    [['op' => 'add_viewer', 'id' => 'menu_face', 'kind' => 'seat'], 'only lamps over a path'],
    [['op' => 'corner', 'id' => 'menu_face', 'n' => '0', 'kind' => 'knot'], 'The corner'],
    [['op' => 'points', 'id' => 'menu_face', 'points' => '120, 40; there'], 'Place 2: expected two numbers in mm'],
    [['op' => 'points', 'id' => 'menu_face', 'points' => '20000, 4'], 'Place 1: expected within 10 m'],
    [['op' => 'points', 'id' => 'menu_face', 'points' => ' '], 'Places: expected from 1 to 2000'],
    [['op' => 'deal', 'id' => 'menu_face', 'rows_menu_panel_light' => '1, 9'], 'expected numbers from 1 to'],
    [['op' => 'deal', 'id' => 'counter_glow', 'rows_menu_panel_light' => '1'], 'The panel'],
    [['op' => 'shadow', 'id' => 'counter_glow', 'from' => '0.5 m', 'to' => '0.4 m'], 'expected further along'],
    [['op' => 'shadow', 'id' => 'menu_face', 'from' => '0.3 m', 'to' => '0.4 m'], 'only lamps over a path'],
]);

it('puts a corner in and a straight behind it, and takes it out again', function (): void {
    $build = $this->hungExample('heron');
    $send = fn (array $f): TestResponse => sendsLayout(
        $this,
        $build,
        ['op' => 'corner', 'id' => 'galley_path', ...$f],
        '&c=galley_shelf',
    );
    $send(['n' => '3', 'new' => '1', 'kind' => 'new_piece', 'deg' => '45', 'then' => '0.5 m'])->assertOk();
    $path = laidIn($this, $build, 'galley_path')->path();
    expect($path->corners)->toHaveCount(2)->and($path->pathM)->toEqualWithDelta(3.84, 1e-9);
    expect(layoutText($send(['n' => '3', 'kind' => 'fold', 'deg' => '400'])))->toContain('The turn: expected degrees');
    expect(layoutText($send(['n' => '9', 'new' => '1', 'kind' => 'fold', 'then' => '1 m'])))->toContain(
        'The path has 5 parts',
    );
    expect(layoutText($send(['n' => '5', 'new' => '1', 'kind' => 'fold', 'then' => '0'])))->toContain('Then straight');
});

it('puts sources one by one, and what stands in the way, and takes that away again', function (): void {
    $build = $this->hungExample('coffee-stall');
    $send = fn (array $f, string $c): TestResponse => sendsLayout($this, $build, $f, "&c={$c}");
    $send(['op' => 'points', 'id' => 'menu_face', 'points' => "120, 40; 180,40\n200 60 mm"], 'menu_panel')->assertOk();
    $seats = laidIn($this, $build, 'menu_face')->seats();
    expect($seats)->toHaveCount(3)->and($seats[2]->x)->toBe(0.2)->and($seats[2]->y)->toBe(0.06);
    $page = layoutText(
        $send(
            ['op' => 'shadow', 'id' => 'counter_glow', 'from' => '0.3 m', 'to' => '40 cm', 'high' => '5 cm'],
            'counter_edge',
        ),
    );
    expect($page)->toContain('In the way from 0.3 m to 0.4 m, 0.05 m up.');
    expect(laidIn($this, $build, 'counter_glow')->fields->items('shadows'))->toBe([
        ['from_m' => 0.3, 'to_m' => 0.4, 'height_m' => 0.05],
    ]);
});

it('deals rows to the lights of two levels', function (): void {
    $build = $this->hungExample('wherry');
    $fields = ['op' => 'deal', 'id' => 'name_three_rows'];
    $dealt = laidIn($this, $build, 'name_three_rows');
    expect($dealt->lights)->toHaveCount(2);
    [$one, $two] = array_map(fn ($l): string => $l->id, $dealt->lights);
    $send = fn (array $f): TestResponse => sendsLayout($this, $build, [...$fields, ...$f], '&c=nameboard');
    expect(layoutText($send(["rows_{$one}" => '1, 2', "rows_{$two}" => '2'])))->toContain(
        'Row 2: it has a light already',
    );
    $send(["rows_{$one}" => '2', "rows_{$two}" => '1, 3'])->assertOk();
    $dealt = laidIn($this, $build, 'name_three_rows');
    expect($dealt->lightOf(2)?->id)->toBe($one)->and($dealt->lightOf(3)?->id)->toBe($two);
});

it('uses an arrangement as one step, which is taken back whole', function (): void {
    $build = $this->hungExample('heron');
    $cards = '';
    for ($n = 0; $n < 40 && ! str_contains($cards, 'class="arrangements"'); $n++) {
        $cards = (string) $this->get("/b/{$build->key}/layout/cards?at=layout&c=galley_shelf")
            ->assertOk()
            ->getContent();
    }
    expect($cards)
        ->toContain('Fed at both ends')
        ->toContain('Pieces, each fed')
        ->toContain('on the bench')
        ->toContain('Use this arrangement');
    preg_match_all('/name="edit"\s+value="([^"]*)"/', $cards, $acts);
    $pieces = array_values(array_filter($acts[1], fn (string $a): bool => str_contains($a, 'new_piece')))[0];
    $before = $this->stands($build)->json;
    sendsLayout($this, $build, ['op' => 'edit', 'edit' => html_entity_decode($pieces)], '&c=galley_shelf')->assertOk();
    expect(array_map(fn ($l): string => $l->id, laidIn($this, $build, 'galley_path')->lights))->toHaveCount(2);
    $this->post("/b/{$build->key}/undo", ['base' => (string) $build->refresh()->head]);
    expect($this->stands($build)->json)->toBe($before);
});

it('shows an arrangement that is looked at, with what is on the bench dashed', function (): void {
    $build = $this->hungExample('heron');
    $cards = '';
    for ($n = 0; $n < 40 && ! str_contains($cards, 'class="arrangements"'); $n++) {
        $cards = (string) $this->get("/b/{$build->key}/layout/cards?at=layout&c=galley_shelf")->getContent();
    }
    preg_match_all('/href="([^"]*arr=\d)[^"]*"/', $cards, $looks);
    $before = $this->stands($build)->json;
    $pages = array_map(
        fn (string $url): string => (string) $this->get(html_entity_decode($url))->assertOk()->getContent(),
        array_unique($looks[1]),
    );
    expect(count($pages))->toBeGreaterThanOrEqual(2);
    foreach ($pages as $page) {
        expect($page)->toContain('class="before"')->toContain('what is on the bench stands dashed');
    }
    expect(implode(' ', $pages))->toContain('65 units');
    expect($this->stands($build)->json)->toBe($before);
    // What was never tried is not looked at.
    $other = (string) $this->get("/b/{$build->key}/layout?c=galley_shelf&arr=9")
        ->assertOk()
        ->getContent();
    expect($other)->not->toContain('class="before"')->toContain('66 units');
});

it('tells candela of a row as it is solved, and light of a lid shut and open', function (): void {
    $trike = $this->hungExample('coffee-trike');
    $dark = layoutText($this->get("/b/{$trike->key}/layout?c=turn_row&lay=turn_left"));
    $lit = layoutText($this->get("/b/{$trike->key}/layout?c=turn_row&lay=turn_left&i[turn]=right"));
    expect($dark)->toContain('straight ahead, all of them')->toContain('no claim of any approval');
    preg_match('/([\d.]+) cd straight ahead/', $dark, $off);
    preg_match('/([\d.]+) cd straight ahead/', $lit, $on);
    expect((float) $on[1])->toBeGreaterThan((float) $off[1]);
    $wherry = $this->hungExample('wherry');
    $lid = layoutText($this->get("/b/{$wherry->key}/layout?c=chart_locker&lay=chart_lid&i[master]=on&i[lid]=up"));
    preg_match('/(\d+) lx on the mean with it shut, (\d+) lx open/', $lid, $found);
    expect((int) $found[1])->toBeGreaterThan((int) $found[2]);
});

it('moves a mark by typing its distance, to either side of its datum', function (): void {
    $build = $this->hungExample('wherry');
    $send = fn (string $text): TestResponse => sendsLayout(
        $this,
        $build,
        ['op' => 'layout_size', 'id' => 'name_back', 'field' => 'marks.0.at_m.0', 'text' => $text],
        '&c=nameboard&lay=name_back',
    );
    $send('-28 cm')->assertOk();
    $mark = laidIn($this, $build, 'name_back')->fields->objects('marks')[0];
    expect($mark->items('at_m')[0])
        ->toEqualWithDelta(-0.28, 1e-9)
        ->and($mark->text('kind'))
        ->toBe('drain');
    expect(layoutText($send('20 m')))->toContain('From the datum: expected from');
});

it('takes a line of the piece as its datum, and how thick it is', function (): void {
    $build = $this->hungExample('harbour-tour');
    $at = '&c=gangway&lay=gangway_board';
    $page = fn (): string => (string) $this->get("/b/{$build->key}/layout?{$at}")->getContent();
    expect($page())->not->toContain('id="at-datum_m"');
    sendsLayout(
        $this,
        $build,
        ['op' => 'set', 'id' => 'gangway_board', 'field' => 'datum', 'text' => 'line'],
        $at,
    )->assertOk();
    expect($page())->toContain('id="at-datum_m"');
    $size = fn (string $field, string $text): TestResponse => sendsLayout(
        $this,
        $build,
        ['op' => 'layout_size', 'id' => 'gangway_board', 'field' => $field, 'text' => $text],
        $at,
    );
    $size('datum_m', '25 cm')->assertOk();
    $size('thickness_mm', '1/4 in')->assertOk();
    $fields = laidIn($this, $build, 'gangway_board')->fields;
    expect($fields->number('datum_m'))->toBe(0.25)->and($fields->number('thickness_mm'))->toEqualWithDelta(6.35, 1e-6);
});

it('can be stopped while it tries, and goes on', function (): void {
    $build = $this->hungExample('wherry');
    $stopped = (string) $this->get(
        "/b/{$build->key}/layout/cards?at=layout&c=nameboard&lay=name_first_try&stop=1",
    )->getContent();
    expect($stopped)->toContain('0 of 18 tried')->toContain('Go on')->not->toContain('hx-trigger');
});

it('lists marks, islands and trials, and keeps what is looked at and tried', function (): void {
    $build = $this->hungExample('harbour-tour');
    $page = $this->get("/b/{$build->key}/layout?lay=gangway_board")->assertOk();
    expect(layoutText($page))
        ->toContain('from the left edge, drill 8 mm, within 1 mm')
        ->toContain('I have looked behind');
    sendsLayout($this, $build, [
        'op' => 'add_mark',
        'id' => 'gangway_board',
        'kind' => 'hole',
        'x' => '30 cm',
        'y' => '4 cm',
        'drill' => '5.2 mm',
        'covered' => 'the bezel',
    ])->assertOk();
    $marks = laidIn($this, $build, 'gangway_board')->fields->objects('marks');
    expect($marks)->toHaveCount(2)->and($marks[1]->number('drill_mm'))->toBe(5.2);
    expect(layoutText($this->get("/b/{$build->key}/layout?c=ferry&lay=ferry_name")))->toContain('A inside of R');
    $cabinet = $this->hungExample('mineral-cabinet');
    $trial = fn (array $f): TestResponse => sendsLayout(
        $this,
        $cabinet,
        ['op' => 'keep_trial', 'id' => 'door_magnet', 'held' => 'tape', ...$f],
        '&lay=door_magnet',
    );
    expect(layoutText($trial(['place' => '4.2°', 'made' => '1'])))->toContain('throws at 3.6° ± 0.6°');
    expect(layoutText($trial(['place' => '200', 'made' => '1'])))->toContain('inside the travel');
    expect(layoutText($trial(['place' => 'there', 'made' => '1'])))->toContain('Where it stands');
});

it('hands out sheets at true size, named by what they are of', function (): void {
    $build = $this->hungExample('wherry');
    $pdf = $this->get(
        "/b/{$build->key}/layout/sheets.pdf?at=layout&only=name_three_rows&side=back&paper=letter",
    )->assertOk();
    expect((string) $pdf->getContent())
        ->toStartWith('%PDF-')
        ->and($pdf->headers->get('Content-Disposition'))
        ->toContain('-back.pdf');
    $svg = (string) $this->get("/b/{$build->key}/layout/sheets.svg?at=layout&only=name_three_rows")
        ->assertOk()
        ->getContent();
    expect($svg)->toContain('mm"')->toContain('Nameboard in three rows');
    $csv = (string) $this->get("/b/{$build->key}/layout/sheets.csv?at=layout")
        ->assertOk()
        ->getContent();
    expect($csv)
        ->toStartWith('layout,id,x_mm,y_mm,drill_mm,accuracy_mm,covered_by')
        ->toContain('"Nameboard, back plate"')
        ->not->toContain('name_back');
    $this->get("/b/{$build->key}/layout/sheets.svg?at=layout")->assertNotFound();
    $this->get("/b/{$build->key}/layout/sheets.exe?at=layout")->assertNotFound();
});

it('shows no id of a layout to who reads it', function (): void {
    foreach (
        ['heron', 'wherry', 'coffee-trike', 'mineral-cabinet', 'coffee-stall', 'carnival-lantern', 'harbour-tour'] as $example
    ) {
        $build = $this->hungExample($example);
        $ids = array_map(fn ($l): string => $l->text('id'), $this->stands($build)->fields()->objects('layouts'));
        foreach ($ids as $id) {
            $text = layoutText($this->get("/b/{$build->key}/layout?lay={$id}")->assertOk());
            foreach (array_filter($ids, fn (string $i): bool => str_contains($i, '_')) as $word) {
                expect($text)->not->toContain($word);
            }
        }
    }
});
