<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** A hand that counts what it presses: a click, a key, a choice in a list, a value typed. */
final class Hand
{
    public int $presses = 0;

    public function __construct(public readonly Window $w)
    {
    }

    public function click(string $css): void
    {
        $this->presses++;
        $this->w->script('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', $css);
        $this->w->click($css);
    }

    public function choose(string $css, string $value): void
    {
        $this->presses++;
        $this->w->choose($css, $value);
    }

    public function type(string $css, string $text): void
    {
        $this->presses++;
        $this->w->type($css, $text);
    }

    /** A button by what is written on it. */
    public function press(string $words): void
    {
        $this->presses++;
        $this->w->script(
            '[...document.querySelectorAll("button")].find((b) => b.textContent.includes(arguments[0])).click()',
            $words,
        );
    }

    public function keys(string ...$keys): void
    {
        $this->presses += count($keys);
        $this->w->keys(...$keys);
    }

    /** From field to field by Tab, each a press. */
    public function tabTo(string $css): void
    {
        for (
            $n = 0;
            $n < 40 && $this->w->script('return document.activeElement.matches(arguments[0])', $css) !== true;
            $n++
        ) {
            $this->keys(WebDriverKeys::TAB);
        }
        expect($this->w->script('return document.activeElement.matches(arguments[0])', $css))->toBeTrue($css);
    }
}

/** @param  array<string, string>  $choices  field => value */
function begun(array $choices, string $amount = ''): Hand
{
    $hand = new Hand(Bench::here()->window());
    $hand->w->open('/');
    $hand->choose('#place', $choices['#place']);
    $hand->click('.four-more summary');
    foreach (array_diff_key($choices, ['#place' => '']) as $field => $value) {
        $field === '#glows' ? $hand->type($field, $value) : $hand->choose($field, $value);
    }
    if ($amount !== '') {
        $hand->type('#amount', $amount);
    }
    $hand->click('.start-one .is-primary');
    $hand->w->find('#head-sentence');

    return $hand;
}

/** It ends as meant, in at most sixty presses, and the page has nothing to complain of. */
function ends(Hand $hand, string ...$says): void
{
    foreach ($says as $sentence) {
        $hand->w->sees('#head-sentence', $sentence);
    }
    $hand->w->settle();
    expect($hand->presses)->toBeLessThanOrEqual(60)->and($hand->w->complaints())->toBe([]);
    $hand->w->close();
}

it('makes a cabinet light behind its door with a dimmer', function (): void {
    $hand = begun(['#place' => 'cabinet', '#when' => 'door']);
    $hand->click('#clause-control');
    $hand->w->sees('#clause', 'A dimmer');
    $hand->click('.choice [aria-label^="Choose it: a dimmer"]');
    ends($hand, 'dimmed by dimmer', 'It glows as it should');
});

it('makes a step light that follows a lamp to ground or its own rocker', function (): void {
    $hand = begun(['#place' => 'boat', '#when' => 'host_ground']);
    $hand->click('.wish-edit summary');
    $hand->type('#signal-label', 'Step rocker');
    $hand->click('.wish-edit .adder-form .button');
    $hand->w->until(
        fn (): bool => str_contains(
            (string) $hand->w->script('return document.getElementById("inputs-said").innerHTML'),
            'step rocker',
        ),
        'the rocker can be wished by',
    );
    $hand->click('.wish-edit summary');
    $hand->type('#wish-0', 'courtesy on or step rocker on');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->w->sees('#head-sentence', 'It does not glow as it should');
    $hand->click('#find-circuits');
    $hand->w->sees('#wish', 'proven');
    $hand->click('.wish-list li:not(.used) .button');
    ends($hand, 'courtesy on or step rocker on', 'It glows as it should');
});

it('makes a turn row of LEDs that flashes with the lamp, and reads how it is soldered', function (): void {
    $hand = begun(
        [
            '#place' => 'road_vehicle',
            '#glows' => 'Amber, 5 mm: 2.1 V at 20 mA, limit 30 mA',
            '#when' => 'turn',
        ],
        '12',
    );
    $hand->click('.soldered summary');
    $hand->w->sees('.soldered .order', "LED 1's long leg");
    $hand->click('.soldered [value=behind]');
    $hand->w->until(fn (): bool => $hand->w->shows('.side.behind'), 'the row is seen from behind');
    ends($hand, 'It glows as it should');
});

it('makes a rear lamp in two levels, a wire for each', function (): void {
    $hand = begun(['#place' => 'road_vehicle', '#glows' => 'Two-level tail and stop lamp, 12 V'], '1');
    $hand->click('#switching summary');
    $hand->w->until(fn (): bool => count($hand->w->all('#way-cards .card-way')) > 10, 'the ways are laid out');
    $base = $hand->w->base();
    $hand->press('Use this way: a wire per function');
    $hand->w->until(fn (): bool => $hand->w->base() > $base, 'the way is used');
    $hand->w->settle();
    if ($hand->w->all('#way-cards .card-way') === []) {
        $hand->click('#switching summary');
    }
    $hand->w->until(
        fn (): bool => $hand->w->all('#way-cards .used .act') !== [],
        'the way on the bench can say the wishes',
    );
    $hand->press('Let the wishes say what it does');
    ends($hand, 'brake on', 'It glows as it should');
});

it('makes five metres in colours in two runs with an amplifier', function (): void {
    $hand = begun(['#place' => 'stall', '#supply' => 'house_bank_12', '#glows' => 'strip_rgb_12_144'], '5 m');
    $hand->click('#clause-control');
    $hand->w->sees('#clause', 'colour');
    $hand->click('.choice [aria-label^="Choose it: a colour controller"]');
    $hand->w->sees('#head-sentence', 'colour of');
    $base = $hand->w->base();
    $hand->press('Use two runs');
    $hand->w->until(fn (): bool => $hand->w->base() > $base, 'there are two runs');
    $hand->w->settle();
    $hand->click('#switching summary');
    $hand->w->until(fn (): bool => count($hand->w->all('#way-cards .card-way')) > 10, 'the ways are laid out');
    $base = $hand->w->base();
    $hand->press('Use this way: colour controller with an amplifier');
    $hand->w->until(fn (): bool => $hand->w->base() > $base, 'the second run has its amplifier');
    $hand->w->sees('#head-sentence', 'amplifier');
    ends($hand, 'It glows as it should');
});

it('makes a lid light behind a plunger, fed by a tap at the fuse box', function (): void {
    $hand = begun(['#place' => 'boat', '#when' => 'lid']);
    $hand->click('#clause-source');
    $hand->w->sees('#clause', 'tap');
    $hand->presses++;
    $hand->w->script(
        '[...document.querySelectorAll(".choice .button")].find((b) => b.getAttribute("aria-label").includes("tap")).click()',
    );
    $hand->w->until(fn (): bool => ! str_contains($hand->w->text('#clause-source'), 'house bank'), 'it is fed otherwise');
    ends($hand, 'It glows as it should');
});

it('keeps a lamp that runs with a motor whole: a diode into its feed, tried on before it is put in', function (): void {
    $hand = begun(['#place' => 'boat', '#when' => 'engine']);
    $base = $hand->w->base();
    $hand->presses++;
    $hand->w->script(
        'const all = document.querySelectorAll("#drawing svg.wide g[data-opens] path");'.
            'all[all.length - 1].dispatchEvent(new MouseEvent("click", {bubbles: true}))',
    );
    $hand->w->sees('#opened h2', 'Between');
    $hand->presses++;
    $hand->w->script(
        '[...document.querySelectorAll("#opened .offer a, #opened .offer button")]'.
            '.find((o) => o.textContent.includes("Diode")).click()',
    );
    $hand->w->until(fn (): bool => str_contains($hand->w->text('.offer.here'), 'Diode'), 'the diode is in hand');
    $hand->w->settle();
    $hand->click('.offer.here .button');
    $hand->w->until(fn (): bool => $hand->w->base() > $base, 'it is put in');
    $hand->w->until(fn (): bool => $hand->w->all('#drawing svg.wide .sym.diode') !== [], 'it is drawn');
    ends($hand, 'It glows as it should');
});

it('makes the cabinet light by keyboard alone', function (): void {
    $hand = new Hand(Bench::here()->window());
    $hand->w->open('/');
    $hand->w->script('document.activeElement.blur()');
    $hand->keys('b', 'c', 'a', 'b');
    $hand->tabTo('.four-more summary');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->tabTo('#when');
    $hand->keys('w', 'h', 'e', 'n', ' ', 'a', ' ', 'd');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->tabTo('#budget');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->w->find('#head-sentence');
    $hand->w->sees('#head-sentence', 'switched by');
    $hand->tabTo('#clause-control');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->w->sees('#clause', 'A dimmer');
    $hand->tabTo('.choice [aria-label^="Choose it: a dimmer"]');
    $hand->keys(WebDriverKeys::ENTER);
    ends($hand, 'dimmed by dimmer', 'It glows as it should');
});
