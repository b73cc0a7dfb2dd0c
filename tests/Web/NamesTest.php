<?php

declare(strict_types=1);

use App\Store\Demo;
use BenchGlow\Build\Build;

/** What a builder reads of a page: its words, the names said to a machine, what stands in fields and lists; no addresses. */
function readable(string $html): string
{
    $shown = (string) preg_replace(['~<(script|style).*?</\1>~s', '~<option[^>]*>~'], ['', '<option>'], $html);
    preg_match_all(
        '~(?:aria-label|placeholder|title)="([^"]*)"|<input[^>]*class="typed"[^>]*value="([^"]*)"~',
        $shown,
        $said,
    );

    return html_entity_decode(
        implode(' ', [...$said[1], ...$said[2], preg_replace('/<[^>]+>/', ' ', $shown)]),
        ENT_QUOTES,
    );
}

it('shows no id, no path of the file and no word of the code on any page of a demo build', function (
    string $name,
): void {
    $build = $this->hungExample($name);
    $typed = Build::of($this->stands($build));
    $pages = ['handover', 'sheet', 'history', 'find?q=a', 'probe', 'probe?wire=p1&hand=1'];
    foreach (array_slice(array_keys($typed->circuits), 0, 2) as $circuit) {
        $lead = array_key_first(array_filter($typed->leads, fn ($l): bool => $l->circuit === $circuit));
        array_push(
            $pages,
            "circuit?c={$circuit}&leads=1&clause=switching",
            "circuit?c={$circuit}&w={$lead}.1",
            "wish?c={$circuit}&wish=1",
            "brief?c={$circuit}",
        );
    }
    foreach ($pages as $page) {
        $text = readable(
            (string) $this->get("/b/{$build->key}/{$page}")
                ->assertOk()
                ->getContent(),
        );
        preg_match_all('/`[\w.]+`|\b[a-z][a-z0-9]*(?:_[a-z0-9]+)+\b/', $text, $found);
        expect(array_values(array_unique($found[0])))->toBe([], "{$name}: {$page}");
    }
})->with(Demo::BUILDS);
