<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Layout of a demo build, at a circuit of it. */
function atLayout(string $title, string $query = '', int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', "/layout{$query}", $w->driver->getCurrentURL()));
    $w->find('#layout-said, .sentence');

    return $w;
}

it('lays a shelf round a corner by keyboard alone, and takes it into the circuit', function (): void {
    $w = atLayout('Heron', '?c=saloon_edge');
    $w->sees('main', 'Nothing is laid out yet');
    $base = $w->base();
    $w->tabTo('.act .button.is-primary');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the layout is begun');
    $w->sees('#layout-said', '48 units, 2.40 m in one straight.');
    // A size by keys: to it, a centimetre less, kept.
    $w->settle();
    $w->script('document.activeElement.blur()');
    $w->keys('m');
    $w->until(
        fn (): bool => str_starts_with((string) $w->script('return document.activeElement.id'), 'size-'),
        'the size has the focus',
    );
    // A cut mark more, and a millimetre: the field is stepped, not yet kept.
    $w->keys(']', WebDriverKeys::ARROW_UP);
    expect($w->script('return document.activeElement.value'))->toBe('2.451 m');
    $base = $w->base();
    $w->keys(WebDriverKeys::CONTROL.'a', '1.80 m', WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the size is kept');
    $w->sees('#layout-said', '36 units, 1.80 m');
    // A corner, and a straight behind it.
    $w->settle();
    $w->tabTo('.segments summary');
    $w->keys(WebDriverKeys::ENTER);
    $w->tabTo('#new-then');
    $base = $w->base();
    $w->keys('0.63 m', WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the corner is put in');
    $w->sees('#layout-said', 'round one corner');
    $w->sees('#layout-said', '3 cm stay dark at the end');
    $w->settle();
    $w->script('document.activeElement.blur()');
    $base = $w->base();
    $w->keys('u');
    $w->until(fn (): bool => $w->base() > $base, 'it is used');
    $w->sees('main', 'The circuit has it so.');
    // Dry and lit, front and back.
    $w->settle();
    $w->script('document.activeElement.blur()');
    $w->keys('d');
    $w->find('.layout-picture.is-dry');
    $w->script('document.activeElement.blur()');
    $w->keys('b');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'back=1'), 'it is seen from the back');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('makes a nameboard from words to a tiled sheet', function (): void {
    $w = atLayout('Wherry', '?c=nameboard&lay=name_first_try&i[nameboard_rocker]=on');
    $w->sees('#layout-said', 'LED');
    $w->script('document.querySelectorAll("details.layout-more").forEach((d) => d.open = true)');
    $base = $w->base();
    $w->type('#words', 'BARGE');
    $w->enter('#cap', '0.2 m');
    $w->until(fn (): bool => $w->base() > $base, 'the words are set');
    $w->until(
        fn (): bool => str_contains(
            (string) $w->script('return document.querySelector(".islands").textContent'),
            'lower inside of B',
        ),
        'its islands are listed',
    );
    // The light comes by itself, the ways of laying it after it.
    $w->until(fn (): bool => $w->all('#layout-picture image') !== [], 'it is lit');
    $w->until(fn (): bool => $w->all('.arrangements li') !== [], 'ways of laying it were tried');
    $w->sees('.arrangements', 'darkest to mean');
    $before = (float) $w->script('return parseFloat(document.querySelector("#light-figures .big").textContent)');
    $w->script(
        'const p = document.querySelector("#layout-picture").getBoundingClientRect();'.
            'document.querySelector("#layout-picture").dispatchEvent(new MouseEvent("click", {bubbles: true, clientX: p.x + 60, clientY: p.y + 60}));',
    );
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'tip='), 'the tip stands elsewhere');
    $w->until(
        fn (): bool => (float) $w->script(
            'return parseFloat(document.querySelector("#light-figures .big").textContent)',
        ) !== $before,
        'and reads other light',
    );
    $pdf = (string) $w->script('return document.querySelector("a[href*=\\".pdf\\"], a[href*=\\"sheets.pdf\\"]").href');
    $bytes = (string) file_get_contents($pdf);
    expect($bytes)->toStartWith('%PDF-')->and(substr_count($bytes, '/Type /Page '))->toBeGreaterThan(4);
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('fits a phone: nothing sideways, rows to type in, big enough to press', function (): void {
    foreach (
        [
            'Heron' => '?c=galley_shelf',
            'Coffee trike' => '?c=turn_row',
            'Mineral cabinet' => '?lay=door_magnet',
            'Harbour tour' => '?lay=gangway_board',
        ] as $title => $query
    ) {
        $w = atLayout($title, $query, 390, 844);
        $w->settle();
        expect($w->script('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
        $small = $w->script(
            'return [...document.querySelectorAll("main .button, main .chips a, main .changeover a, main summary")]'.
                '.filter((e) => e.offsetParent !== null).map((e) => [e.textContent.trim(), e.getBoundingClientRect()])'.
                '.filter(([t, r]) => r.height < 24 || r.width < 24).map(([t]) => t)',
        );
        expect($small)->toBe([]);
        expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
        $w->close();
    }
    $w = atLayout('Heron', '?c=galley_shelf', 390, 844);
    $w->script('document.querySelector(".segments").open = true');
    $base = $w->base();
    $w->enter('#row-0', '2.35 m');
    $w->until(fn (): bool => $w->base() > $base, 'the size is kept');
    $w->sees('#layout-said', '65 units');
    // A bank card laid on the screen makes its edge a rule.
    $w->script('const d = document.querySelector("#true-size").closest("details"); d.open = true');
    expect($w->all('.edge-rule'))->toBe([]);
    $w->click('#true-size');
    expect($w->all('.edge-rule'))->toHaveCount(1);
    $w->click('#true-size');
    expect($w->all('.edge-rule'))->toBe([]);
    $w->close();
});

it('shows each bench of it by night without a fault', function (): void {
    $w = Bench::here()->window(1280, 800, dark: true);
    $w->build('Coffee stall');
    foreach (['?c=menu_panel', '?c=menu_panel&lay=till_stray', '?c=counter_edge'] as $query) {
        $w->driver->get(
            (string) preg_replace('#/(circuit|layout).*$#', "/layout{$query}", $w->driver->getCurrentURL()),
        );
        $w->find('.layout-picture');
        $w->settle();
        expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    }
    $w->close();
});

it('draws the light tip and a mark along by hand', function (): void {
    $w = atLayout('Coffee stall', '?c=counter_edge&lay=counter_glow');
    $tip = $w->find('.light-tip');
    (new WebDriverActions($w->driver))->clickAndHold($tip)->moveByOffset(60, 30)->release()->perform();
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'tip='), 'the tip stands elsewhere');
    $w->close();

    $w = atLayout('Heron', '?lay=worktop&c=galley_shelf');
    $base = $w->base();
    $was = $w->script('return document.querySelector("#mark-0").value');
    $mark = $w->find('[data-drags="mark-0"] circle');
    (new WebDriverActions($w->driver))->clickAndHold($mark)->moveByOffset(80, 0)->release()->perform();
    $w->until(fn (): bool => $w->base() > $base, 'the mark is kept where it was drawn to');
    expect($w->script('return document.querySelector("#mark-0").value'))->not->toBe($was);
    expect($w->complaints())->toBe([]);
    $w->close();
});
