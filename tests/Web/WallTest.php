<?php

declare(strict_types=1);

use App\Store\Keeper;
use App\Wall\Wall;
use Illuminate\Support\Facades\DB;
use Tests\Support\Make;

/** Titles in the order in which they hang. @return list<string> */
function titles(string $html): array
{
    $hung = substr($html, (int) strpos($html, 'id="hung"'));
    preg_match_all('~<h2[^>]*>(.*?)</h2>~s', $hung, $found);

    return array_map(fn (string $t): string => html_entity_decode(trim(strip_tags($t)), ENT_QUOTES), $found[1]);
}

/** Builds with these names, each changed a minute after the one before. */
function hangs(Tests\WebTestCase $test, string ...$names): void
{
    foreach ($names as $n => $name) {
        $build = $test->bench()->create(Make::edited(Make::shelf(1.2), Make::set('build', 'title', $name)), 'x', 'w');
        DB::table('builds')
            ->where('id', $build->id)
            ->update(['changed_at' => sprintf('2026-01-01 12:%02d:00', $n)]);
    }
}

it('shows twenty-four at a time, and leads to the others', function (): void {
    hangs($this, ...array_map(fn (int $n): string => sprintf('Build %02d', $n), range(1, 50)));
    $first = (string) $this->get('/')->getContent();
    expect(titles($first))
        ->toHaveCount(24)
        ->and(titles($first)[0])
        ->toBe('Build 01')
        ->and($first)
        ->toShow('1 to 24 of 50', 'The next ones')
        ->and($first)
        ->not->toContain('The ones before');
    $last = (string) $this->get('/?page=3')->getContent();
    expect(titles($last))
        ->toBe(['Build 49', 'Build 50'])
        ->and($last)
        ->toShow('49 to 50 of 50', 'The ones before');
    foreach (['99' => 2, '-3' => 24, 'x' => 24] as $page => $count) {
        expect(titles((string) $this->get("/?page={$page}")->getContent()))->toHaveCount($count);
    }
});

it('finds by a part of the name, whatever signs it holds', function (): void {
    hangs($this, 'Heron', 'Wherry at her berth', '100 % copper', 'a_b', 'axb', 'Coffee stall', 'One', 'Two', 'Three');
    $found = fn (string $word): array => titles((string) $this->get('/?q='.rawurlencode($word))->getContent());
    expect($found('her'))
        ->toBe(['Heron', 'Wherry at her berth'])
        ->and($found('%'))
        ->toBe(['100 % copper'])
        ->and($found('a_b'))
        ->toBe(['a_b'])
        ->and($found("'; drop table builds; --"))
        ->toBe([]);
    $this->get('/?q=zebra')->assertSee('No build here is called “zebra”.')->assertSee('All builds');
});

it('hangs them in the order one asks for', function (): void {
    hangs($this, 'Cabinet', 'Awning', 'Bench', 'D1', 'D2', 'D3', 'D4', 'D5', 'D6');
    $order = fn (string $sort): array => array_slice(titles((string) $this->get("/?sort={$sort}")->getContent()), 0, 3);
    expect($order('hung'))
        ->toBe(['Cabinet', 'Awning', 'Bench'])
        ->and($order('title'))
        ->toBe(['Awning', 'Bench', 'Cabinet'])
        ->and($order('changed'))
        ->toBe(['D6', 'D5', 'D4'])
        ->and($order('bogus'))
        ->toBe(['Cabinet', 'Awning', 'Bench']);
});

it('stands before it has solved anything, and then solves card by card', function (): void {
    hangs($this, 'Heron', 'Wherry');
    $html = (string) $this->get('/')->getContent();
    expect($html)->toShow('2 still to be solved.')->and(substr_count($html, 'hangs pending'))->toBe(2);
    preg_match_all('~/b/(\w+)/card~', $html, $cards);
    $keys = array_values(array_unique($cards[1]));
    expect($keys)->toHaveCount(2);
    $card = (string) $this->get("/b/{$keys[0]}/card")
        ->assertOk()
        ->getContent();
    expect($card)->toShow('Heron', ' A')->and($card)->not->toContain('pending');
    expect(substr_count((string) $this->get('/')->getContent(), 'hangs pending'))->toBe(1);
    $this->get("/b/{$keys[1]}/card")->assertOk();
    expect((string) $this->get('/')->getContent())->not->toContain('hangs pending');
});

it('solves anew only what was changed in its wiring, its state on paper or the bench\'s units', function (): void {
    $build = $this->hung();
    $pending = fn (): int => substr_count((string) $this->get('/')->getContent(), 'hangs pending');
    $this->get("/b/{$build->key}/card");
    expect($pending())->toBe(0);
    $this->sends($build, ['op' => 'set', 'id' => 'shelf_light', 'field' => 'wanted_m', 'text' => '2 m'])->assertOk();
    expect($pending())->toBe(1);
    $this->get("/b/{$build->key}/card");
    $this->post('/bench', ['wire' => 'awg']);
    expect($pending())->toBe(1);
});

it('lists what was taken down, and hangs it back with its history', function (): void {
    $build = $this->hung();
    $this->sends($build, ['op' => 'set', 'id' => 'build', 'field' => 'title', 'text' => 'Sold'])->assertOk();
    $this->post("/b/{$build->key}/take-down")->assertRedirect();
    $wall = (string) $this->get('/')->getContent();
    expect(titles($wall))->toBe([])->and($wall)->toShow('Taken down (1)', 'Hang it back: Sold');
    $this->get("/b/{$build->key}/circuit")->assertNotFound();
    $this->post("/b/{$build->key}/edit", ['op' => 'set', 'base' => '2', 'token' => 't'])->assertNotFound();
    $this->post("/b/{$build->key}/hang-back")->assertRedirect();
    expect(titles((string) $this->get('/')->getContent()))
        ->toBe(['Sold'])
        ->and($build->refresh()->head)
        ->toBe(2);
    $this->get("/b/{$build->key}/circuit")->assertOk();
});

it('shows a card for a build whose file is damaged, beside the others', function (): void {
    hangs($this, 'Heron', 'Wherry');
    DB::table('revisions')
        ->where('build_id', 1)
        ->update(['doc' => 'broken']);
    $key = (string) DB::table('builds')->where('id', 1)->value('key');
    $this->get("/b/{$key}/card")
        ->assertOk()
        ->assertSee('damaged');
    $this->get('/')->assertOk()->assertSee('Wherry');
});

it('keeps values of any size, and computes anew what cannot be read back', function (): void {
    foreach ([['a' => 1], ['long' => str_repeat('light ', 4000)]] as $n => $value) {
        $made = 0;
        $make = function () use (&$made, $value): array {
            $made++;

            return $value;
        };
        expect([Keeper::value(['t', $n], $make), Keeper::value(['t', $n], $make), $made])->toBe([$value, $value, 1]);
        foreach (['', 'z', 'zgarbage', 'pO:3:"Foo":0:{}', 'p'] as $broken) {
            cache()->put(implode(':', ['t', $n, Keeper::version()]), $broken);
            expect(Keeper::value(['t', $n], $make))->toBe($value);
        }
        expect($made)->toBe(6);
    }
    expect(Keeper::kept(['nobody'], Wall::class))->toBeNull();
});
