<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Hand over of an example that was brought in for it, at a leaf. */
function atHandOver(string $example, string $leaf, int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $at = $w->bringIn($example)."/handover?leaf={$leaf}";
    $w->driver->get($at);
    $w->find('.leaves');

    return $w;
}

it('prices, picks and compares by mouse', function (int $width, int $height): void {
    $w = atHandOver('heron', 'price', $width, $height);
    $w->sees('.price-sentence', 'EUR, of which');
    $before = $w->text('.price-sentence');
    $base = $w->base();
    $w->enter('#quote-rate_per_h', '60/h');
    $w->until(fn (): bool => $w->base() > $base, 'the rate is kept');
    $w->settle();
    $w->until(fn (): bool => $w->text('.price-sentence') !== $before, 'the price has changed');
    // A rate nobody understands stays as it was typed, with what was expected.
    $base = $w->base();
    $w->enter('#quote-rate_per_h', '60 EUR');
    $w->sees('body', 'is money an hour; type 45 or 45/h');
    expect($w->base())
        ->toBe($base)
        ->and($w->find('#quote-rate_per_h')->getDomProperty('value'))
        ->toBe('60 EUR');
    $w->enter('#quote-rate_per_h', '60/h');
    $w->settle();
    $base = $w->base();
    $top = fn (): float => (float) $w->script(
        'return document.querySelector(".options .box-key").getBoundingClientRect().top',
    );
    $w->script('document.querySelector(".options .box-key").scrollIntoView({block: "center"})');
    $was = $top();
    $w->click('.options .box-key');
    $w->until(fn (): bool => $w->base() > $base, 'it is taken');
    $w->sees('.options', 'taken');
    $w->settle();
    // The page stays where it was, however much shorter it has become below.
    expect(abs($top() - $was))->toBeLessThan(120.0);
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
})->with([[1280, 800], [390, 844]]);

it('goes from leaf to leaf by keyboard, and writes what happened', function (): void {
    $w = atHandOver('mineral-cabinet', 'seal');
    $w->sees('.gaps', 'There is no picture of where fuse');
    $w->type('#made-for', 'the mineral collection');
    $w->keys(WebDriverKeys::ENTER);
    $w->sees('.lead-seal', 'Handed over as A');
    $w->sees('.headline', 'handed over as A');
    $w->script('document.activeElement.blur()');
    $w->keys('v');
    $w->sees('.leaves [aria-current]', 'Since then');
    $w->keys('e');
    $w->until(
        fn (): bool => $w->script('return document.activeElement.id') === 'happened-words',
        'the words are to be typed',
    );
    $w->choose('#happened-about', 'driver');
    $w->type('#happened-words', 'It went dark in the frost');
    $base = $w->base();
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'it is written down');
    $w->settle();
    $w->sees('.entries', 'it went dark in the frost');
    $w->sees('.headline', 'B begun, A kept');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->script('document.activeElement.blur()');
    $w->keys('v');
    $w->sees('.leaves [aria-current]', 'What changed');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('opens as a file without a network, with nothing missing', function (int $width): void {
    $w = atHandOver('heron', 'sheet', $width, 844);
    $w->sees('.isolate', 'Pull fuse F1');
    expect($w->violations())->toBe([]);
    $html = (string) $w->script(
        'const r = new XMLHttpRequest(); r.open("GET", document.querySelector("a[href$=\"sheet.html\"]").href, false); r.send(); return r.responseText;',
    );
    $file = sys_get_temp_dir().'/bench-glow-'.getmypid().'.html';
    file_put_contents($file, $html);
    $w->driver->get("file://{$file}");
    expect($w->text('h1'))->toBe('Heron')->and($w->text('main'))->toContain('Pull fuse F1');
    expect((int) $w->script('return performance.getEntriesByType("resource").length'))->toBe(0);
    $wide = $w->script('return [document.documentElement.scrollWidth, innerWidth]');
    expect($wide[0])->toBeLessThanOrEqual($wide[1]);
    $w->close();
})->with([[1280], [390]]);
