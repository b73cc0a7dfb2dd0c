<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Harness of a demo build. */
function atHarness(string $title, string $query = '', int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', "/harness{$query}", $w->driver->getCurrentURL()));
    $w->find('#loom-said, .sentence');

    return $w;
}

it('lays a loom, strings wires, puts a plug and prints labels, by keyboard alone', function (): void {
    $w = atHarness('Coffee trike', '?c=counter_edge');
    $w->sees('#loom-said', 'The loom:');
    // Along the loom by arrows.
    $lifted = fn (): string => (string) $w->script('return document.querySelector("#stretch h2").textContent');
    $was = $lifted();
    $w->script('document.activeElement.blur()');
    $w->keys(WebDriverKeys::ARROW_DOWN);
    $w->until(fn (): bool => $lifted() !== $was, 'another stretch is lifted');
    // String what is left to string, one after the other.
    $w->settle();
    $w->script('document.activeElement.blur()');
    $w->keys('k');
    $w->find('#string-text');
    foreach (['0.90 m', '0.88 m'] as $m) {
        $base = $w->base();
        $w->tabTo('#string-text');
        $w->keys($m, WebDriverKeys::ENTER);
        $w->until(fn (): bool => $w->base() > $base, "{$m} is kept");
        $w->settle();
    }
    // What was strung is in the wires; nothing is left to string.
    $w->driver->get((string) preg_replace('#[?&]string=[^&]*#', '', $w->driver->getCurrentURL()));
    $w->sees('#wires', 'strung');
    // A plug into the stretch in focus.
    $w->driver->get(
        (string) preg_replace('#/harness.*$#', '/harness?c=counter_edge&st=to_near', $w->driver->getCurrentURL()),
    );
    $w->find('#stretch');
    $w->script('document.activeElement.blur()');
    $base = $w->base();
    $w->keys('p');
    $w->until(fn (): bool => $w->base() > $base, 'the plug is put in');
    $w->sees('#loom', 'Plug, to the near edge');
    expect($w->script('return !!document.querySelector("a[href*=\'harness/paper/labels.pdf\']")'))->toBeTrue();
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('fits a phone: a tape down the edge, rows to press, a keypad to string with', function (): void {
    $w = atHarness('Heron', '?c=nameboard', 390, 844);
    $w->sees('#loom-said', 'The loom:');
    expect($w->script('return document.documentElement.scrollWidth <= 390'))->toBeTrue();
    expect($w->script('return getComputedStyle(document.querySelector(".loom-narrow")).display'))->toBe('block');
    $low = $w->script(
        'return [...document.querySelectorAll(".stretch-rows a")].every((a) => a.getBoundingClientRect().height >= 64)',
    );
    expect($low)->toBeTrue()->and($w->violations())->toBe([]);
    $w->find('[data-loom-key=k]')->click();
    $w->find('#string-text');
    foreach (['3', '.', '7', '⌫', '8'] as $digit) {
        $w->find("[data-digit=\"{$digit}\"]")->click();
    }
    expect($w->script('return document.querySelector("#string-text").value'))->toBe('3.8');
    expect($w->script('return document.querySelector(".keypad").getBoundingClientRect().bottom <= 790'))->toBeTrue();
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('shows the faulty loom by night without a fault of its own', function (): void {
    $w = atHarness('Harbour tour', '?c=long_quay');
    $w->script("document.documentElement.dataset.theme = 'dark'");
    $w->sees('#leaves', 'The quay lid lifts off');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});
