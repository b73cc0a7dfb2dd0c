<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Bench;
use Tests\Support\Window;

/** A hand that counts what it presses: a click, a key, a choice in a list, a value typed; by mouse, or by keyboard alone. */
final class Hand
{
    /** Places the keyboard reaches, in the order of the page. */
    private const PLACES = <<<'JS'
    const places = [...document.querySelectorAll(
        'a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex="0"]',
    )].filter((e) => !e.disabled && e.tabIndex >= 0 && e.getClientRects().length > 0
        && (e.type !== 'radio' || e.checked || !document.querySelector(`[name="${e.name}"]:checked`)));
    const target = arguments[0] instanceof Element ? arguments[0] : document.querySelector(arguments[0]);
    const from = places.indexOf(document.activeElement);
    return places.indexOf(target) - from;
    JS;

    public int $presses = 0;

    public function __construct(public readonly Window $w, private readonly bool $byMouse)
    {
    }

    public static function by(string $means): self
    {
        $hand = new self(Bench::here()->window(), $means === 'mouse');
        $hand->w->open('/');

        return $hand;
    }

    public function click(string $css): void
    {
        if ($this->byMouse) {
            $this->presses++;
            $this->w->script('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', $css);
            $this->w->click($css);

            return;
        }
        // Of a choice of several Tab comes to what is chosen, arrows go on from there.
        if ($this->w->script('return document.querySelector(arguments[0]).type === "radio"', $css)) {
            $this->to(
                '[name="'.$this->w->script('return document.querySelector(arguments[0]).name', $css).'"]:checked',
            );
            $this->keys(WebDriverKeys::ARROW_RIGHT);

            return;
        }
        $this->to($css);
        $this->at('summary') && $this->w->script('return document.activeElement.parentElement.open')
            ? null
            : $this->keys(WebDriverKeys::ENTER);
    }

    public function choose(string $css, string $value): void
    {
        if ($this->byMouse) {
            $this->presses++;
            $this->w->choose($css, $value);

            return;
        }
        $this->to($css);
        $letters = $this->w->script(
            'const all = [...document.activeElement.options].map((o) => o.text.trim().toLowerCase());'.
                'const text = all[[...document.activeElement.options].findIndex((o) => o.value === arguments[0])];'.
                'for (let n = 1; n <= text.length; n++) {'.
                ' if (all.find((o) => o.startsWith(text.slice(0, n))) === text) return text.slice(0, n); } return text;',
            $value,
        );
        // Typed as a value is: one press, whatever its letters.
        $this->presses++;
        $this->w->keys(...mb_str_split($letters));
        expect($this->w->script('return document.activeElement.value'))->toBe($value);
    }

    public function type(string $css, string $text): void
    {
        if ($this->byMouse) {
            $this->presses++;
            $this->w->type($css, $text);

            return;
        }
        $this->to($css);
        // What is typed counts as one press either way.
        $this->w->script('document.activeElement.select()');
        $this->keys($text);
    }

    /** What has a key of its own: its button pressed, or the key. */
    public function stroke(string $css, string $key): void
    {
        if ($this->byMouse) {
            $this->click($css);

            return;
        }
        $this->free();
        $this->keys($key);
    }

    /** Out of a field, where letters are letters. */
    private function free(): void
    {
        if ($this->w->script('return document.activeElement.matches("input:not([type=radio]),select,textarea")')) {
            $this->keys(WebDriverKeys::ESCAPE);
        }
    }

    /** What is folded is opened by its words; by keyboard its key does that on the way. */
    public function shows(string $css): void
    {
        if ($this->byMouse) {
            $this->click("{$css} summary");
        }
    }

    /** The form's button; by keyboard Enter in one of its fields. */
    public function send(string $button, string $field): void
    {
        $this->byMouse || $this->w->script('return document.activeElement.type') === 'text'
            ? ($this->byMouse
                ? $this->click($button)
                : $this->keys(WebDriverKeys::ENTER))
            : $this->click($field);
    }

    /** A button by what is written on it. */
    public function press(string $words, string $within = 'body'): void
    {
        $this->w->script(
            'document.querySelectorAll("[data-hand]").forEach((e) => e.removeAttribute("data-hand"));'.
                '[...document.querySelector(arguments[1]).querySelectorAll("button, a.button, .offer a")]'.
                '.find((b) => (b.getAttribute("aria-label") ?? "").includes(arguments[0])'.
                ' || b.textContent.includes(arguments[0])).setAttribute("data-hand", "")',
            $words,
            $within,
        );
        $this->click('[data-hand]');
    }

    /** The last wire of the drawing: pressed, or gone to by arrows. */
    public function openLast(): void
    {
        if ($this->byMouse) {
            $this->presses++;
            $this->w->script(
                'const all = document.querySelectorAll("#drawing svg.wide g[data-opens] path");'.
                    'all[all.length - 1].dispatchEvent(new MouseEvent("click", {bubbles: true}))',
            );

            return;
        }
        $this->w->script('document.activeElement.blur()');
        $this->keys('d');
        for ($n = 0; $n < 4; $n++) {
            $this->keys(WebDriverKeys::ARROW_RIGHT);
        }
        $this->keys(WebDriverKeys::ENTER);
    }

    public function keys(string ...$keys): void
    {
        $this->presses += count($keys);
        $this->w->keys(...$keys);
    }

    /** There by the key that leads near it, and by Tab, forwards or back, whichever is nearer; each is a press. */
    private function to(string $css): void
    {
        $this->w->find($css);
        $this->near($css);
        for ($n = 0; $n < 60 && ! $this->at($css); $n++) {
            $far = (int) $this->w->script(self::PLACES, $css);
            $back = $far < 0;
            if (abs($far) > 2 && $this->at('.way-list *')) {
                $this->keys($back ? WebDriverKeys::ARROW_UP : WebDriverKeys::ARROW_DOWN);

                continue;
            }
            $this->keys(...$back ? [WebDriverKeys::SHIFT.WebDriverKeys::TAB] : [WebDriverKeys::TAB]);
            $back && $this->w->driver->getKeyboard()->releaseKey(WebDriverKeys::SHIFT);
        }
        expect($this->at($css))->toBeTrue("the keyboard reaches {$css}");
    }

    private function near(string $css): void
    {
        if (abs((int) $this->w->script(self::PLACES, $css)) <= 4) {
            return;
        }
        $keys = [
            '.pin' => 'f',
            '#switching' => 'w',
            '.wish-edit' => 'v',
            '#wish' => 'y',
            '.clauses' => 'k',
            '#cards' => 'p',
        ];
        foreach ($keys as $place => $key) {
            if (
                ! $this->w->script(
                    'return document.querySelector(arguments[0]).closest(arguments[1]) !== null',
                    $css,
                    $place,
                )
            ) {
                continue;
            }
            $this->free();
            do {
                $this->keys($key);
                $there =
                    $place !== '.pin' ||
                    $this->w->script(
                        'return document.activeElement.contains(document.querySelector(arguments[0]))',
                        $css,
                    );
            } while (! $there && $this->presses < 60);

            return;
        }
    }

    private function at(string $css): bool
    {
        return $this->w->script('return document.activeElement.matches(arguments[0])', $css) === true;
    }
}

dataset('means', ['mouse', 'keyboard']);

/** @param  array<string, string>  $choices  field => value */
function begun(string $means, array $choices, string $amount = ''): Hand
{
    $hand = Hand::by($means);
    $hand->choose('#place', $choices['#place']);
    $hand->click('.four-more summary');
    foreach (array_diff_key($choices, ['#place' => '']) as $field => $value) {
        $field === '#glows' ? $hand->type($field, $value) : $hand->choose($field, $value);
    }
    if ($amount !== '') {
        $hand->type('#amount', $amount);
    }
    $hand->send('.start-one .is-primary', '#budget');
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

it('makes a cabinet light behind its door with a dimmer', function (string $means): void {
    $hand = begun($means, ['#place' => 'cabinet', '#when' => 'door']);
    $hand->click('#clause-control');
    $hand->w->sees('#clause', 'A dimmer');
    $hand->click('.choice [aria-label^="Choose it: a dimmer"]');
    ends($hand, 'dimmed by dimmer', 'It glows as it should');
})->with('means');

it('makes a step light that follows a lamp to ground or its own rocker', function (string $means): void {
    $hand = begun($means, ['#place' => 'boat', '#when' => 'host_ground']);
    $hand->shows('.wish-edit');
    $hand->type('#signal-label', 'Step rocker');
    $hand->send('.wish-edit .adder-form .button', '#signal-label');
    $hand->w->until(
        fn (): bool => str_contains(
            (string) $hand->w->script('return document.getElementById("inputs-said").innerHTML'),
            'step rocker',
        ),
        'the rocker can be wished by',
    );
    $hand->shows('.wish-edit');
    $hand->type('#wish-0', 'courtesy on or step rocker on');
    $hand->keys(WebDriverKeys::ENTER);
    $hand->w->sees('#head-sentence', 'It does not glow as it should');
    $hand->stroke('#find-circuits', 'y');
    $hand->w->sees('#wish', 'proven');
    $hand->click('.wish-list li:not(.used) .button');
    ends($hand, 'courtesy on or step rocker on', 'It glows as it should');
})->with('means');

it('makes a turn row of LEDs that flashes with the lamp, and reads how it is soldered', function (string $means): void {
    $hand = begun(
        $means,
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
})->with('means');

it('makes a rear lamp in two levels, a wire for each', function (string $means): void {
    $hand = begun($means, ['#place' => 'road_vehicle', '#glows' => 'Two-level tail and stop lamp, 12 V'], '1');
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
})->with('means');

it('makes five metres in colours in two runs with an amplifier', function (string $means): void {
    $hand = begun($means, ['#place' => 'stall', '#supply' => 'house_bank_12', '#glows' => 'strip_rgb_12_144'], '5 m');
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
})->with('means');

it('makes a lid light behind a plunger, fed by a tap at the fuse box', function (string $means): void {
    $hand = begun($means, ['#place' => 'boat', '#when' => 'lid']);
    $hand->click('#clause-source');
    $hand->w->sees('#clause', 'tap');
    $hand->press('tap', '#clause');
    $hand->w->until(fn (): bool => ! str_contains($hand->w->text('#clause-source'), 'house bank'), 'it is fed otherwise');
    ends($hand, 'It glows as it should');
})->with('means');

it('keeps a lamp that runs with a motor whole: a diode into its feed, tried on before it is put in', function (
    string $means,
): void {
    $hand = begun($means, ['#place' => 'boat', '#when' => 'engine']);
    $base = $hand->w->base();
    $hand->openLast();
    $hand->w->sees('#opened h2', 'Between');
    $hand->press('Diode');
    $hand->w->until(fn (): bool => str_contains($hand->w->text('.offer.here'), 'Diode'), 'the diode is in hand');
    $hand->w->settle();
    $hand->click('.offer.here .button');
    $hand->w->until(fn (): bool => $hand->w->base() > $base, 'it is put in');
    $hand->w->until(fn (): bool => $hand->w->all('#drawing svg.wide .sym.diode') !== [], 'it is drawn');
    ends($hand, 'It glows as it should');
})->with('means');
