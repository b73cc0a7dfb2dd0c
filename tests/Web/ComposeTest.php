<?php

declare(strict_types=1);

use App\Models\Build;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Format\Fields;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use Tests\WebTestCase;

/** The circuit page of a build, as text to read. */
function circuitPage(WebTestCase $test, Build $build, string $query): string
{
    return html_entity_decode(
        (string) $test
            ->get("/b/{$build->key}/circuit?{$query}")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
}

it('says the circuit in clauses, and opens what could stand in one', function (): void {
    $build = $this->hungExample('wherry');
    $html = circuitPage($this, $build, 'c=chart_locker');
    expect(preg_replace('/\s+/', ' ', strip_tags($html)))
        ->toContain('Fed from the house bank by F4')
        ->toContain('switched by')
        ->toContain('dimmed by nothing')
        ->toContain('along one run');
    $open = circuitPage($this, $build, 'c=chart_locker&clause=switching');
    expect($open)
        ->toContain('A lid and a master, in the feed')
        ->toContain('Takes out')
        ->and(substr_count($open, 'class="choice'))
        ->toBeGreaterThan(5)
        ->and(circuitPage($this, $build, 'c=saloon_floor&clause=switching'))
        ->toContain('that do something else');
});

it('changes one section by a card, and keeps the others', function (): void {
    $build = $this->hungExample('wherry');
    $before = Sections::of($this->stands($build), 'saloon_floor');
    $edit = ['op' => 'choose_section', 'circuit' => 'saloon_floor', 'section' => 'control', 'choice' => 'dimmer'];
    $this->sends($build, ['edit' => json_encode($edit)])->assertOk();
    $after = Sections::of($this->stands($build), 'saloon_floor');
    expect($after->section(Section::CONTROL))
        ->not->toBeNull()
        ->and($after->section(Section::SWITCHING)?->devices)
        ->toBe($before->section(Section::SWITCHING)?->devices);
});

it('opens a wire with offers that were solved, and puts one in', function (): void {
    $build = $this->hungExample('heron');
    $html = circuitPage($this, $build, 'c=cabin_steps&w=cabin_steps_light_feed.1&wm=0.4+m');
    expect($html)
        ->toContain('Between fuse F2 and cabin steps')
        ->toContain('Put it in')
        ->toContain('glows as wished')
        ->toContain('class="bare"')
        ->and(substr_count($html, 'class="offer-name"'))
        ->toBeGreaterThanOrEqual(5);
    preg_match_all(
        '/name="edit"\s+value="([^"]+insert_part[^"]+)"/',
        (string) $this->get("/b/{$build->key}/circuit?c=cabin_steps&w=cabin_steps_light_feed.1")->getContent(),
        $m,
    );
    $edit = Edits::read((array) json_decode(html_entity_decode($m[1][0]), true));
    expect($edit)->toBeInstanceOf(InsertPart::class);
    $this->sends($build, ['edit' => json_encode(Edits::write($edit))])->assertOk();
    $names = array_map(
        fn (Fields $i): string => $i->text('kind'),
        $this->stands($build)->fields()->objects('leads')[1]->objects('inline'),
    );
    expect($names)->toContain('diode');
});

it('says what is wrong with a place, keeps what was typed, and lets go of a wire that is gone', function (): void {
    $build = $this->hungExample('heron');
    $html = circuitPage($this, $build, 'c=cabin_steps&w=cabin_steps_light_feed.1&wm=9+m');
    expect($html)->toContain('Place: the wire is 5.4 m long; say a place within it.')->toContain('value="9 m"');
    expect(circuitPage($this, $build, 'c=cabin_steps&w=cabin_steps_light_feed.1&wm=soon'))->toContain("'soon'");
    expect(circuitPage($this, $build, 'c=cabin_steps&w=gone.1'))->not->toContain('class="slip"');
    expect(circuitPage($this, $build, 'c=cabin_steps&w=cabin_steps_light_feed.7'))->not->toContain('class="slip"');
});

it('joins wires and sources by form, and refuses what can\'t be', function (): void {
    $build = $this->hungExample('heron');
    $had = count($this->stands($build)->fields()->objects('devices'));
    $place = ['lead' => 'cabin_steps_light_feed', 'core' => '1', 'at_m' => '0.4'];
    $this->sends($build, ['op' => 'connect', ...$place, 'to' => ''])
        ->assertStatus(422)
        ->assertSee('choose what the new wire goes to');
    $this->sends($build, ['op' => 'connect', ...$place, 'to' => 'house_bank.minus'])
        ->assertStatus(422)
        ->assertSee('a short');
    $this->sends($build, ['op' => 'add_source', ...$place, 'from' => ''])
        ->assertStatus(422)
        ->assertSee('choose what feeds it too');
    $this->sends($build, [
        'op' => 'connect',
        ...$place,
        'to' => 'saloon_edge_light.end.plus',
        'length' => '2.6 m',
    ])->assertOk();
    expect(count($this->stands($build)->fields()->objects('devices')))->toBe($had + 1);
});

it('finds proven circuits for the wish, and takes one', function (): void {
    $build = $this->hungExample('wherry');
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/wish?c=chart_locker&wish=1")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect(substr_count($html, 'Take it</button'))
        ->toBe(5)
        ->and($html)
        ->toContain('on the bench')
        ->toContain('proven in 24 states')
        ->toContain('keeps the master rocker');
    preg_match(
        '/name="edit"\s+value="([^"]+compose[^"]+)"/',
        (string) $this->get("/b/{$build->key}/wish?c=chart_locker&wish=1")->getContent(),
        $m,
    );
    $before = $this->stands($build)->json;
    $this->sends($build, ['edit' => html_entity_decode($m[1] ?? '')])->assertOk();
    expect($this->stands($build)->json)->not->toBe($before);
});

it('says why no circuit is found, and offers to put a switch at what nothing tells of', function (): void {
    $build = $this->hungExample('j13-over-the-hatch');
    $html = html_entity_decode(
        (string) $this->get("/b/{$build->key}/wish?c=main&wish=1")
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
    expect($html)->toContain('Nothing tells of key')->toContain('Put a switch at key');
});

it('shows the leads as pieces of wire, the ones without a length first when asked', function (): void {
    $build = $this->hungExample('wherry');
    $html = circuitPage($this, $build, 'c=saloon_floor&leads=1');
    expect(substr_count($html, 'class="lead-row'))->toBeGreaterThan(3)->and($html)->toContain('Open it');
    $this->sends($build, ['op' => 'set', 'id' => 'saloon_floor_feed', 'field' => 'length_m', 'text' => ''])->assertOk();
    $only = circuitPage($this, $build, 'c=saloon_floor&leads=missing');
    expect(substr_count($only, 'class="lead-row'))->toBe(1)->and($only)->toContain('one without a length');
});

it('shows no id in the texts of an opened wire, a clause and the cards', function (
    string $example,
    string $circuit,
): void {
    $build = $this->hungExample($example);
    $document = $this->stands($build);
    $lead = array_values(
        array_filter($document->fields()->objects('leads'), fn (Fields $l): bool => $l->text('circuit') === $circuit),
    )[0];
    $texts = '';
    foreach (
        ["w={$lead->text('id')}.1", 'clause=switching', 'clause=control', 'clause=source', 'wish=all', 'leads=1'] as $query
    ) {
        $html = circuitPage($this, $build, "c={$circuit}&{$query}");
        $main = (string) preg_replace('/<(script|style|svg|select|textarea)\b.*?<\/\1>/s', '', $html);
        $texts .= ' '.strip_tags($main);
    }
    foreach (array_keys(BenchGlow\Build\Index::of($document)->paths) as $id) {
        if (str_contains($id, '_')) {
            expect(preg_match('/\b'.preg_quote($id, '/').'\b/', $texts))->toBe(0, "{$id} is shown");
        }
    }
})->with([
    ['heron', 'galley_shelf'],
    ['wherry', 'chart_locker'],
    ['wherry', 'boarding_step'],
    ['j08-bar-lamp', 'main'],
]);

it('makes what a wish goes by where the wish is said, a switch or a wire of the host', function (): void {
    $build = $this->hungExample('heron');
    $this->sends($build, ['op' => 'new_signal', 'label' => 'Hatch switch', 'kind' => 'lid'])->assertOk();
    $this->sends($build, ['op' => 'new_signal', 'label' => 'Anchor light', 'kind' => 'host_ground'])->assertOk();
    $fields = $this->stands($build)->fields();
    $inputs = array_map(fn (Fields $i): string => $i->text('id'), $fields->objects('inputs'));
    $wires = $fields->object('host')->objects('wires');
    expect($inputs)
        ->toContain('hatch_switch', 'anchor_light')
        ->and(end($wires)->text('polarity'))
        ->toBe('ground')
        ->and(end($wires)->object('live_when')->data)
        ->toBe(['input' => 'anchor_light']);
    $want = $fields->objects('circuits')[1]->objects('wants')[0]->text('id');
    $this->sends($build, [
        'op' => 'set_when',
        'id' => $want,
        'field' => 'when',
        'text' => 'hatch switch up and anchor light on',
    ])->assertOk();
    foreach (
        [
            ['label' => '', 'kind' => 'hand', 'says' => 'Its name:'],
            ['label' => 'X', 'kind' => 'magic', 'says' => 'What it is: choose'],
        ] as $sent
    ) {
        $this->sends($build, ['op' => 'new_signal', ...$sent])
            ->assertStatus(422)
            ->assertSee($sent['says']);
    }
});
