<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Build of a demo build. */
function atBuild(string $title, int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', '/build', $w->driver->getCurrentURL()));
    $w->find('#act-now, .sentence');

    return $w;
}

it('works through acts, a mistake and a panel by keyboard alone, and takes one back', function (): void {
    $w = atBuild('Mineral cabinet');
    $title = fn (): string => (string) $w->script('return document.querySelector("#act-now h1").textContent.trim()');
    $first = $title();
    for ($n = 0; $n < 3; $n++) {
        $was = $title();
        $base = $w->base();
        $w->script('document.activeElement.blur()');
        $w->keys('d');
        $w->until(fn (): bool => $w->base() > $base, 'the act is kept');
        $w->settle();
        expect($title())->not->toBe($was);
    }
    $w->script('document.activeElement.blur()');
    $w->keys(']');
    $w->until(fn (): bool => str_contains((string) $w->driver->getCurrentURL(), 'act='), 'the act after is looked at');
    $w->settle();
    $w->script('document.activeElement.blur()');
    $w->keys('m');
    $w->tabTo('#mistake-text');
    $base = $w->base();
    $w->keys('the wrong end', WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the mistake is written down');
    $w->settle();
    $w->sees('#mistakes summary', 'Mistakes (1)');
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->settle();
    $w->sees('#mistakes summary', 'Mistakes (0)');
    expect($first)->not->toBe($title());
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
});

it('shows one act on a phone, with Done in reach of the thumb', function (): void {
    $w = atBuild('Heron', 390, 844);
    $at = (array) $w->script(
        'const b = document.querySelector(".act-keys .done button").getBoundingClientRect(); return [b.bottom, b.height, b.width]',
    );
    expect($at[0])
        ->toBeLessThanOrEqual(844)
        ->and($at[1])
        ->toBeGreaterThanOrEqual(60)
        ->and($at[2])
        ->toBeGreaterThan(330);
    $base = $w->base();
    $w->click('.act-keys .done button');
    $w->until(fn (): bool => $w->base() > $base, 'the act is kept');
    $w->settle();
    expect($w->script('return document.documentElement.scrollWidth <= 390'))->toBeTrue();
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
});
