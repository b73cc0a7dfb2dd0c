<?php

declare(strict_types=1);

use Tests\Support\Bench;

it('reads well to a machine with everything open, by day and by night, wide and narrow', function (
    bool $dark,
    int $width,
): void {
    $w = Bench::here()->window($width, 800, $dark);
    $w->build('Heron');
    $here = (string) parse_url($w->driver->getCurrentURL(), PHP_URL_PATH);
    foreach (
        [
            '/',
            '/sums/strip',
            '/guide/circuit',
            '/bench',
            $here,
            str_replace('/circuit', '/brief', $here),
            str_replace('/circuit', '/probe', $here),
            '/practice',
            str_replace('/circuit', '/handover', $here),
        ] as $path
    ) {
        $w->open($path);
        $w->script('document.querySelectorAll("details").forEach((d) => { d.open = true; });');
        expect($w->violations())->toBe([], "{$path} at {$width}, ".($dark ? 'night' : 'day'));
    }
    $w->close();
})
    ->with([[false], [true]])
    ->with([[1280], [820], [390]]);

it('shows where the focus is on a button, three pixels wide, on both benches', function (bool $dark): void {
    $w = Bench::here()->window(1280, 800, $dark);
    $w->build('Heron');
    $w->tabTo('.button');
    [$width, $style, $ring, $ground] = $w->script(
        <<<'JS'
        const s = getComputedStyle(document.activeElement);
        const plate = getComputedStyle(document.querySelector('.plate')).backgroundColor;
        return [parseFloat(s.outlineWidth), s.outlineStyle, s.outlineColor, plate];
        JS
        ,
    );
    $light = function (string $rgb): float {
        preg_match_all('/[\d.]+/', $rgb, $m);
        $linear = fn (string $c): float => ($v = (float) $c / 255) <= 0.03928
            ? $v / 12.92
            : (($v + 0.055) / 1.055) ** 2.4;

        return 0.2126 * $linear($m[0][0]) + 0.7152 * $linear($m[0][1]) + 0.0722 * $linear($m[0][2]);
    };
    [$a, $b] = [max($light($ring), $light($ground)), min($light($ring), $light($ground))];
    expect($width)
        ->toBeGreaterThanOrEqual(3.0)
        ->and($style)
        ->toBe('solid')
        ->and(($a + 0.05) / ($b + 0.05))
        ->toBeGreaterThanOrEqual(3.0);
    $w->close();
})->with([false, true]);

it('ends lights out by any tap or key, and a chord that was left', function (): void {
    $w = Bench::here()->window();
    $w->build('Heron');
    $out = fn (): bool => $w->script('return document.documentElement.classList.contains("lights-out")') === true;
    $w->script('document.activeElement.blur()');
    $w->keys('o');
    expect($out())->toBeTrue();
    $w->keys('x');
    expect($out())->toBeFalse();
    $w->keys('o');
    expect($out())->toBeTrue();
    $w->script('document.body.click()');
    expect($out())->toBeFalse();
    $at = $w->driver->getCurrentURL();
    $w->keys('s');
    usleep(2_200_000);
    $w->keys('1');
    usleep(300_000);
    expect($w->driver->getCurrentURL())->toBe($at);
    $w->keys('s', '1');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), '/brief'), 'a chord in time goes on');
    $w->close();
});

it('has targets a thumb can hit on the phone', function (): void {
    $w = Bench::here()->window(390, 844);
    $w->build('Heron');
    $small = $w->script(
        <<<'JS'
        const hit = '.button, .top .plain, summary, .typed, .pin .number';
        return [...document.querySelectorAll(hit)]
          .filter((n) => n.offsetParent !== null && n.getBoundingClientRect().height < 43.5)
          .map((n) => n.className + ' ' + n.textContent.trim().slice(0, 20) + ' ' + n.getBoundingClientRect().height)
          .slice(0, 5);
        JS
        ,
    );
    expect($small)->toBe([]);
    // What folds out shows its triangle there too.
    $flat = $w->script(
        'return [...document.querySelectorAll("#plate summary")].filter((s) => s.offsetParent !== null && '.
            'getComputedStyle(s).display !== "list-item").map((s) => s.textContent.trim())',
    );
    expect($flat)->toBe([]);
    $w->close();
});

it('can be used without script: supply, settings, drawer', function (): void {
    $w = Bench::here()->window(390, 844);
    $w->build('Heron');
    $here = $w->driver->getCurrentURL();
    $tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($w->driver);
    $tools->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);
    $w->driver->get($here);
    $meter = $w->find('#meter');
    expect($meter->isDisplayed())->toBeTrue()->and($w->text('.by-hand'))->toContain('low')->toContain('high');
    $w->find('.by-hand a:first-of-type')->click();
    expect($w->driver->getCurrentURL())->toContain('s=low');
    $w->find('.top a[href="/bench"]')->click();
    expect($w->text('h1'))->toBe('This bench');
    $tools->execute('Emulation.setScriptExecutionDisabled', ['value' => false]);
    $w->close();
});
