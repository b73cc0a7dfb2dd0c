<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

const LENGTH = '#f-galley_shelf_light-wanted_m';
const WIRE_CHOICE = '#f-galley_shelf_light_feed-wire';

function fresh(int $width = 1280, int $height = 800, bool $dark = false): Window
{
    return Bench::here()->window($width, $height, $dark);
}

/** Takes the Heron back to how it hung, whatever an earlier test did. */
function heron(Window $w): void
{
    $w->build('Heron');
    $w->driver->get(preg_replace('#/circuit.*$#', '/history', $w->driver->getCurrentURL()));
    if (! str_contains($w->text('.history li:last-child'), 'on the bench')) {
        $w->click('.history li:last-child button');
        $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), '/circuit'), 'the build is as it hung');
    }
    $w->build('Heron');
}

it('goes the first journey by mouse', function (): void {
    $w = fresh();
    heron($w);
    $before = [$w->text('.meter .big'), $w->text('.meter .small'), $w->base()];

    // Feet and inches; the answer follows while typing, before anything is kept.
    $w->type(LENGTH, "6' 4 1/2\"");
    $w->sees('#f-galley_shelf_light-wanted_m-echo', "1.943 m · 6' 4 1/2\"");
    $w->until(
        fn (): bool => $w->text('.meter .big') !== $before[0] && $w->text('.meter .small') !== $before[1],
        'the meter follows the typing',
    );
    expect($w->base())->toBe($before[2])->and($w->text('#drawing'))->toContain('38 units');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $before[2], 'the length is kept');

    // A long strip wants thicker wire and a larger fuse: both on "recommended" follow at once.
    $w->enter(LENGTH, '3.34 m');
    $w->until(fn (): bool => str_contains($w->text('#drawing'), '66 units'), 'the strip is long');
    $long = $w->text('#drawing');
    $w->enter(LENGTH, '0.4 m');
    $w->until(fn (): bool => str_contains($w->text('#drawing'), '8 units'), 'the strip is short');
    expect($w->text('#drawing'))->not->toContain('1.5 mm²')->and($long)->toContain('1.5 mm²')->toContain('7.5 A');

    // A chosen wire stays and gets its finding.
    $w->choose(WIRE_CHOICE, '0.22 mm2');
    $w->enter(LENGTH, '3.34 m');
    $w->sees('#pins', 'are lost on the way');
    expect($w->text('#drawing'))->toContain('0.22 mm²');
    $w->choose(WIRE_CHOICE, 'recommended');
    $w->until(fn (): bool => ! str_contains($w->text('#pins'), 'are lost on the way'), 'the wire follows again');

    // The suggested fix for the dim end, and taking it back.
    $w->sees('#pins', 'of the brightest one\'s light; you asked for 85 %');
    $w->click('.pin .fix');
    $w->sees('.meter .was', 'evenness was 74 %, now 9');
    expect($w->text('#pins'))
        ->not->toContain('you asked for 85 %')
        ->and($w->text('#drawing'))
        ->toContain('3.4 m')
        ->and($w->all('.was-line'))
        ->not->toBe([]);
    $w->click('#headline [data-key=z]');
    $w->sees('#pins', 'you asked for 85 %');
    $w->click('#headline [data-key=Z]');
    $w->until(fn (): bool => ! str_contains($w->text('#pins'), 'you asked for 85 %'), 'the fix is back');
    $w->click('#headline [data-key=z]');
    $w->sees('#pins', 'you asked for 85 %');

    // The sheet and the file.
    $w->click('[data-station="8"]');
    $w->sees('.sheet', 'How to isolate it');
    $w->click('.hand-tools .is-primary');
    $w->sees('.sheet', 'Wires and fuses');
    $w->driver->navigate()->back();
    $href = (string) $w->find('.hand-tools a[href$="/export"]')->getDomProperty('href');
    $file = $w->driver->executeAsyncScript(
        'const done = arguments[1]; fetch(arguments[0]).then(r => r.text()).then(done)',
        [$href],
    );
    expect(BenchGlow\Build\Document::fromJson((string) $file)->title())
        ->toBe('Heron')
        ->and($w->complaints())
        ->toBe([]);
    $w->close();
});

it('goes it again by keyboard only', function (): void {
    $w = fresh();
    heron($w);
    $base = $w->base();
    $w->script('document.activeElement.blur()');
    $w->tabTo(LENGTH);
    $w->keys(WebDriverKeys::CONTROL.'a', "6' 4 1/2\"", WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the length is kept by Enter');
    $w->sees('#drawing', '38 units');
    $w->keys(WebDriverKeys::CONTROL.'a', '3.34 m', WebDriverKeys::ENTER);
    $w->sees('#drawing', '66 units');
    $w->script('document.activeElement.blur()');
    $w->keys('f');
    $w->until(fn (): bool => $w->script('return document.activeElement.id') === 'pin-1', 'F goes to the first pin');
    $w->tabTo('.pin .fix', 5);
    $w->keys(WebDriverKeys::ENTER);
    $w->sees('.meter .was', 'now 9');
    $w->until(
        fn (): bool => $w->script('return document.activeElement !== document.body') === true,
        'the focus goes on to the next pin',
    );
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->sees('#pins', 'you asked for 85 %');
    $w->script('document.activeElement.blur()');
    $w->keys('l');
    $w->until(
        fn (): bool => str_contains($w->driver->getCurrentURL(), 's=low'),
        'L sets the supply low, in the address',
    );
    $w->script('document.activeElement.blur()');
    $w->keys('n');
    $w->until(fn (): bool => ! str_contains($w->driver->getCurrentURL(), 's=low'), 'N sets it normal');
    $w->script('document.activeElement.blur()');
    $w->keys('.');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'cabin_steps'), 'the next circuit');
    $w->keys('c', 'g', 's');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'galley_shelf'), 'C and a flag');
    $w->keys('s', '8');
    $w->sees('.sheet', 'How to isolate it');
    $w->tabTo('.hand-tools .is-primary');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => str_ends_with($w->driver->getCurrentURL(), '/sheet'), 'the sheet opens');
    $w->driver->navigate()->back();
    $w->keys('?');
    $w->until(fn (): bool => $w->shows('#keys'), 'the keys are shown');
    $w->keys(WebDriverKeys::ESCAPE, 'q');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), '/sums/strip'), 'Q opens the sums');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('says wrong input in words, keeps what was typed, and complains only when the field is left', function (): void {
    $w = fresh();
    heron($w);
    $base = $w->base();
    $w->type(LENGTH, '6 fo');
    $w->until(fn (): bool => $w->all('.htmx-request') === [], 'the preview is through');
    expect($w->all('.wrong'))->toBe([]);
    $w->keys(WebDriverKeys::TAB);
    $w->sees('#f-galley_shelf_light-wanted_m-echo', "Length: '6 fo' is not understood. Type a length, as 1.84 m");
    expect($w->find(LENGTH)->getDomProperty('value'))
        ->toBe('6 fo')
        ->and($w->base())
        ->toBe($base);
    $w->enter(LENGTH, '2 m');
    $w->sees('#f-galley_shelf_light-wanted_m-echo', '2 m · 6\' 6 3/4"');
    expect($w->all('.wrong'))->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('loses neither of two quick edits of one window', function (): void {
    $w = fresh();
    heron($w);
    $base = $w->base();
    $w->type(LENGTH, '2.4 m');
    $w->keys(WebDriverKeys::ENTER);
    $w->type('#f-galley_shelf_light_feed-length_m', '1.5 m');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() === $base + 2, 'both edits are kept');
    expect($w->text('#drawing'))->toContain('48 units')->toContain('1.5 m')->and($w->text('#conflict'))->toBe('');
    $w->close();
});

it('tells the later of two windows and puts its edit on top', function (): void {
    $a = fresh();
    $b = fresh();
    heron($a);
    $b->driver->get($a->driver->getCurrentURL());
    $b->find(LENGTH);
    $b->type(LENGTH, '2.9 m');
    $a->enter(LENGTH, '2.1 m');
    $a->sees('#drawing', '42 units');
    $b->keys(WebDriverKeys::ENTER);
    $b->sees('#conflict', 'This build changed while you worked.');
    expect($b->text('#conflict'))
        ->toContain('Another window')
        ->toContain('2.1')
        ->toContain('2.9')
        ->and($b->find(LENGTH)->getDomProperty('value'))
        ->toBe('2.9 m');
    $b->click('#conflict .is-primary');
    $b->until(fn (): bool => $b->text('#conflict') === '', 'the conflict is settled');
    $b->sees('#drawing', '58 units');
    // What nobody types over follows by itself, and is told.
    $a->sees('#elsewhere', 'Another window');
    $a->sees('#drawing', '58 units');
    $a->type('#f-galley_shelf_light_feed-length_m', '2 m');
    $b->enter(LENGTH, '2.8 m');
    $b->sees('#drawing', '56 units');
    $a->keys(WebDriverKeys::ENTER);
    $a->sees('#conflict', 'Leave theirs');
    $a->script('document.querySelector("#conflict a.button").focus()');
    $a->keys(WebDriverKeys::ENTER);
    $a->sees('#drawing', '56 units');
    $a->close();
    $b->close();
});

it('adds, copies, renames and removes a circuit', function (): void {
    $w = fresh();
    $w->build('Carnival lantern');
    $w->type('#nc-label', 'Handle');
    $w->type('#nc-amount', '7');
    $w->choose('#nc-part', 'led_white_5');
    $w->click('.new-circuit .is-primary');
    $w->sees('.sentence', 'Handle');
    expect($w->text('#flags'))->toContain('Handle')->and($w->driver->getCurrentURL())->toContain('c=handle');
    $w->enter('#f-handle-label', 'Grip');
    $w->sees('#flags', 'Grip');
    $w->find('.tools-row form:nth-of-type(2) button')->click();
    $w->sees('.sentence', 'Grip, copy');
    foreach ($w->all('.tools-row .act button') as $button) {
        if ($button->getText() === 'Remove this circuit') {
            $button->click();
            break;
        }
    }
    $w->until(fn (): bool => ! str_contains($w->text('#flags'), 'Grip, copy'), 'the copy is gone');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('works at 390 by 844 without a sideways scroll', function (): void {
    $w = fresh(390, 844);
    heron($w);
    foreach (
        ['/', substr($w->driver->getCurrentURL(), strlen(Bench::here()->url)), '/sums/strip', '/sums/resistor'] as $path
    ) {
        $w->open($path);
        $w->find('main');
        expect($w->script('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390, $path);
    }
    heron($w);
    $w->enter(LENGTH, "6' 4 1/2\"");
    $w->sees('#line-words', 'pin');
    expect($w->shows('#drawing svg.slim'))->toBeTrue()->and($w->shows('#meter'))->toBeFalse();
    $w->click('#meter-line');
    $w->until(fn (): bool => $w->shows('#meter'), 'the drawer opens');
    expect($w->find('#meter')->getSize()->getHeight())->toBeLessThanOrEqual((int) (844 * 0.6) + 1);
    $small = $w->script(
        <<<'JS'
        const all = [...document.querySelectorAll("button, a.button, .flag, input.typed, select.typed")];
        const low = (e) => e.offsetParent && !e.closest("dialog") && e.getBoundingClientRect().height < 43;
        return all.filter(low).map((e) => e.outerHTML.slice(0, 90));
        JS
        ,
    );
    expect($small)->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('answers a quick sum while it is typed and keeps it on a build', function (): void {
    $w = fresh();
    $w->open('/sums/strip');
    $before = $w->text('#sum');
    $w->type('#s-length', "6' 4 1/2\"");
    $w->until(
        fn (): bool => str_contains($w->text('#sum'), '38 units') &&
            str_contains($w->driver->getCurrentURL(), 'length='),
        'the sum follows and the address holds it',
    );
    expect($w->text('#sum'))->not->toBe($before);
    $w->driver->navigate()->refresh();
    expect($w->find('#s-length')->getDomProperty('value'))->toBe("6' 4 1/2\"");
    $w->type('#keep-label', 'Trial shelf');
    $w->type('#keep-title', 'Trial');
    $w->click('.keep .is-primary');
    $w->sees('.sentence', 'Trial shelf');
    $w->click('[data-station="1"]');
    $w->click('form[action$="take-down"] button');
    $w->sees('.notice', 'Trial is taken down');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('breaks no accessibility rule, by day and by night', function (bool $dark, int $width): void {
    $w = fresh($width, 844, $dark);
    heron($w);
    $circuit = (string) parse_url($w->driver->getCurrentURL(), PHP_URL_PATH);
    $build = dirname($circuit);
    foreach (
        [
            '/',
            $circuit,
            "{$circuit}?c=nameboard",
            "{$build}/brief",
            "{$build}/handover",
            "{$build}/sheet",
            "{$build}/history",
            "{$build}/find",
            '/sums/strip',
            '/sums/resistor',
            '/sums/wire',
            '/sums/fuse?amps=x',
        ] as $path
    ) {
        $w->open($path);
        $w->find('main');
        expect($w->violations())->toBe([], "{$path}, ".($dark ? 'night' : 'day'));
    }
    $w->build('Harbour tour');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
})->with([[false, 1280], [true, 1280], [false, 390]]);

it('throws the switches of an imported build by mouse and by key, and keeps them thrown through an edit', function (
    int $width,
    int $height,
): void {
    $w = fresh($width, $height);
    $w->open('/');
    $w->find('input[type=file]')
        ->setFileDetector(new LocalFileDetector())
        ->sendKeys((string) realpath(__DIR__.'/../../examples/trike.glow.json'))
        ->submit();
    $w->sees('.sentence', 'It glows as it should in 36 states');
    $drawer = fn () => $w->until(function () use ($w): bool {
        if ($w->shows('#meter')) {
            return true;
        }
        $w->click('#meter-line');

        return false;
    }, 'the meter is open');
    $drawer();
    expect($w->text('.triggers'))->toContain('Light rocker')->toContain('Brake lever');
    $w->click('[data-trigger="2"]');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'brake'), 'the address holds the throw');
    $drawer();
    $w->sees('[data-trigger="2"]', 'on');
    $w->sees('.meter', '99 % of the label');

    // What is edited now is answered with the lever still pulled; the drawer is shut to get at the field.
    if ($w->shows('#meter-line')) {
        $w->click('#meter-line');
    }
    $w->click('.leads summary');
    $w->enter('#f-to_lever-length_m', '2.8 m');
    $w->sees('#f-to_lever-length_m-echo', '2.8 m');
    $drawer();
    expect($w->text('[data-trigger="2"]'))->toContain('on')->and($w->text('.meter'))->toContain('of the label');

    $w->tabTo('[data-trigger="2"]');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => ! str_contains($w->driver->getCurrentURL(), 'brake'), 'the lever is let go');
    $drawer();
    $w->sees('[data-trigger="2"]', 'off');
    // What the line at the lower edge half covers where one has scrolled to is no small target.
    $w->script('window.scrollTo(0, 0)');
    expect($w->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue()
        ->and(
            $w->script(
                'return [...document.querySelectorAll(".triggers a")].filter(e => e.getBoundingClientRect().height < 43).length',
            ),
        )
        ->toBe(0)
        ->and($w->violations())
        ->toBe([])
        ->and($w->complaints())
        ->toBe([]);
    $w->close();
})->with([[1280, 800], [390, 844]]);
