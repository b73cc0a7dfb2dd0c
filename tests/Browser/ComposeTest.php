<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** A build as it hung, at one of its circuits. */
function bench(string $title, string $circuit, int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', '/history', $w->driver->getCurrentURL()));
    if (! str_contains($w->text('.history li:last-child'), 'on the bench')) {
        $w->click('.history li:last-child button');
        $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), '/circuit'), 'the build is as it hung');
    }
    $w->build($title);
    $w->driver->get(strtok($w->driver->getCurrentURL(), '?')."?c={$circuit}");

    return $w;
}

it('opens a wire of the drawing by a press, tries an offer on and puts it in, and takes it back', function (): void {
    $w = bench('Heron', 'cabin_steps');
    $base = $w->base();
    $w->script(
        'document.querySelector("#drawing svg.wide g[data-opens] path").dispatchEvent(new MouseEvent("click", {bubbles: true}))',
    );
    $w->sees('#opened h2', 'Between');
    expect($w->driver->getCurrentURL())->toContain('w=');
    $w->until(fn (): bool => $w->all('#drawing svg.wide .bare') !== [], 'the wire is parted');
    $w->click('#offer-3');
    $w->until(fn (): bool => $w->all('.offer.here #offer-3') !== [], 'the third offer is in hand');
    $w->click('.offer.here .button');
    $w->until(fn (): bool => $w->base() > $base, 'it is put in');
    $w->until(fn (): bool => $w->all('#opened .slip') === [], 'the wire is closed');
    expect($w->driver->getCurrentURL())->not->toContain('w=');
    $w->keys('z');
    $w->until(fn (): bool => $w->base() > $base + 1 || $w->base() === $base, 'it is taken back');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('goes along the drawing, puts a part in and takes it out by keyboard alone', function (): void {
    $w = bench('Heron', 'nameboard');
    $base = $w->base();
    $w->script('document.activeElement.blur()');
    $w->keys('d');
    $presses = 1;
    do {
        $w->keys(WebDriverKeys::ARROW_RIGHT);
        $presses++;
    } while ($presses < 12 && $w->all('#drawing svg.wide g[data-opens].marked') === []);
    $w->keys(WebDriverKeys::ENTER);
    $w->sees('#opened h2', 'Between');
    $w->script('document.activeElement.blur()');
    $w->keys('i');
    $w->until(fn (): bool => $w->base() > $base, 'I puts the offer in hand in');
    expect($presses)->toBeLessThan(30);
    $now = $w->base();
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->until(fn (): bool => $w->base() !== $now, 'Z takes it back');
    $w->script('document.activeElement.blur()');
    $w->keys('r');
    $w->until(
        fn (): bool => str_contains((string) $w->script('return document.activeElement.id'), 'length_m'),
        'R goes to the leads',
    );
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('finds circuits for the wish, takes one, and opens a clause of the sentence', function (
    int $width,
    int $height,
): void {
    $w = bench('Wherry at her berth', 'chart_locker', $width, $height);
    $base = $w->base();
    $w->click('#find-circuits');
    $w->sees('#wish', 'proven');
    $w->click('.wish-list li:not(.used) .button');
    $w->until(fn (): bool => $w->base() > $base, 'the card is taken');
    $w->until(fn (): bool => $w->all('#wish .wishes') === [], 'the cards are away');
    $w->click('#clause-control');
    $w->sees('#clause', 'A dimmer');
    $now = $w->base();
    $w->click('.choice:not(.used) .button');
    $w->until(fn (): bool => $w->base() > $now, 'the choice is kept');
    $w->sees('#head-sentence', 'dimmer');
    expect($w->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue()
        ->and($w->complaints())
        ->toBe([]);
    $w->close();
})->with([[1280, 800], [390, 844]]);

it('reads well to a machine with a wire open, a clause open and the cards out', function (
    bool $dark,
    int $width,
): void {
    $w = Bench::here()->window($width, 844, $dark);
    $w->build('Wherry at her berth');
    $url = strtok($w->driver->getCurrentURL(), '?');
    foreach (
        ['c=chart_locker&w=chart_locker_feed.1', 'c=chart_locker&clause=switching&wish=all', 'c=saloon_floor&leads=1'] as $query
    ) {
        $w->driver->get("{$url}?{$query}");
        $w->script('document.querySelectorAll("details").forEach((d) => { d.open = true; });');
        expect($w->violations())->toBe([], $query);
    }
    $w->close();
})->with([[false, 1280], [true, 1280], [false, 390]]);

it('takes the leads one at a time on a phone, with keys of its own', function (): void {
    $w = bench('Heron', 'boarding_step', 390, 844);
    $base = $w->base();
    $field = '.lead-row input[id$="-length_m"]';
    $w->script('document.querySelector(".leads").open = true');
    $w->script('document.querySelector(arguments[0]).focus()', $field);
    $w->until(fn (): bool => $w->all('.leads.one .now') !== [], 'one lead is in hand');
    $shown =
        'return [...document.querySelectorAll(".lead-row")].filter((r) => r.getBoundingClientRect().height > 0).length';
    expect($w->script($shown))->toBe(1);
    foreach (['2', '.', '7', ' m'] as $key) {
        $w->click(".keypad [data-types='{$key}']");
        // What is tried out while one types is answered before the next key.
        usleep(220_000);
        $w->settle();
    }
    $first = $w->script('return document.querySelector(".lead-row.now").dataset.part');
    expect($w->script('return document.querySelector(arguments[0]).value', $field))->toBe('2.7 m');
    $w->click(".keypad [data-types='next']");
    $w->until(fn (): bool => $w->base() > $base, 'the length is kept');
    $w->settle();
    $w->until(
        fn (): bool => $w->script('return document.querySelector(".lead-row.now")?.dataset.part') !== $first,
        'the next lead is in hand',
    );
    $w->click(".keypad [data-types='all']");
    $w->until(fn (): bool => $w->script($shown) > 3, 'all leads are there again');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('stops looking for circuits when asked, and leaves what is there', function (): void {
    $w = bench('Heron', 'boarding_step');
    $base = $w->base();
    // As soon as it begins to look, a press on Stop: the answer of a small wish would be there before a hand.
    $w->script(
        'document.addEventListener("htmx:beforeSend", (e) => e.target.closest("#wish") && setTimeout(() =>'.
            ' document.querySelector("[data-stops]").click(), 0))',
    );
    $w->click('#find-circuits');
    $w->sees('#wish', 'Stopped.');
    $w->settle();
    // That a request was broken off stands in the browser's log, as it should.
    expect($w->all('.wish-list li'))->toBe([])->and($w->base())->toBe($base);
    $w->close();
});
