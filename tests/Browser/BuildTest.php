<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Pictures;
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
    $w->sees('#mistakes summary', 'Mistakes and what they changed (1)');
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->settle();
    $w->sees('#mistakes summary', 'Mistakes and what they changed (0)');
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
    // What was done may be taken back there for a while.
    $w->sees('.just-done', 'Take back');
    expect($w->script('return document.documentElement.scrollWidth <= 390'))->toBeTrue();
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
});

it('goes on to the next acts while the bench is out of reach, and sends the marks when it is back', function (): void {
    $w = atBuild('Heron', 390, 844);
    $base = $w->base();
    $title = fn (): string => (string) $w->script('return document.querySelector("#act-now h1").textContent.trim()');
    $first = $title();
    $bench = Bench::here();
    $bench->pause();
    try {
        $w->click('.act-keys .done button');
        $w->sees('.marks-wait', '1 waits');
        $second = $title();
        expect($second)->not->toBe($first);
        $w->click('.act-keys .done button');
        $w->sees('.marks-wait', '2 wait and are sent when the bench answers.');
        expect($title())->not->toBe($second);
        expect($w->base())->toBe($base);
    } finally {
        $bench->goOn();
    }
    $w->until(fn (): bool => $w->base() === $base + 2, 'both marks are kept, each once');
    $w->until(fn (): bool => $w->all('.marks-wait') === [], 'none waits any more');
    $w->close();
});

it('keeps a picture, a break and the end of a sitting, by keys', function (): void {
    $w = atBuild('Harbour tour');
    $press = function (string $key) use ($w): void {
        $w->script('document.activeElement.blur()');
        $w->keys($key);
    };
    $w->click('.sitting button');
    $w->sees('.sitting', 'Break');
    $press('k');
    $w->sees('.sitting', 'Back to it');
    $press('k');
    $w->until(fn (): bool => str_contains($w->text('.sitting'), 'Break'), 'back again');
    $file = (string) tempnam(sys_get_temp_dir(), 'glow');
    rename($file, "{$file}.jpg");
    file_put_contents("{$file}.jpg", Pictures::held(600, 400));
    $press('p');
    $base = $w->base();
    $w->find('#act-photo-file')->sendKeys("{$file}.jpg");
    $w->type('#act-photo-note', 'where it lies');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'the picture is kept');
    $w->settle();
    $w->until(
        fn (): bool => $w->script(
            'const i = document.querySelector(".photos img"); return !!i && i.naturalWidth > 0',
        ) === true,
        'it is seen beside its act',
    );
    // Three presses for six like the last.
    $press('g');
    $base = $w->base();
    $w->type('#fastener-like-0', '6');
    $w->keys(WebDriverKeys::ENTER);
    $w->until(fn (): bool => $w->base() > $base, 'six more are written down');
    // The quay stands open with the power on: it is not left without a word.
    $w->click('.rise summary');
    $w->click('.rise button');
    $w->sees('#rise-echo', 'Done about it');
    $w->type('#rise-left', 'ends taped, fuse out');
    $w->keys(WebDriverKeys::ENTER);
    $w->sees('.sitting', 'Sit down to it');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});
