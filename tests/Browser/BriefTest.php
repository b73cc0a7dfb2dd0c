<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Opens the Brief of a demo build's circuit. */
function brief(Window $w, string $build, string $circuit, string $more = ''): void
{
    $w->build($build);
    $w->open(
        str_replace('/circuit', '/brief', (string) parse_url($w->driver->getCurrentURL(), PHP_URL_PATH)).
            "?c={$circuit}{$more}",
    );
    $w->find('#day');
}

it('begins a build from the five questions and plays a story on it, by mouse', function (): void {
    $w = Bench::here()->window();
    $w->open('/sums/strip');
    $w->find('#sum-form');
    $w->keys('b');
    $w->until(
        fn (): bool => $w->script('return document.activeElement?.id') === 'place',
        'one key leads from anywhere into the first question',
    );
    $w->choose('#place', 'boat');
    $w->click('.four-more summary');
    $w->choose('#supply', 'house_bank_12');
    $w->until(
        fn (): bool => ! str_contains(
            (string) $w->script('return document.getElementById("parts-fit").innerHTML'),
            '24 V',
        ),
        'only what is made for 12 V is offered',
    );
    $w->type('#glows', 'Warm white 12 V, 4.8 W/m, 60 LEDs/m: cut every 50 mm, rails 0.1 ohm/m typical');
    $w->type('#amount', 'two');
    $w->choose('#when', 'lid');
    $w->script('document.querySelector(".five button").click()');
    $w->sees('.refused', "Length: 'two'");
    expect(
        $w->script(
            'return [document.getElementById("amount").value, document.getElementById("when").value, document.getElementById("place").value]',
        ),
    )->toBe(['two', 'lid', 'boat']);
    $w->type('#amount', '2.1 m');
    $w->type('#light-label', 'Chart table');
    $w->script('document.querySelector(".five button").click()');
    $w->sees('#head-sentence', 'It glows as it should');
    expect($w->text('#flags'))->toContain('Chart table')->and($w->all('#drawing .wide .sym'))->not->toBe([]);
    $w->click('#run a[href*="/brief"]');
    $w->sees('.big-sentence', 'The chart table glows when the lid is up.');
    $w->script('document.getElementById("shipped").form.requestSubmit()');
    $w->until(fn (): bool => count($w->all('.idea-list .card-way')) >= 2, 'the ways are played');
    expect($w->text('.idea-list'))->toContain('on the bench')->toContain('It glows')->and($w->complaints())->toBe([]);
    $w->close();
});

it('moves an event typed, stepped and dragged, one entry of the history each; Escape lets it lie', function (): void {
    $w = Bench::here()->window();
    brief($w, 'Wherry at her berth', 'boarding_step');
    $at = fn (): mixed => $w->script('return document.getElementById("event-4").value');
    $base = $w->base();
    expect($at())->toBe('19:40');
    $w->enter('#event-4', '19:50');
    $w->until(fn (): bool => $w->base() === $base + 1, 'the typed time is kept');
    expect($at())->toBe('19:50');
    $w->script('document.querySelector("[aria-label=\"Earlier: Saloon lamp on\"]").scrollIntoView({block: "center"})');
    $w->click('[aria-label="Earlier: Saloon lamp on"]');
    $w->until(fn (): bool => $at() === '19:45', 'the step is kept');
    $w->enter('#event-4', 'teatime');
    $w->sees('#event-echo-4', "Time: 'teatime' is no time.");
    expect($at())->toBe('teatime');
    $w->enter('#event-4', '19:45');
    $w->until(fn (): bool => ! str_contains($w->text('#event-echo-4'), 'teatime'), 'the complaint goes');
    $w->settle();

    $dot = fn (): mixed => $w->find('.wide [data-event="2"]');
    $w->script('document.querySelector(".wide .day-picture").scrollIntoView({block: "center"})');
    $before = [$w->base(), $w->script('return document.getElementById("event-2").value'), $dot()->getAttribute('cy')];
    $w->steady(
        fn () => (new WebDriverActions($w->driver))
            ->clickAndHold($dot())
            ->moveByOffset(0, 60)
            ->sendKeys(null, WebDriverKeys::ESCAPE)
            ->release()
            ->perform(),
    );
    expect([
        $w->base(),
        $w->script('return document.getElementById("event-2").value'),
        $dot()->getAttribute('cy'),
    ])->toBe($before);
    $w->steady(
        fn () => (new WebDriverActions($w->driver))->clickAndHold($dot())->moveByOffset(0, 30)->release()->perform(),
    );
    $w->until(fn (): bool => $w->base() === $before[0] + 1, 'the drag is kept as one change');
    $moved = (string) $w->script('return document.getElementById("event-2").value');
    expect($before[1])->toBe('12:30')->and(strtotime($moved))->toBeGreaterThan(strtotime('12:30'));
    $w->click('#headline [data-key=z]');
    $w->until(
        fn (): bool => $w->script('return document.getElementById("event-2").value') === '12:30',
        'the drag is taken back',
    );
    $w->close();
});

it('chooses the moment in the picture; meter and circuit follow it', function (): void {
    $w = Bench::here()->window();
    brief($w, 'Wherry at her berth', 'boarding_step', '&m=8:00');
    expect($w->text('#flags'))->toContain('0 lit');
    $w->script('document.querySelector(".wide .day-picture").scrollIntoView({block: "center"})');
    $picture = $w->find('.wide .day-picture');
    // A little before half past twelve, from the middle of the picture, where the ribbons are.
    $down = $w->script(
        'const s = document.querySelector(".wide .day-picture"), m = JSON.parse(s.dataset.marks);'.
            'const y = m.find(([t]) => t === 45000)[1], h = s.viewBox.baseVal.height;'.
            'return Math.round(((y - 6) / h - 0.5) * s.getBoundingClientRect().height)',
    );
    (new WebDriverActions($w->driver))->moveToElement($picture, 0, (int) $down)->click()->perform();
    $w->until(
        fn (): bool => str_contains($w->driver->getCurrentURL(), 'm=12'),
        'a time before half past twelve is chosen',
    );
    expect($w->text('#flags'))->toContain('1 lit')->and($w->all('.live-clause'))->toHaveCount(2);
    $w->script(
        '[...document.querySelectorAll("#day a.button")].find(a => a.textContent.includes("See the circuit")).click()',
    );
    $w->until(
        fn (): bool => str_contains($w->driver->getCurrentURL(), '/circuit') &&
            str_contains($w->driver->getCurrentURL(), 'aft_door'),
        'the circuit stands as it does then',
    );
    $w->close();
});

it('goes by keyboard: a clause chosen, an idea used, both taken back', function (): void {
    $w = Bench::here()->window();
    brief($w, 'Heron', 'galley_shelf');
    $w->tabTo('.clause');
    $w->keys('g');
    $w->sees('.big-sentence', 'The galley shelf glows when the galley switch is on.');
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->sees('.big-sentence', 'The galley shelf glows always.');
    $w->tabTo('.idea-list .first button');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => str_contains($w->text('.idea-list .used h4'), 'hand switch'), 'the idea is on the bench');
    expect($w->text('.big-sentence'))->toContain('glows when someone at the stove is there');
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->sees('.idea-list .used h4', 'straight from a fused supply');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('hangs the same day on a narrow screen, and chooses the way that is looked at', function (): void {
    $w = Bench::here()->window(390, 844);
    brief($w, 'Wherry at her berth', 'boarding_step');
    expect($w->script('return [...document.querySelectorAll(".slim .day-picture .trail")].length'))
        ->toBe(4)
        ->and($w->shows('.wide .day-picture'))
        ->toBeFalse()
        ->and($w->text('.one-trail'))
        ->toContain('A relay that follows saloon lamp wire');
    $w->click('.one-trail li:nth-of-type(2) a');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'idea=1'), 'the second way');
    expect($w->script('return document.querySelector(".slim .day-picture .chosen-name").textContent'))->toBe('2');
    $w->close();
});

it('breaks no accessibility rule and scrolls nothing sideways', function (int $width, bool $dark): void {
    $w = Bench::here()->window($width, 844, $dark);
    foreach (
        [
            ['Heron', 'galley_shelf', '&over=1&m=20:00'],
            ['Wherry at her berth', 'boarding_step', ''],
            ['Coffee trike', 'counter_edge', '&m=soon'],
            ['Coffee stall', '', ''],
        ] as [$build, $circuit, $more]
    ) {
        brief($w, $build, $circuit, $more);
        expect($w->violations())
            ->toBe([], "{$build} {$circuit}")
            ->and($w->script('return document.documentElement.scrollWidth <= window.innerWidth'))
            ->toBeTrue("{$build} {$circuit} scrolls sideways");
    }
    $w->open('/');
    expect($w->violations())
        ->toBe([])
        ->and($w->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue();
    $w->close();
})->with([[1280, false], [390, false], [390, true]]);
