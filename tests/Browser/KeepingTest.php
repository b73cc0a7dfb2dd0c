<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;

const SHELF = '#f-galley_shelf_light-wanted_m';

it('says what is not kept, keeps it in its field, and sends it when the bench is back', function (): void {
    $bench = Bench::here();
    $w = $bench->window();
    $w->build('Heron');
    $base = $w->base();
    $w->script('document.documentElement.dataset.same = "page"');
    $bench->pause();
    try {
        $w->tabTo(SHELF);
        $w->keys(WebDriverKeys::CONTROL.'a', '2.45 m', WebDriverKeys::ENTER);
        $w->sees('#unkept', 'Not kept: Length 2.45 m. The bench does not answer. It is tried again by itself.');
        expect($w->script('return document.activeElement.value'))->toBe('2.45 m');
        expect($w->base())->toBe($base);
    } finally {
        $bench->goOn();
    }
    // It waits longer after every time it was in vain.
    $w->until(fn (): bool => $w->base() === $base + 1, 'it was sent again and kept, once');
    $w->until(fn (): bool => $w->all('#unkept') === [], 'the bar goes');
    $w->sees('#drawing', '49 units');
    expect($w->script('return document.documentElement.dataset.same'))->toBe('page');
    $w->close();
});

it('gets a new token by itself where the session ran out', function (): void {
    $w = Bench::here()->window();
    $w->build('Heron');
    $base = $w->base();
    $w->driver->manage()->deleteAllCookies();
    $w->tabTo(SHELF);
    $w->keys(WebDriverKeys::CONTROL.'a', '2.2 m', WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() === $base + 1, 'it is kept with a new token');
    expect($w->base())->toBe($base + 1);
    $w->sees('#drawing', '44 units');
    $w->close();
});

it('notices that the bench is gone before anything is typed', function (): void {
    $bench = Bench::here();
    $w = $bench->window();
    $w->build('Heron');
    $bench->pause();
    try {
        $w->sees('#unkept', 'The bench does not answer.');
    } finally {
        $bench->goOn();
    }
    $w->until(fn (): bool => $w->all('#unkept') === [], 'and that it is back');
    expect($w->all('#unkept'))->toBe([]);
    $w->close();
});
