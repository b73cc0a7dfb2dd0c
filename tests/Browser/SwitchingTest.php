<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** Opens a demo build's circuit with everything at rest. */
function station(Window $w, string $build, string $circuit, string $more = ''): void
{
    $w->build($build);
    $w->open((string) parse_url($w->driver->getCurrentURL(), PHP_URL_PATH)."?c={$circuit}{$more}");
    $w->find('#drawing svg');
}

it('throws triggers, reads a meter, applies a way and takes it back, by mouse', function (): void {
    $w = Bench::here()->window();
    station($w, 'Wherry at her berth', 'saloon_floor');
    $where = fn (): mixed => $w->script(
        'return [...document.querySelectorAll(".drawn .wide .sym")].map(s => s.getAttribute("transform")).join()',
    );
    $before = $where();
    expect($w->text('#flags'))->toContain('dark');
    $w->click('[data-trigger="3"]');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'courtesy'), 'the address holds the throw');
    $w->until(fn (): bool => $w->all('.drawn .wide .contact.made') !== [], 'the relay has pulled in');
    expect($where())
        ->toBe($before)
        ->and($w->script('return document.querySelector("[data-trigger=\"3\"]").getAttribute("aria-checked")'))
        ->toBe('true')
        ->and($w->script('return document.getElementById("live").textContent'))
        ->toContain('Saloon lamp on.');

    // Two tips on two wires of the drawing.
    $w->script(
        'document.querySelectorAll(".drawn .wide g[data-pin]")[0].dispatchEvent(new MouseEvent("click", {bubbles: true, shiftKey: true}))',
    );
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 't%5Bred%5D'), 'the red tip sits');
    $w->choose('#tip-black', 'bank.minus');
    $w->until(fn (): bool => preg_match('/\d\d\.\d\d V/', $w->text('.tip-says')) === 1, 'the meter reads');

    $w->click('#switching summary');
    $w->until(fn (): bool => count($w->all('#way-cards .card-way')) > 15, 'the ways are laid out');
    expect($w->text('#way-cards'))->toContain('on the bench')->toContain('to drill');
    $w->script(
        '[...document.querySelectorAll("#way-cards button")].find(b => b.textContent.trim() === "Use this way: hand switch").click()',
    );
    $w->sees('#head-sentence', 'switched by saloon floor rocker');
    $w->until(
        fn (): bool => ! str_contains($w->text('#head-sentence'), 'It glows as it should'),
        'it no longer does what is wished',
    );
    expect($w->text('.truth'))
        ->toContain('situations are not as they should be')
        ->toContain('the contact of saloon floor rocker is made');
    $w->click('#headline [data-key=z]');
    $w->sees('#head-sentence', 'switched by floor relay');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('shows a back-feed and a chattering relay where they happen', function (): void {
    $w = Bench::here()->window();
    station($w, 'Harbour tour', 'landing', '&i[pier]=on');
    expect($w->text('#pins'))
        ->toContain('reaches the bridge lamp of bridge lamp wire, whose own signal is off. Put a diode in each lead')
        ->and($w->text('.drawn .wide'))
        ->toContain('bridge lamp');
    $number = $w->script(
        'return [...document.querySelectorAll(".pin")].find(p => p.textContent.includes("bridge lamp of")).querySelector(".number").textContent',
    );
    expect(
        $w->script('return [...document.querySelectorAll(".drawn .wide .pinmark text")].map(t => t.textContent)'),
    )->toContain((string) $number);
    station($w, 'Harbour tour', 'fog_bell', '&i[horn]=on');
    expect($w->text('#pins'))->toContain('the bell relay chatters: its own contact cuts its coil.');
    $w->close();
});

it('plays a scene on the drawing from solved patterns and stops', function (): void {
    $w = Bench::here()->window(moving: true);
    station($w, 'Coffee trike', 'counter_edge');
    $fill = fn (): mixed => $w->script('return document.querySelector(".drawn .wide [data-u]").getAttribute("fill")');
    $rest = $fill();
    $w->choose('#play-what', 'fade');
    $w->type('#play-speed', 'soon');
    $w->click('[data-play]');
    $w->sees('#play-echo', 'One round in: expected seconds, as 6 s.');
    $w->script('document.getElementById("play-speed").value = "2 s"');
    $w->click('[data-play]');
    $w->until(
        fn (): bool => $fill() !== $rest && str_contains($w->text('#play-echo'), 'Playing from 7 solved patterns.'),
        'the light moves',
    );
    $w->click('[data-stop]');
    $w->sees('#play-echo', 'Stopped.');
    // Red alone, as typed.
    $w->script(
        'document.querySelectorAll("[data-channel]").forEach((i, k) => { i.value = k === 0 ? "100" : "0"; i.dispatchEvent(new Event("input", {bubbles: true})); })',
    );
    $w->choose('#play-what', 'steady');
    $w->click('[data-play]');
    $w->until(fn (): bool => preg_match('/^#f.[0-4].[0-4].$/', (string) $fill()) === 1, 'it is red');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('runs real parts with progress, and says what is wrong with the number', function (): void {
    $w = Bench::here()->window();
    station($w, 'Carnival lantern', 'flame');
    $w->script('document.getElementById("tol-n").value = "many"');
    $w->click('[data-run]');
    $w->sees('#tol-says', "Builds: expected a whole number from 1 to 20000, not 'many'.");
    $w->script('document.getElementById("tol-n").value = "60"');
    $w->click('[data-run]');
    $w->sees('#tol-says', 'of 60 builds keep every limit (95 % sure:');
    $w->script('document.getElementById("tol-n").value = "20000"');
    $w->click('[data-run]');
    $w->sees('#tol-says', 'of 20000 built');
    $w->click('[data-halt]');
    $w->sees('#tol-says', 'builds keep every limit');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('goes it all by keyboard once, wrong words included', function (): void {
    $w = Bench::here()->window();
    station($w, 'Wherry at her berth', 'chart_locker');
    $w->keys('t', '4');
    $w->until(fn (): bool => str_contains($w->driver->getCurrentURL(), 'lid'), 'T 4 throws the lid');
    $w->keys('t', '5');
    $w->sees('#flags', '1 lit');
    $w->keys('f');
    expect($w->script('return document.activeElement.classList.contains("pin")'))->toBeTrue();
    $w->tabTo('#trigger-5');
    $w->keys(WebDriverKeys::SPACE);
    $w->sees('#flags', '0 lit');
    expect($w->script('return document.activeElement.id'))->toBe('trigger-5');
    $w->script('document.activeElement.blur()');
    $w->keys('w');
    $w->until(fn (): bool => count($w->all('#way-cards .card-way')) > 15, 'W lays the ways out');
    $w->script('document.querySelector(".wants").open = true; document.getElementById("want-when").focus()');
    $w->keys('attic lid up', WebDriverKeys::ENTER);
    $w->sees('#want-echo', "When: 'attic' is no input of this build");
    expect($w->script('return document.getElementById("want-when").value'))->toBe('attic lid up');
    $w->script('document.getElementById("want-when").select()');
    $w->keys('never', WebDriverKeys::ENTER);
    $w->sees('.wants summary', '(2)');
    $w->script('document.activeElement.blur()');
    $w->keys('z');
    $w->sees('.wants summary', '(1)');
    expect($w->complaints())->toBe([]);
    $w->close();
});

it('breaks no accessibility rule and scrolls nothing sideways', function (int $width, bool $dark): void {
    $w = Bench::here()->window($width, 844, $dark);
    foreach (
        [
            [
                'Wherry at her berth',
                'chart_locker',
                '&i[lid]=up&i[master]=on&t[red]=chart_locker_light.start.plus&t[black]=bank.minus',
            ],
            ['Coffee trike', 'counter_edge', ''],
            ['Coffee trike', 'rear_merged', '&i[brake]=on&ways=1'],
            ['Harbour tour', 'fog_bell', '&i[horn]=on'],
        ] as [$build, $circuit, $more]
    ) {
        station($w, $build, $circuit, $more);
        $w->script('document.querySelectorAll("details").forEach(d => { d.open = true; })');
        expect($w->violations())
            ->toBe([], "{$build} {$circuit}")
            ->and($w->script('return document.documentElement.scrollWidth <= window.innerWidth'))
            ->toBeTrue("{$build} {$circuit} scrolls sideways");
    }
    $w->close();
})->with([[1280, false], [390, false], [390, true]]);
