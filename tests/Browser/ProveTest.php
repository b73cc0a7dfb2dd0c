<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Prove of an example, simulated to its end. */
function atProve(string $example, string $circuit, int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $at = $w->bringIn($example)."/prove?c={$circuit}";
    $w->driver->get($at);
    $w->until(fn (): bool => $w->all('.chain') !== [], 'every fault is tried');
    // Now that its gates are known, the switches stand as they want them.
    $w->driver->get($at);
    $w->find('.gate-act');

    return $w;
}

it('proves a gate by keyboard alone, and goes on to the next', function (): void {
    $w = atProve('coffee-stall', 'awning_dots');
    $act = fn (): string => (string) $w->script('return document.querySelector(".gate-act").textContent.trim()');
    $first = $act();
    expect($first)->toContain('on the bench supply');
    $w->script('document.activeElement.blur()');
    $base = $w->base();
    $w->keys('y');
    $w->until(fn (): bool => $w->base() > $base, 'it is kept');
    $w->settle();
    expect($act())->toContain('Ohms from');
    // Digits go into the field, Enter keeps it; within its band it is right.
    $w->script('document.activeElement.blur()');
    $base = $w->base();
    $w->keys('0');
    $w->keys('.1', WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the ohms are kept');
    $w->settle();
    $w->sees('.reach', '2 of 10');
    $w->script('document.activeElement.blur()');
    $w->keys(WebDriverKeys::ARROW_UP);
    $w->until(fn (): bool => str_contains((string) $w->driver->getCurrentURL(), 'gate='), 'the gate before');
    $w->settle();
    $w->script('document.activeElement.blur()');
    $w->keys('k');
    $w->until(fn (): bool => $w->all('#skip-why') !== [], 'why it is skipped is asked');
    $w->settle();
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('hunts to its end with the mouse', function (): void {
    $w = atProve('coffee-stall', 'menu_panel');
    $w->sees('.hunt .tally', 'left after 2 answers');
    $w->sees('.hunt-act', 'Red tip on');
    expect($w->script('return document.querySelectorAll(".hunt-drawing .wide .tip.red").length'))->toBe(1);
    expect($w->script('return document.querySelectorAll(".hunt-drawing .wide .pinmark").length'))->toBeGreaterThan(0);
    $base = $w->base();
    $w->enter('#reading', '1.4');
    $w->until(fn (): bool => $w->base() > $base, 'the reading is kept');
    $w->settle();
    $w->sees('.hunt .tally', 'after 3 answers');
    $w->sees('.suspects', 'explains it best');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $base = $w->base();
    $w->click('.suspects li .plain');
    $w->until(fn (): bool => $w->base() > $base, 'it is mended');
    $w->settle();
    expect($w->all('.hunt'))->toBe([]);
    // The gate that failed is tried again.
    $w->sees('.gate-act', 'All at rest');
    $base = $w->base();
    $w->script('document.activeElement.blur()');
    $w->keys('y');
    $w->until(fn (): bool => $w->base() > $base, 'the gate is right');
    $w->settle();
    $w->sees('.reach', '6 of 10');
    $w->close();
});

it('fits a phone: the answers under the thumb, the chain folded, a hunt answered without reading', function (): void {
    $w = atProve('mineral-cabinet', 'top_shelf', 390, 844);
    expect($w->script('return document.documentElement.scrollWidth'))->toBe(390);
    $w->click('.chain-line');
    expect($w->script('return document.querySelector("#chain").classList.contains("all")'))->toBeTrue();
    $w->click('.chain-line');
    $heights = (array) $w->script(
        'return [...document.querySelectorAll(".right-key, .not-key")].map((b) => b.getBoundingClientRect().height)',
    );
    expect(min($heights))->toBeGreaterThanOrEqual(48);
    $sides = (array) $w->script(
        'return [".not-key", ".right-key"].map((k) => document.querySelector(k).getBoundingClientRect().left)',
    );
    expect($sides[0])->toBeLessThan($sides[1]);
    $base = $w->base();
    $w->click('.not-key');
    $w->until(fn (): bool => $w->base() > $base, 'it is not as it should be');
    $w->settle();
    $failing = (string) $w->script('return document.querySelector(".gate-act").textContent');
    $w->click('[data-prove="g"]');
    $w->until(fn (): bool => $w->all('.hunt') !== [], 'it is looked for');
    $w->settle();
    expect($failing)->not->toBe('');
    // One key answers a look.
    if ($w->all('.looks .look-dark') !== []) {
        $high = $w->script('return document.querySelector(".looks .look-dark").getBoundingClientRect().height');
        expect($high)->toBeGreaterThanOrEqual(88);
    }
    $base = $w->base();
    $w->click('.looks .look-dark, .hunt-reading .quick-key');
    $w->until(fn (): bool => $w->base() > $base, 'one answer');
    $w->settle();
    $w->sees('.hunt .tally', 'after 1 answer');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('is to be repeated after the wiring was changed, and says which', function (): void {
    $w = atProve('wherry', 'chart_locker');
    $w->sees('.gate-row.here', 'repeat it');
    $w->sees('.pins', 'was right for an earlier wiring');
    $w->sees('.gate-row.below-held', 'No short');
    expect($w->violations())->toBe([]);
    $w->close();
});

it('keeps an answer waiting while the bench does not answer, and sends it again once', function (): void {
    $bench = Bench::here();
    $w = atProve('heron', 'galley_shelf');
    $base = $w->base();
    $bench->pause();
    try {
        $w->click('.right-key');
        $w->sees('.marks-wait', '1 waits and is sent when the bench answers.');
        expect($w->base())->toBe($base);
    } finally {
        $bench->goOn();
    }
    $w->until(fn (): bool => $w->base() > $base, 'it is sent again and kept');
    $w->until(fn (): bool => $w->all('.marks-wait, #unkept') === [], 'nothing waits any more');
    expect($w->base())->toBe($base + 1);
    $w->close();
});

it('practises at a fault by mouse', function (): void {
    $w = Bench::here()->window();
    $w->open('/practice/fault');
    $w->script('document.querySelector("#seed").value = "17"');
    $w->click('.says .button');
    $w->sees('h1', 'What is wrong?');
    $w->click('.practice-asks .button.is-primary');
    $w->sees('main', '1 answer');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});
