<?php

declare(strict_types=1);

use BenchGlow\Build\Input;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Tables;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Make;
use Tests\Support\Window;

/** Probe of a demo build. */
function atProbe(string $title, int $width = 1280, int $height = 800): Window
{
    $w = Bench::here()->window($width, $height);
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', '/probe', $w->driver->getCurrentURL()));
    $w->find('#reading');

    return $w;
}

/** What a meter at the stern plug shows, where its six wires are these. */
function answers(Window $w): string
{
    $are = [
        'p1' => 'ground',
        'p2' => 'running',
        'p3' => 'courtesy_plus',
        'p4' => 'auxiliary',
        'p5' => 'constant',
        'p6' => 'data',
    ];
    $asked = $w->script(
        'const f = document.querySelector(".probe-keep"); const of = (n) => f.querySelector(`[name=${n}]`).value;'.
            'return [of("wire"), of("with"), of("to"), of("instrument"), of("powered")];',
    );
    [$wire, $with, $to, $tool, $powered] = $asked;
    $inputs = [];
    foreach (Make::file('heron.glow.json')->fields()->objects('inputs') as $input) {
        $inputs[$input->text('id')] = Input::of($input);
    }
    $state = Tables::function($are[$wire])->hypotheses[0]->state(
        Condition::of($inputs, (array) json_decode($with, true)),
    );
    if ($powered === '0') {
        return ['G' => '0.3', 'L' => '8.1'][$state] ?? 'ol';
    }
    if ($tool === 'test_lamp') {
        return $state === 'S' && $to === 'ground' ? 'bright' : ($state === 'G' && $to === 'plus' ? 'bright' : 'dark');
    }
    $volts = ['S' => 12.5, 'DT' => 2.4, 'LE' => 0.03][$state] ?? 0.0;

    return number_format($to === 'plus' ? 12.6 - $volts : $volts, 1, '.', '');
}

it('names the six wires of a plug by keyboard alone, a reading and Enter each', function (): void {
    $w = atProbe('Heron');
    $base = $w->base();
    for ($n = 0; $n < 45 && $w->all('.probe-next [href*="skip="]') !== []; $n++) {
        $before = $w->base();
        $w->until(
            fn (): bool => $w->script('return document.activeElement.id === "reading"') === true,
            'the field has the focus',
        );
        $w->keys(answers($w), WebDriverKeys::ENTER);
        $w->until(fn (): bool => $w->base() > $before, 'the reading is kept');
        $w->settle();
    }
    $said = array_map(
        fn ($e): string => (string) $e->getAttribute('aria-label'),
        $w->all('.bundle-drawing a[data-wire]'),
    );
    $sure = array_filter($said, fn (string $s): bool => str_contains($s, 'surely'));
    expect(count($sure))->toBeGreaterThanOrEqual(5)->and($n)->toBeLessThan(45);
    // Dial lighting is told from running lamps by a dimmer, and this boat has none.
    foreach (['ground', 'always live', 'auxiliary lamp'] as $name) {
        expect(implode("\n", $sure))->toContain($name);
    }
    $w->keys(WebDriverKeys::ESCAPE);
    $w->keys('z');
    $w->until(fn (): bool => $w->base() !== $base + $n, 'Z takes the last one back');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('takes one key for a reading while the field is empty, and goes to other wires by arrows', function (): void {
    $w = atProbe('Mineral cabinet');
    $base = $w->base();
    $w->keys('p');
    $w->until(fn (): bool => $w->base() > $base, 'P is pulsing');
    $w->settle();
    expect($w->text('.probe-face'))->toContain('pulsing');
    $w->keys('1', '2');
    $w->keys('p');
    expect($w->script('return document.querySelector("#reading").value'))->toBe('12p');
    $w->keys(WebDriverKeys::ENTER);
    $w->sees('#keep-echo', "The reading: '12p'");
    expect($w->script('return document.querySelector("#reading").value'))->toBe('12p');
    $here = $w->text('.tip');
    $w->keys(WebDriverKeys::ARROW_DOWN);
    $w->until(fn (): bool => $w->text('.tip') !== $here, 'the next wire is in hand');
    $w->settle();
    $w->keys(WebDriverKeys::ESCAPE);
    $w->keys('o');
    $w->sees('.probe-face', 'off');
    $w->sees('.probe-next', 'Power off');
    $w->close();
});

it('is held in one hand: keypad, quick keys and Keep within a thumb, nothing sideways', function (): void {
    $w = atProbe('Coffee trike', 390, 844);
    $w->driver->get($w->driver->getCurrentURL().'?wire=p3&hand=1');
    $w->find('.keys');
    $base = $w->base();
    foreach (['1', '2', '.', '4'] as $key) {
        $w->click("[data-digit='{$key}']");
    }
    expect($w->script('return document.querySelector("#reading").value'))->toBe('12.4');
    $small = $w->script(
        'return [...document.querySelectorAll(".keys .key, .quick-key, .beside, .stub")].map((e) => e.getBoundingClientRect())'.
            '.filter((r) => r.width < 44 || r.height < 44).length',
    );
    expect($small)->toBe(0);
    $bottom = $w->script(
        'return document.querySelector("[data-keeps]").getBoundingClientRect().bottom + window.scrollY',
    );
    expect($bottom)
        ->toBeLessThanOrEqual(780)
        ->and($w->script('return document.documentElement.scrollWidth'))
        ->toBeLessThanOrEqual(390);
    $w->click('[data-keeps]');
    $w->until(fn (): bool => $w->base() > $base, 'it is kept');
    $w->sees('#meter-line', '12.4 V kept');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('plays a practice round: touches, names, takes the cloth off', function (): void {
    $w = Bench::here()->window();
    $w->open('/practice');
    $w->type('#seed', '7');
    $w->click('.practice-plate .is-primary');
    $w->find('.keep');
    foreach ([1, 2, 3] as $n) {
        $w->click('.keep');
        $w->sees('.probe-face', "{$n} readings");
    }
    $w->click('.bundle-drawing a[data-wire="p2"] .name');
    $w->sees('.tip', 'wire 2');
    $w->choose('#practice-name', 'running');
    $w->script('document.querySelector("#practice-name").form.requestSubmit()');
    $w->until(
        fn (): bool => $w->script('return document.querySelector("#practice-name")?.value') === 'running',
        'it is named',
    );
    $w->script('document.querySelector("form[action$=\'/end\'] button").click()');
    $w->sees('h1', 'The cloth is off.');
    $w->sees('.truth-list', 'you said running');
    expect($w->violations())->toBe([])->and($w->complaints())->toBe([]);
    $w->close();
});

it('keeps a reading waiting while the bench does not answer, says so, and sends it again once', function (): void {
    $bench = Bench::here();
    $w = atProbe('Heron', 390, 844);
    $w->driver->get($w->driver->getCurrentURL().'?wire=p5&hand=1');
    $w->find('.keys');
    $base = $w->base();
    $table = (string) preg_replace('#/probe.*$#', '/readings.csv', $w->driver->getCurrentURL());
    $lines = count((array) file($table));
    $bench->pause();
    try {
        foreach (['1', '2', '.', '4'] as $key) {
            $w->click("[data-digit='{$key}']");
        }
        $w->click('[data-keeps]');
        $w->sees('.marks-wait', '1 waits and is sent when the bench answers.');
        // The field is free for the next.
        expect($w->script('return document.querySelector("#reading").value'))->toBe('');
        expect($w->base())->toBe($base);
    } finally {
        $bench->goOn();
    }
    $w->until(fn (): bool => $w->base() > $base, 'the reading is sent again and kept');
    $w->until(fn (): bool => $w->all('.marks-wait, #unkept') === [], 'nothing waits any more');
    $w->sees('#meter-line', '12.4 V kept');
    expect(count((array) file($table)))->toBe($lines + 1);
    expect($w->script('return document.querySelector("#reading").value'))->toBe('');
    $w->close();
});
