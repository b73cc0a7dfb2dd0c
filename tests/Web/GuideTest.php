<?php

declare(strict_types=1);

use App\Frame\Foot;
use App\Guide\Guide;
use App\Stations\Stations;
use Illuminate\Support\Facades\Route;

it('shows every page, and links to pages that are there', function (string $page): void {
    $html = (string) $this->get($page === 'index' ? '/guide' : "/guide/{$page}")
        ->assertOk()
        ->getContent();
    $guide = new Guide();
    expect($html)
        ->toShow('<h1>'.$guide->title($page).'</h1>')
        ->and($html)
        ->not->toContain('.md"');
    preg_match_all('~href="/guide/([a-z-]+)"~', $html, $links);
    foreach ($links[1] as $other) {
        expect($guide->has($other))->toBeTrue("{$page} links to {$other}");
    }
})->with(
    fn (): array => array_map(
        fn (string $f): string => basename($f, '.md'),
        glob(dirname(__DIR__, 2).'/docs/guide/*.md') ?: [],
    ),
);

it('has a page for every station, with what it answers, how, its words and its keys', function (): void {
    $guide = new Guide();
    foreach ((new Stations())->all() as $station) {
        expect($guide->has($station->guide()))->toBeTrue($station->label());
        expect($guide->html($station->guide()))->toShow(
            '<h2>What it answers</h2>',
            '<h2>How</h2>',
            '<h2>Its words</h2>',
            '<h2>Its keys</h2>',
        );
        expect(array_keys($guide->pages()))->toContain($station->guide());
    }
});

it('opens the page of the station one is at behind "?", and its first page from elsewhere', function (): void {
    $build = $this->hung();
    foreach (['brief', 'circuit', 'handover'] as $station) {
        expect((string) $this->get("/b/{$build->key}/{$station}")->getContent())
            ->toContain("href=\"/guide/{$station}\"")
            ->toContain("hx-get=\"/guide/{$station}\"");
    }
    expect((string) $this->get('/')->getContent())
        ->toContain('hx-get="/guide/wall"')
        ->and((string) $this->get('/sums/strip')->getContent())
        ->toContain('hx-get="/guide/sums"');
});

it('lists the words in the order of the alphabet, each with its meaning', function (): void {
    preg_match_all('~<dt>(.+?)</dt>\s*<dd>(.+?)</dd>~s', (new Guide())->html('words'), $words);
    $sorted = $words[1];
    sort($sorted, SORT_FLAG_CASE | SORT_STRING);
    expect(count($words[1]))->toBeGreaterThan(30)->and($words[1])->toBe($sorted);
});

it('never reads outside the guide', function (string $page): void {
    $this->get('/guide/'.$page)->assertNotFound();
})->with(['..%2Farchitecture', 'nope', 'Index', 'index.md', '%00']);

it('says its version and its licences at the foot of every page', function (): void {
    $version = json_decode((string) file_get_contents(base_path('composer.json')))->version;
    expect(Foot::version())->toBe($version)->and($version)->toMatch('/^\d+\.\d+\.\d+$/');
    $build = $this->hung();
    foreach (
        ['/', '/sums/strip', '/guide', '/licence', "/b/{$build->key}/circuit", "/b/{$build->key}/handover"] as $at
    ) {
        expect((string) $this->get($at)->getContent())->toShow("Bench Glow {$version}");
    }
    $page = (string) $this->get('/licence')->getContent();
    foreach (Foot::licences() as $address) {
        expect($page)->toContain($address)->and(is_file(public_path($address)))->toBeTrue();
    }
    expect(count(Foot::licences()))->toBe(5);
});

it('has pages of its own for what goes wrong, with a way back', function (int $status, string $title): void {
    Route::get('/fails', fn () => abort($status));
    config(['app.debug' => false]);
    $this->get('/fails')->assertStatus($status)->assertSee($title)->assertSee('To the builds wall');
})->with([
    [404, 'Nothing hangs here'],
    [419, 'This page stood too long'],
    [500, 'Something in the bench failed'],
    [503, 'The bench is being set up'],
]);

it('shows what goes wrong on the bench one has chosen, and where even that cannot be read', function (): void {
    config(['app.debug' => false]);
    $this->post('/bench', ['bench' => 'night']);
    expect((string) $this->get('/nope')->getContent())->toContain('data-theme="dark"');
    Illuminate\Support\Facades\Schema::drop('preferences');
    $this->get('/nope')->assertNotFound()->assertSee('Nothing hangs here')->assertDontSee('data-theme');
});
