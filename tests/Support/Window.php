<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use RuntimeException;

/** One browser window as a person uses it. Waits for what it expects, never for a fixed time. */
final class Window
{
    public function __construct(public readonly RemoteWebDriver $driver, private readonly string $url)
    {
    }

    public function open(string $path): self
    {
        $this->driver->get($this->url.$path);

        return $this;
    }

    public function build(string $title): self
    {
        $this->open('/');
        $hangs = fn (): bool => $this->all('.hung a') !== [] && $this->all('.hangs.pending') === [];
        $this->until($hangs, 'the wall shows its builds, all solved');
        foreach ($this->all('.hung a') as $link) {
            if (str_contains($link->getText(), $title)) {
                $this->driver->get((string) $link->getDomProperty('href'));

                return $this;
            }
        }
        throw new RuntimeException("{$title} does not hang on the wall.");
    }

    /**
     * An example as a build of its own: what hangs on the wall is changed by other tests.
     *
     * @return string its address
     */
    public function bringIn(string $example): string
    {
        $this->open('/');
        $this->find('input[type=file]')
            ->setFileDetector(new LocalFileDetector())
            ->sendKeys((string) realpath(__DIR__."/../../examples/{$example}.glow.json"))
            ->submit();
        $here = fn (): string => $this->driver->getCurrentURL();
        $this->until(fn (): bool => str_contains($here(), '/circuit'), 'the build is brought in');

        return (string) preg_replace('#/circuit.*$#', '', $here());
    }

    /** @return list<RemoteWebElement> */
    public function all(string $css): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    public function find(string $css): RemoteWebElement
    {
        $found = [];
        $this->until(
            function () use (&$found, $css): bool {
                $found = $this->all($css);

                return $found !== [];
            },
            "{$css} is there",
        );

        return $found[0];
    }

    public function text(string $css): string
    {
        return $this->steady(fn (): string => $this->find($css)->getText());
    }

    public function shows(string $css): bool
    {
        return $this->steady(fn (): bool => $this->find($css)->isDisplayed());
    }

    /**
     * Done again where the answer of an edit swapped the element in between.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public function steady(callable $do): mixed
    {
        for ($n = 0; ; $n++) {
            try {
                return $do();
            } catch (StaleElementReferenceException $e) {
                if ($n > 20) {
                    throw $e;
                }
            }
        }
    }

    /** How fast it is is measured elsewhere: a full machine is waited for, what never comes is told with what the page says. */
    public function until(callable $holds, string $what, int $seconds = 60): void
    {
        $until = hrtime(true) + $seconds * 1e9;
        do {
            try {
                if ($holds()) {
                    return;
                }
            } catch (StaleElementReferenceException) {
                // swapped while it was read
            }
            usleep(15_000);
        } while (hrtime(true) < $until);
        $said = $this->script(
            'return [...document.querySelectorAll("#unkept, #elsewhere, .wrong, [role=alert], .htmx-request")]'.
                '.map((e) => (e.id || e.className) + ": " + e.textContent.trim().slice(0, 200)).join(" / ")',
        );
        throw new RuntimeException(
            "Waited in vain until {$what}. Page: ".
                "{$this->driver->getCurrentURL()} [{$said}] ".implode(' / ', $this->complaints()),
        );
    }

    /** Waits until no answer is awaited any more. */
    public function settle(): void
    {
        $this->until(
            fn (): bool => $this->script(
                'return document.querySelector(".htmx-request, .htmx-swapping, .htmx-settling") === null',
            ) === true,
            'every answer is in',
        );
    }

    public function sees(string $css, string $text): void
    {
        $says = fn (): string => $this->all($css) === [] ? '' : $this->all($css)[0]->getText();
        try {
            $this->until(fn (): bool => str_contains($says(), $text), "{$css} says '{$text}'");
        } catch (RuntimeException $e) {
            throw new RuntimeException("{$e->getMessage()} It says '{$says()}'.", previous: $e);
        }
    }

    /** Clears a field as a hand does and types into it, without leaving it. */
    public function type(string $css, string $text): void
    {
        $this->click($css);
        $this->steady(fn () => $this->find($css)->sendKeys([WebDriverKeys::CONTROL, 'a']));
        $this->steady(fn () => $this->find($css)->sendKeys($text));
    }

    public function enter(string $css, string $text): void
    {
        $this->type($css, $text);
        $this->keys(WebDriverKeys::ENTER);
    }

    public function choose(string $css, string $value): void
    {
        (new WebDriverSelect($this->find($css)))->selectByValue($value);
    }

    public function click(string $css): void
    {
        $this->steady(function () use ($css): void {
            $this->script('arguments[0].scrollIntoView({block: "center"})', $this->find($css));
            $this->find($css)->click();
        });
    }

    /** Keys to whatever has the focus. */
    public function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->driver->getKeyboard()->sendKeys($key);
        }
    }

    /** Tabs until an element has the focus; the only way a keyboard gets anywhere. */
    public function tabTo(string $css, int $most = 150): void
    {
        for ($n = 0; $n < $most; $n++) {
            if (
                $this->script('return document.activeElement && document.activeElement.matches(arguments[0])', $css) ===
                true
            ) {
                return;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        throw new RuntimeException("Tab never reached {$css}.");
    }

    public function script(string $code, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($code, $arguments);
    }

    public function base(): int
    {
        return (int) $this->find('#base')->getDomProperty('value');
    }

    /** @return list<string> rules of WCAG A and AA that the page breaks */
    public function violations(): array
    {
        $this->script((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $this->driver->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const tags = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
            const say = (n) => n.target.join(" ") + " " + (n.any[0] ? n.any[0].message : "");
            axe.run(document, { runOnly: tags }).then((r) =>
                done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 3).map(say).join(" | "))));
            JS
            ,
        );

        return is_array($found) ? array_values($found) : ['axe did not answer'];
    }

    /** @return list<string> what the console complained about: errors and policy reports */
    public function complaints(): array
    {
        $bad = [];
        foreach ((array) $this->driver->manage()->getLog('browser') as $entry) {
            // The browser notes every 4xx answer itself; 401, 409 and 422 are how a refusal is told.
            if (
                is_array($entry) &&
                in_array($entry['level'] ?? '', ['SEVERE', 'WARNING'], true) &&
                preg_match('/status of (401|409|422)/', (string) ($entry['message'] ?? '')) !== 1
            ) {
                $bad[] = (string) $entry['message'];
            }
        }

        return $bad;
    }

    /** The net goes away from this window, or comes back. */
    public function offline(bool $off): void
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => $off,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    public function close(): void
    {
        $this->driver->quit();
    }
}
