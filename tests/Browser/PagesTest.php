<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Share of the window that moved after it was first drawn (cumulative layout shift), and bytes a cold page took. */
function loaded(Window $w): array
{
    $w->until(fn (): bool => $w->script('return document.fonts.status') === 'loaded', 'the fonts are there');

    return $w->driver->executeAsyncScript(
        <<<'JS'
        const done = arguments[arguments.length - 1];
        let moved = 0;
        new PerformanceObserver((list) => {
          for (const e of list.getEntries()) if (!e.hadRecentInput) moved += e.value;
        }).observe({ type: 'layout-shift', buffered: true });
        setTimeout(() => {
          const all = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')];
          done([moved, all.reduce((sum, e) => sum + e.transferSize, 0)]);
        }, 60);
        JS
        ,
    );
}

it('comes light and stands still', function (string $station, int $width, int $height): void {
    $found = Bench::here()->window($width, $height);
    $address = match ($station) {
        'wall' => '/',
        'sums' => '/sums/strip',
        'guide' => '/guide/circuit',
        default => preg_replace('#/circuit.*$#', "/{$station}", $found->build('Heron')->driver->getCurrentURL()),
    };
    $found->close();
    // A window of its own has nothing in its cache.
    $w = Bench::here()->window($width, $height);
    $w->driver->get(str_starts_with((string) $address, 'http') ? $address : Bench::here()->url.$address);
    if ($station === 'wall') {
        $w->until(fn (): bool => $w->all('.hangs.pending') === [], 'all cards are there');
    }
    [$moved, $bytes] = loaded($w);
    expect($moved)
        ->toBeLessThanOrEqual(0.05)
        ->and($bytes)
        ->toBeGreaterThan(50_000)
        ->toBeLessThanOrEqual(350_000)
        ->and($w->complaints())
        ->toBe([]);
    $w->close();
})
    ->with(['wall', 'brief', 'circuit', 'handover', 'sums', 'guide'])
    ->with([[1280, 800], [390, 844]]);

it('opens the station\'s page of the guide and the keys behind "?", by key and by mouse', function (): void {
    $w = Bench::here()->window();
    $w->build('Heron');
    $w->keys('?');
    $w->sees('#keys .guide-text h1', 'Circuit');
    expect($w->text('#keys'))->toContain('What it answers')->toContain('next pin');
    $w->keys(WebDriverKeys::ESCAPE);
    $w->until(fn (): bool => ! $w->shows('#keys'), 'the dialog is shut');
    $w->click('[data-open=keys]');
    $w->until(fn (): bool => $w->shows('#keys'), 'the dialog is open again');
    expect($w->violations())->toBe([]);
    $w->click('#keys .whole-guide');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), '/guide'), 'a link leads into the guide');
    $w->close();
});

it('leads through the guide by key, and back to the wall from an address that is none', function (): void {
    $w = Bench::here()->window(390, 844, true);
    $w->build('Harbour tour');
    $w->keys('g');
    $w->until(fn (): bool => str_ends_with($w->driver->getCurrentURL(), '/guide/circuit'), 'G opens the guide');
    foreach (['A walk through a faulty build', 'Words'] as $page) {
        $links = array_values(array_filter($w->all('.guide nav a'), fn ($a): bool => $a->getText() === $page));
        $links[0]->click();
        $w->sees('#guide-text h1', $page);
        expect($w->violations())->toBe([]);
    }
    $w->open('/guide/nowhere');
    expect($w->violations())->toBe([]);
    $w->click('.guide-text .button');
    $w->until(fn (): bool => $w->all('.hung') !== [], 'the wall is there');
    $w->close();
});
